/**
 * Pictures of the inside of a plan's bars, and the named patterns. Entry classes: {@link
 * app.geminal.server.picture.PictureController}, {@link
 * app.geminal.server.picture.PatternController}.
 */
@NullMarked
package app.geminal.server.picture;

import org.jspecify.annotations.NullMarked;

/**
 * Pictures of the inside as open files. Entry classes: {@link app.geminal.library.picture.Png} and
 * {@link app.geminal.library.picture.Svg}; both carry their scale.
 */
@NullMarked
package app.geminal.library.picture;

import org.jspecify.annotations.NullMarked;

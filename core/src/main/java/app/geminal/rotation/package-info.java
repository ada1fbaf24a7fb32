/**
 * A day's order of work at the fire for several billets. Entry class: {@link
 * app.geminal.rotation.Rotation}.
 */
@NullMarked
package app.geminal.rotation;

import org.jspecify.annotations.NullMarked;

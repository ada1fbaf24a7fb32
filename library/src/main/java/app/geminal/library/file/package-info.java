/**
 * Open files in JSON: what one says of itself first, and what is wrong with one that cannot be
 * taken. Entry class: {@link app.geminal.library.file.OpenFormat}.
 */
@NullMarked
package app.geminal.library.file;

import org.jspecify.annotations.NullMarked;

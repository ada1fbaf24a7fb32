/**
 * The whole shop as one archive of open files, out and in again. Entry class: {@link
 * app.geminal.server.archive.Archives}; the format is in docs/formats/archive.md.
 */
@NullMarked
package app.geminal.server.archive;

import org.jspecify.annotations.NullMarked;

/**
 * Reading what is stored, row by row, so that one bad row hides no other. Entry class: {@link
 * app.geminal.server.stored.StoredRow}.
 */
@NullMarked
package app.geminal.server.stored;

import org.jspecify.annotations.NullMarked;

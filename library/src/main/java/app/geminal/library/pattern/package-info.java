/**
 * Named patterns as plans. Entry class: {@link app.geminal.library.pattern.ShippedPatterns}, the
 * table that comes with a release.
 */
@NullMarked
package app.geminal.library.pattern;

import org.jspecify.annotations.NullMarked;

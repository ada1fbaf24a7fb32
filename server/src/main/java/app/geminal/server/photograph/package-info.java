/**
 * Photographs that are measured and not kept: layers counted on an etched end, pieces measured
 * beside a gauge card, a pattern laid beside its plan, dark lines proposed as flaws. Entry class:
 * {@link app.geminal.server.photograph.CountController}. What comes of it is kept in the Book, with
 * the photograph, once the smith says so.
 */
@NullMarked
package app.geminal.server.photograph;

import org.jspecify.annotations.NullMarked;

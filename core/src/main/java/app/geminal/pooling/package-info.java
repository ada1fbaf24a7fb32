/**
 * The welds of several shops together. Entry classes: {@link app.geminal.pooling.SharedWelds}, what
 * leaves a shop; {@link app.geminal.pooling.RecordDoubt}, what speaks against counting another
 * shop's.
 */
@NullMarked
package app.geminal.pooling;

import org.jspecify.annotations.NullMarked;

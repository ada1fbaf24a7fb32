/**
 * Where the joints of a weld bond and where not, patch by patch. Entry classes: {@link
 * app.geminal.weldmap.WeldMapper}, the weld maps of a plan; {@link app.geminal.weldmap.WeldMap},
 * what is expected of one weld; {@link app.geminal.weldmap.Unknown}, what no one knows and is
 * sampled.
 */
@NullMarked
package app.geminal.weldmap;

import org.jspecify.annotations.NullMarked;

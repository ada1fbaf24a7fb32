/**
 * Plates, saw blades and wide bars ripped into pieces: every cut passes from edge to edge of what
 * it divides, and takes its kerf. Entry class: {@link app.geminal.ripping.Ripping}.
 */
@NullMarked
package app.geminal.ripping;

import org.jspecify.annotations.NullMarked;

/**
 * Where the welds of a plan bond, and what would help. Entry class: {@link
 * app.geminal.server.weldmap.WeldMapController}.
 */
@NullMarked
package app.geminal.server.weldmap;

import org.jspecify.annotations.NullMarked;

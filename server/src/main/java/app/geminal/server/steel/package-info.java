/**
 * The steels at hand: shipped, the shop's own, and the bars on the shelf. Entry class: {@link
 * app.geminal.server.steel.SteelController}.
 */
@NullMarked
package app.geminal.server.steel;

import org.jspecify.annotations.NullMarked;

/**
 * Work that takes all processors waits its turn. Entry class: {@link
 * app.geminal.server.turn.Turns}.
 */
@NullMarked
package app.geminal.server.turn;

import org.jspecify.annotations.NullMarked;

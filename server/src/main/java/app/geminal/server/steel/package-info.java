/**
 * The steels that ship with the application. Entry class: {@link
 * app.geminal.server.steel.ShippedSteels}.
 */
@NullMarked
package app.geminal.server.steel;

import org.jspecify.annotations.NullMarked;

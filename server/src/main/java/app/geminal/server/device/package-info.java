/**
 * Tablets and phones that are signed in by a code instead of a password. Entry class: {@link
 * app.geminal.server.device.Devices}.
 */
@NullMarked
package app.geminal.server.device;

import org.jspecify.annotations.NullMarked;

/**
 * What the shop has learned from its sessions at the fire, kept from one to the next, and what of
 * it plans are calculated with. Entry class: {@link
 * app.geminal.server.calibration.CalibrationService}.
 */
@NullMarked
package app.geminal.server.calibration;

import org.jspecify.annotations.NullMarked;

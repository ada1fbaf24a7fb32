/**
 * Readings of the forge's and the press's instruments: whether they can be believed, and which are
 * kept. Entry classes: {@link app.geminal.instrument.SensorMonitor} and {@link
 * app.geminal.instrument.Downsampling}.
 */
@NullMarked
package app.geminal.instrument;

import org.jspecify.annotations.NullMarked;

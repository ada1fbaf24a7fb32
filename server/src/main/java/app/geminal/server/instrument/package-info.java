/**
 * What measures at the fire: a thermocouple or controller and a gauge at the press, asked over
 * Modbus TCP, or a logger's file. Entry class: {@link app.geminal.server.instrument.Instruments}.
 */
@NullMarked
package app.geminal.server.instrument;

import org.jspecify.annotations.NullMarked;

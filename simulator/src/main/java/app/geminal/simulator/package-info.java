/**
 * A forge and a press that are not there: {@link app.geminal.simulator.SimulatedForge} and {@link
 * app.geminal.simulator.SimulatedPress} behave by the core's own physics and know nothing of
 * networks; {@link app.geminal.simulator.SimulatedBench} answers for both over Modbus TCP on
 * loopback, with the faults instruments have.
 */
@NullMarked
package app.geminal.simulator;

import org.jspecify.annotations.NullMarked;

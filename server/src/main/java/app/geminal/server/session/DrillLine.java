package app.geminal.server.session;

import app.geminal.simulator.Drill;

/**
 * How far a person has come with a drill.
 *
 * @param drill what is wrong on purpose
 * @param runs practice runs of it that have ended
 * @param sound those of them in which every joint came out sound
 */
record DrillLine(Drill drill, int runs, int sound) {}

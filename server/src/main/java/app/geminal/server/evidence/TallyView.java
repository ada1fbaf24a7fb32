package app.geminal.server.evidence;

import app.geminal.evidence.Interval;
import app.geminal.evidence.WeldTally;

/**
 * Welds counted.
 *
 * @param held sound welds
 * @param open delaminated welds
 * @param suspect suspect welds
 * @param openShare of the decided ones, with its limits
 * @param limits lower and upper end of the 90 % interval
 * @param tooFew whether there are too few welds to report
 */
record TallyView(
    int held, int open, int suspect, double openShare, Interval limits, boolean tooFew) {
  static TallyView of(WeldTally t) {
    return new TallyView(
        t.held(), t.open(), t.suspect(), t.openShare(), t.interval(), t.isTooFew());
  }
}

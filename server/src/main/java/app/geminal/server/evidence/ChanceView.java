package app.geminal.server.evidence;

import app.geminal.evidence.HoldModel;
import app.geminal.evidence.Interval;

/**
 * A chance and its limits.
 *
 * @param mean mean, 0 to 1
 * @param limits lower and upper end of the 90 % interval
 * @param welds own welds it is estimated from
 * @param tooFew whether there are too few welds to report
 */
record ChanceView(double mean, Interval limits, int welds, boolean tooFew) {
  static ChanceView of(HoldModel.Prediction f) {
    return new ChanceView(f.mean(), f.limits(), f.welds(), f.isTooFew());
  }
}

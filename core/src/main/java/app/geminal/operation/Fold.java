package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.check.Require;
import app.geminal.layers.LayerSequence;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.units.Measure;
import java.util.List;

/**
 * Each bar cut half through and folded on itself, top face to top face: half as long, twice as
 * high, one joint, in which one steel always meets itself.
 *
 * @param endLossMm length of the bar that goes with the fold's bent end, cut off later; 0 to 500
 */
public record Fold(double endLossMm) implements Operation {

  /** Checks the field. */
  public Fold {
    Require.lengthUpTo("endLossMm", endLossMm, 500);
  }

  @Override
  public Outcome applyTo(Bars bars, Practice practice) {
    double length = (bars.lengthMm() - endLossMm) / 2;
    if (length <= 0) {
      return new Impossible(
          "endLossMm",
          "The bent end takes %s of a bar %s long."
              .formatted(Measure.mm(endLossMm), Measure.mm(bars.lengthMm())),
          "Draw the bar longer before folding.");
    }
    LayerSequence folded = LayerSequence.join(List.of(bars.layers(), bars.layers().turned()));
    Bars after =
        new Bars(
            bars.count(),
            bars.widthMm(),
            length,
            folded,
            Math.multiplyExact(bars.shopCount(), 2L),
            true);
    Loss end = new Loss(LossKind.TRIM, bars.amount().times(endLossMm / bars.lengthMm()));
    return new Done(after, List.of(end), Amount.NONE, 1);
  }
}

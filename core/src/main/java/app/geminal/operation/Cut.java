package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.check.Require;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.units.Measure;

/**
 * Sawing each bar into equal pieces.
 *
 * @param pieces from each bar; 2 to 60
 * @param kerfMm width of the saw cut; 0 to 20
 */
public record Cut(int pieces, double kerfMm) implements Operation {

  /** Checks both fields. */
  public Cut {
    Require.count("pieces", pieces, 2, 60);
    Require.lengthUpTo("kerfMm", kerfMm, 20);
  }

  @Override
  public Outcome applyTo(Bars bars, Practice practice) {
    double kerfs = kerfMm * (pieces - 1);
    double length = (bars.lengthMm() - kerfs) / pieces;
    if (length <= 0) {
      return new Impossible(
          "pieces",
          "%d saw cuts of %s leave nothing of a bar %s long."
              .formatted(pieces - 1, Measure.mm(kerfMm), Measure.mm(bars.lengthMm())),
          "Cut fewer pieces.");
    }
    Bars cut =
        new Bars(
            Math.multiplyExact(bars.count(), pieces),
            bars.widthMm(),
            length,
            bars.layers(),
            bars.shopCount(),
            bars.loose());
    return Done.of(cut, new Loss(LossKind.KERF, bars.amount().times(kerfs / bars.lengthMm())));
  }
}

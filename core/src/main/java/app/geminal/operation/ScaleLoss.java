package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.layers.Face;
import app.geminal.layers.LayerSequence;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;

/**
 * Scale taken off all six faces of a bar. Reckoned on the surface before the bar is shaped, which
 * slightly understates a long draw. Package use only.
 */
final class ScaleLoss {
  private static final double LEAST_LEFT_MM = 0.01;

  private ScaleLoss() {}

  /** The bars without their skin, or why there is nothing left of them. */
  static Outcome takenFrom(Bars bars, double skinMm) {
    double width = bars.widthMm() - 2 * skinMm;
    double length = bars.lengthMm() - 2 * skinMm;
    if (width <= 0 || length <= 0 || bars.heightMm() - 2 * skinMm <= LEAST_LEFT_MM) {
      return new Impossible(
          "", "The bar would burn away: scale takes more than is there.", "Plan fewer heats.");
    }
    LayerSequence core = bars.layers().without(Face.BOTTOM, skinMm).without(Face.TOP, skinMm);
    double edges = 1 - width * length / bars.faceMm2();
    Amount lost =
        bars.amount()
            .times(edges)
            .plus(
                Amount.ofLayers(bars.layers().thicknessBySteel(), width * length)
                    .plus(Amount.ofLayers(core.thicknessBySteel(), -width * length))
                    .times(bars.count()));
    Bars left = new Bars(bars.count(), width, length, core, bars.shopCount(), bars.loose());
    return Done.of(left, new Loss(LossKind.SCALE, lost));
  }
}

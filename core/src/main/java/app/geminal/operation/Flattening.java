package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.geometry.FilledHollows;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.units.Quantity;

/**
 * What comes after hollows were made in the broad faces. Ground or drilled ones are steel gone, and
 * the bar is forged down until they are flush, which makes it longer. Pressed ones are steel moved
 * aside, and what is proud is ground off. Either way the counting line keeps its layers, thinned
 * alike: what it loses in a land it keeps in a hollow. Package use only.
 *
 * @param hollows how deep they are where
 * @param bothFaces whether both broad faces have them
 * @param heightMm to go down to
 */
record Flattening(FilledHollows.Hollows hollows, boolean bothFaces, double heightMm) {
  private static final double LEAST_LEFT_MM = 0.01;

  /**
   * Ground or drilled hollows, then forged down.
   *
   * @param removedMm3 from each bar
   */
  OperationResult forged(Done scaled, double removedMm3) {
    Bars bars = scaled.bars();
    double solid = bars.widthMm() * bars.section().heightMm() * bars.lengthMm() * bars.boxShare();
    if (removedMm3 >= solid || heightMm <= LEAST_LEFT_MM) {
      return new Impossible(
          "depthMm",
          OperationText.GROOVES_GO_THROUGH_BAR.with("height", Quantity.mm(bars.heightMm())),
          OperationText.MAKE_THEM_SHALLOWER_OR_BAR_THICKER.with());
    }
    double left = 1 - removedMm3 / solid;
    double length = bars.lengthMm() * left * bars.section().heightMm() / heightMm;
    return scaled
        .then(filled(bars, length, false, 0))
        .withLosses(new Loss(LossKind.GRINDING, bars.amount().times(1 - left)))
        .with(Done.MOVED);
  }

  /**
   * Pressed hollows, what is proud ground off.
   *
   * @param meanMm how deep the hollows of one face are on average
   */
  OperationResult ground(Done scaled, double meanMm) {
    Bars bars = scaled.bars();
    if (heightMm <= LEAST_LEFT_MM) {
      return new Impossible(
          "depthMm",
          OperationText.GRINDING_DOWN_TO_GROOVES_USES_UP.with(
              "height", Quantity.mm(bars.heightMm())),
          OperationText.PRESS_THEM_SHALLOWER_OR_MAKE_BAR.with());
    }
    return scaled
        .losing(LossKind.GRINDING, filled(bars, bars.lengthMm(), true, meanMm))
        .with(Done.MOVED);
  }

  private FilledHollows filled(Bars bars, double lengthMm, boolean isPressed, double meanMm) {
    Size before = Size.of(bars);
    Size after = new Size(lengthMm, before.width(), heightMm);
    return new FilledHollows(hollows, bothFaces, before, after, isPressed, meanMm);
  }
}

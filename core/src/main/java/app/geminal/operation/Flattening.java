package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.units.Quantity;

/**
 * What comes after hollows were made in the broad faces. Ground or drilled ones are steel gone, and
 * the bar is forged down until they are flush, which makes it longer. Pressed ones are steel moved
 * aside, and what is proud is ground off. Either way the counting line keeps its layers, thinned
 * alike: what it loses in a land it keeps in a hollow. Package use only.
 */
final class Flattening {
  private static final double LEAST_LEFT_MM = 0.01;

  private Flattening() {}

  /**
   * Ground or drilled hollows, then forged to a height.
   *
   * @param removedMm3 from each bar
   * @param heightMm to forge to
   */
  static OperationResult forged(Done scaled, double removedMm3, double heightMm) {
    Bars bars = scaled.bars();
    double solid = bars.widthMm() * bars.section().heightMm() * bars.lengthMm() * bars.boxShare();
    if (removedMm3 >= solid || heightMm <= LEAST_LEFT_MM) {
      return new Impossible(
          "depthMm",
          OperationText.GROOVES_GO_THROUGH_BAR.with("height", Quantity.mm(bars.heightMm())),
          OperationText.MAKE_THEM_SHALLOWER_OR_BAR_THICKER.with());
    }
    double left = 1 - removedMm3 / solid;
    Loss ground = new Loss(LossKind.GRINDING, bars.amount().times(1 - left));
    double length = bars.lengthMm() * left * bars.section().heightMm() / heightMm;
    Bars flat =
        bars.withSection(flattened(bars.section(), heightMm)).withFill(1).withLength(length);
    return scaled.with(flat).withLosses(ground).with(Done.MOVED);
  }

  /** Pressed hollows, what is proud ground off down to a height. */
  static OperationResult ground(Done scaled, double heightMm) {
    Bars bars = scaled.bars();
    if (heightMm <= LEAST_LEFT_MM) {
      return new Impossible(
          "depthMm",
          OperationText.GRINDING_DOWN_TO_GROOVES_USES_UP.with(
              "height", Quantity.mm(bars.heightMm())),
          OperationText.PRESS_THEM_SHALLOWER_OR_MAKE_BAR.with());
    }
    Bars flat = bars.withSection(flattened(bars.section(), heightMm)).withFill(1);
    return scaled
        .with(flat)
        .withLosses(new Loss(LossKind.GRINDING, bars.amount().minus(flat.amount())))
        .with(Done.MOVED);
  }

  private static Section flattened(Section section, double heightMm) {
    Section flat = section.resized(section.widthMm(), heightMm);
    return Section.wrought(flat.up(), flat.across(), flat);
  }
}

package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.geometry.SkinOff;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import java.util.function.Function;

/**
 * Scale taken off all six faces of a bar. Calculated on the surface before the bar is shaped, which
 * slightly understates a long draw.
 */
public final class ScaleLoss {
  private static final double LEAST_LEFT_MM = 0.01;

  private ScaleLoss() {}

  /** The bars without their skin, or why there is nothing left of them. */
  static OperationResult takenFrom(Bars bars, double skinMm) {
    return skinned(bars, skinMm, LossKind.SCALE, OperationText.SCALE_TAKES_THE_BAR);
  }

  /** Skin of so many heats at the shop's drawing heat, then whatever the step itself does. */
  public static OperationResult inHeats(
      Heated step, Bars bars, ShopDefaults defaults, Function<Done, OperationResult> afterwards) {
    return switch (takenFrom(bars, step.skinMm(defaults))) {
      case Impossible no -> no;
      case Done scaled -> afterwards.apply(scaled);
    };
  }

  static OperationResult skinned(Bars bars, double skinMm, LossKind kind, OperationText why) {
    if (skinMm <= 0) {
      return Done.of(bars);
    }
    double least = Math.min(bars.section().widthMm(), bars.section().heightMm());
    if (bars.lengthMm() - 2 * skinMm <= 0 || least - 2 * skinMm <= LEAST_LEFT_MM) {
      return new Impossible("", why.with(), OperationText.PLAN_FEWER_HEATS.with());
    }
    return Done.of(bars).losing(kind, SkinOff.everywhere(bars, skinMm));
  }
}

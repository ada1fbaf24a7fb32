package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.geometry.Corner;
import app.geminal.geometry.DiscTurn;
import app.geminal.layup.Stack;
import app.geminal.units.Quantity;

/**
 * Forged on its corners to a new square whose sides lie at an angle to the old ones, so that layers
 * run slanting. Area is kept less scale; a smaller side makes the bar longer.
 *
 * <p>The lines stay straight through the middle and cross what the smooth map of square to disc and
 * back puts on them: up to an eighth of a turn all layers, at a quarter turn none but the middle
 * one. Thicknesses along them are taken as even, which the map is not.
 *
 * @param angleDeg from the old sides to the new; above 0, to 90
 * @param sideMm of the new square, or 0 to keep the area; to 1000
 * @param heats 1 to 60; each costs scale at the shop's drawing heat
 */
public record Resquare(double angleDeg, double sideMm, int heats) implements Heated {
  /** What it is called, and its fields. */
  public static final OperationKind<Resquare> KIND =
      OperationKind.of(
          new StepName("resquare", StepName.At.FORGE, 'q'),
          Resquare.class,
          ShorthandText.AFTER_RESQUARE,
          (_, _) -> new Resquare(45, 0, 2),
          OperationField.of(
              "angleDeg", FieldType.angle(1, 90), Said.alone().usually(45.0).always()),
          OperationField.of(
              "sideMm", FieldType.length(Stack.WIDEST_MM), Said.after("to").usually(0.0)),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()));

  private static final double FLATTEST = 1.15;

  /** Checks every field. */
  public Resquare {
    KIND.check(angleDeg, sideMm, heats);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    double wide = Math.max(bars.widthMm(), bars.heightMm());
    if (wide > FLATTEST * Math.min(bars.widthMm(), bars.heightMm())) {
      return new Impossible(
          "angleDeg",
          OperationText.ONLY_SQUARE_BAR.with(
              "width", Quantity.mm(bars.widthMm()), "height", Quantity.mm(bars.heightMm())),
          OperationText.DRAW_IT_SQUARE_FIRST.with());
    }
    return ScaleLoss.inHeats(this, bars, bench.defaults(), this::forged);
  }

  private OperationResult forged(Done scaled) {
    Section from = scaled.bars().section();
    double whole = Math.sqrt(from.widthMm() * from.heightMm());
    double side = sideMm == 0 ? whole : sideMm;
    if (side > whole) {
      return new Impossible(
          "sideMm",
          OperationText.SQUARE_AT_MOST.with("most", Quantity.mm(whole)),
          OperationText.USE_SMALLER_SIDE_OR_LEAVE.with());
    }
    return scaled
        .then(DiscTurn.toSection(scaled.bars(), side, side, new Corner(angleDeg)))
        .with(Done.MOVED);
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public boolean isHeldOverCorners() {
    return true;
  }
}

package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.geometry.SkinOff;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Quantity;
import java.util.EnumSet;
import java.util.Set;

/**
 * Grinding the broad faces of every bar: to bright metal, or to the finished thickness. Faces that
 * meet at a restack can be ground there, which leaves the outsides alone.
 *
 * @param bottomMm off the bottom face; 0 to 100
 * @param topMm off the top face; 0 to 100
 */
public record Grind(double bottomMm, double topMm) implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Grind> KIND =
      OperationKind.of(
          new StepName("grind", StepName.At.BENCH, 'g'),
          Grind.class,
          ShorthandText.AFTER_GRIND,
          (_, shop) -> new Grind(shop.faceGrindMm(), shop.faceGrindMm()),
          OperationField.of(
              "bottomMm",
              FieldType.length(100),
              Said.alone().usuallyIn(ShopDefaults::faceGrindMm).always()),
          OperationField.of(
              "topMm", FieldType.length(100), Said.alone().usuallyAs("bottomMm").always()));

  private static final double LEAST_LEFT_MM = 0.01;

  /** Checks both fields. */
  public Grind {
    KIND.check(bottomMm, topMm);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    if (bars.heightMm() - bottomMm - topMm < LEAST_LEFT_MM) {
      return new Impossible(
          bottomMm > topMm ? "bottomMm" : "topMm",
          OperationText.GRINDING_USES_UP_BAR.with(
              "grinding", Quantity.mm(bottomMm + topMm), "height", Quantity.mm(bars.heightMm())),
          OperationText.GRIND_LESS_OR_MAKE_BAR_THICKER.with());
    }
    return Done.of(bars)
        .losing(
            LossKind.GRINDING, SkinOff.sides(bars, 0, bottomMm * bars.fill(), topMm * bars.fill()));
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }

  @Override
  public Set<BarFace> brightens() {
    Set<BarFace> faces = EnumSet.noneOf(BarFace.class);
    if (topMm > 0) {
      faces.add(BarFace.TOP);
      if (bottomMm > 0) {
        faces.add(BarFace.BROAD);
      }
    }
    return faces;
  }

  @Override
  public double unevenMm(double beforeMm) {
    return Math.max(0, beforeMm - bottomMm - topMm);
  }
}

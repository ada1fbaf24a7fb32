package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import app.geminal.geometry.BowedLayers;
import app.geminal.geometry.Reorientation;
import app.geminal.geometry.Stretch;
import app.geminal.layup.Stack;
import app.geminal.layup.Turn;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.steel.Deformation;
import app.geminal.units.Quantity;
import java.util.Optional;

/**
 * Rolled a quarter turn, so that the layers stand on edge, and pressed down on them. The length
 * stays; what the height loses the width gains. With some bow the layers curve, which makes C and W
 * shapes; they are then still counted across the middle.
 *
 * @param reduction of the height that is up after the quarter turn, fraction; 0 to 0.8
 * @param bowMm how far the layers bow out in the middle; 0 to 200
 * @param heats 1 to 60; each costs scale at the shop's drawing heat
 */
public record Upset(double reduction, double bowMm, int heats) implements Heated {
  /** What it is called, and its fields. */
  public static final OperationKind<Upset> KIND =
      OperationKind.of(
          new StepName("upset", StepName.At.FORGE, 'u'),
          Upset.class,
          ShorthandText.AFTER_UPSET,
          (_, _) -> new Upset(0.3, 0, 2),
          OperationField.of(
              "reduction",
              FieldType.share(0.8),
              Said.alone().ifMissing(ShorthandText.WRITE_REDUCTION)),
          OperationField.of("bowMm", FieldType.length(200), Said.after("bow").usually(0.0))
              .otherwise(0.0)
              .shown(OperationField.Shows.BY_SHAPE),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()));

  /** Checks every field. */
  public Upset {
    KIND.check(reduction, bowMm, heats);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return ScaleLoss.inHeats(this, bars, bench.defaults(), this::pressed);
  }

  /** Part of the height one heat takes when all take the same part, fraction. */
  public double reductionPerHeat() {
    return 1 - Math.pow(1 - reduction, 1.0 / heats);
  }

  private OperationResult pressed(Done scaled) {
    Section stood = scaled.bars().section().quarterTurned();
    double height = stood.heightMm() * (1 - reduction);
    double width = stood.widthMm() / (1 - reduction);
    if (width > Stack.WIDEST_MM) {
      return new Impossible(
          "reduction",
          OperationText.BAR_TOO_WIDE.with("width", Quantity.mm(width)),
          OperationText.USE_SMALLER_REDUCTION.with());
    }
    if (bowMm > width / 2) {
      return new Impossible(
          "bowMm",
          OperationText.BOW_TOO_LARGE.with("bow", Quantity.mm(bowMm), "width", Quantity.mm(width)),
          OperationText.USE_SMALLER_BOW.with());
    }
    Size before = Size.of(scaled.bars());
    Size after = new Size(before.length(), width, height);
    Done pressed =
        scaled
            .then(new Reorientation(Turn.QUARTER, before))
            .then(new Stretch(before.onEdge(), after, 1));
    return (bowMm == 0 ? pressed : pressed.then(new BowedLayers(bowMm, after))).with(Done.MOVED);
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public Optional<HotWork> hotWork(Bars before, ShopDefaults defaults) {
    Tool usual = defaults.drawTool();
    return Optional.of(
        new HotWork(
            usual == Tool.MILL ? Tool.FLAT : usual,
            defaults.drawTemperatureC(),
            Deformation.ofDraw(reductionPerHeat()),
            true));
  }

  @Override
  public boolean isHeldOverCorners() {
    return true;
  }
}

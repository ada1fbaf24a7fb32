package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.geometry.BarChange;
import app.geminal.geometry.DiscTurn;
import app.geminal.geometry.Stretch;
import app.geminal.geometry.Turning;
import app.geminal.layup.Stack;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.steel.Deformation;
import app.geminal.units.Quantity;
import java.util.Optional;

/**
 * Drawing out to a section. Volume is kept less scale; the length follows from it.
 *
 * @param widthMm of the section wanted; above 0, at most 1000
 * @param heightMm of the section wanted, through the layers; above 0, at most 1000
 * @param heats 1 to 60; each costs scale at the shop's drawing heat
 * @param tool what draws it; decides how much of the height enters width
 */
public record Draw(double widthMm, double heightMm, int heats, Tool tool) implements Heated {
  /** What it is called, and its fields. */
  public static final OperationKind<Draw> KIND =
      OperationKind.of(
          new StepName("draw", StepName.At.FORGE, 'd'),
          Draw.class,
          ShorthandText.AFTER_DRAW,
          (bars, shop) ->
              new Draw(
                  FirstGuess.mm(bars.widthMm()),
                  FirstGuess.mm(bars.heightMm() / 2),
                  FirstGuess.DRAW_HEATS,
                  shop.drawTool()),
          OperationField.of(
              "widthMm",
              FieldType.lengthAboveZero(Stack.WIDEST_MM),
              Said.alone().ifMissing(ShorthandText.WRITE_BOTH_SIDES)),
          OperationField.of("heightMm", FieldType.lengthAboveZero(Stack.WIDEST_MM), Said.by()),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()),
          OperationField.of(
                  "tool",
                  FieldType.choice(Tool.class),
                  Said.byChoice().usuallyIn(ShopDefaults::drawTool))
              .otherwise(Tool.ROUND));

  /** Longest bar a draw may make, mm. */
  static final double LONGEST_MM = 20_000;

  /** Checks every field. */
  public Draw {
    KIND.check(widthMm, heightMm, heats, tool);
  }

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return ScaleLoss.inHeats(this, bars, bench.defaults(), this::shaped);
  }

  private OperationResult shaped(Done scaled) {
    Bars before = scaled.bars();
    double there = before.widthMm() * before.section().heightMm() * before.boxShare();
    if (widthMm * heightMm > there) {
      return new Impossible(
          "heightMm",
          OperationText.DRAWING_MAKES_BAR_LONGER.with(
              "width",
              Quantity.mm(widthMm),
              "height",
              Quantity.mm(heightMm),
              "widthBefore",
              Quantity.mm(before.widthMm()),
              "heightBefore",
              Quantity.mm(before.heightMm())),
          OperationText.CHOOSE_SMALLER_WIDTH_OR_HEIGHT.with());
    }
    BarChange drawn =
        before.form() == Form.ROUND
            ? DiscTurn.toSection(before, widthMm, heightMm, Turning.NONE)
            : Stretch.toSection(before, widthMm, heightMm);
    Done after = scaled.then(drawn);
    if (after.bars().lengthMm() > LONGEST_MM) {
      return new Impossible(
          "heightMm",
          OperationText.BAR_TOO_LONG.with("length", Quantity.mm(after.bars().lengthMm())),
          OperationText.CHOOSE_BIGGER_SECTION_OR_CUT_BAR.with());
    }
    return after;
  }

  /** What one heat does to the steel of bars as they are before; all heats take the same part. */
  public Deformation each(Bars before) {
    double there = before.widthMm() * before.section().heightMm() * before.boxShare();
    double left = Math.min(1, widthMm * heightMm / there);
    return Deformation.ofDraw(1 - Math.pow(left, 1.0 / heats));
  }

  /** The same draw with another tool. */
  public Draw withTool(Tool newTool) {
    return new Draw(widthMm, heightMm, heats, newTool);
  }

  /** The same draw to another width. */
  public Draw withWidthMm(double newWidthMm) {
    return new Draw(newWidthMm, heightMm, heats, tool);
  }

  /** The same draw to another height. */
  public Draw withHeightMm(double newHeightMm) {
    return new Draw(widthMm, newHeightMm, heats, tool);
  }

  @Override
  public Optional<HotWork> hotWork(Bars before, ShopDefaults defaults) {
    return Optional.of(new HotWork(tool, defaults.drawTemperatureC(), each(before), false));
  }
}

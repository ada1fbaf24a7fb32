package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.geometry.SkinOff;
import app.geminal.layup.Stack;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Quantity;
import java.util.Set;

/**
 * Cutting off ragged ends and edges.
 *
 * @param frontMm off the end against the bench stop; 0 to 3000
 * @param backMm off the other end; 0 to 3000
 * @param sidesMm off each edge; 0 to 1000
 */
public record Trim(double frontMm, double backMm, double sidesMm) implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Trim> KIND =
      OperationKind.of(
          new StepName("trim", StepName.At.BENCH, 't'),
          Trim.class,
          ShorthandText.AFTER_TRIM,
          (_, shop) -> new Trim(shop.endTrimMm(), shop.endTrimMm(), 0),
          OperationField.of(
              "frontMm",
              FieldType.length(Stack.LONGEST_MM),
              Said.alone().usuallyIn(ShopDefaults::endTrimMm).always()),
          OperationField.of(
              "backMm",
              FieldType.length(Stack.LONGEST_MM),
              Said.alone().usuallyAs("frontMm").always()),
          OperationField.of(
                  "sidesMm", FieldType.length(Stack.WIDEST_MM), Said.after("sides").usually(0.0))
              .otherwise(0.0));

  /** Checks every field. */
  public Trim {
    KIND.check(frontMm, backMm, sidesMm);
  }

  @Override
  public boolean needsSquare() {
    return sidesMm > 0;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    double length = bars.lengthMm() - frontMm - backMm;
    double width = bars.widthMm() - 2 * sidesMm;
    if (length <= 0) {
      return new Impossible(
          "backMm",
          OperationText.TRIMMING_USES_UP_BAR.with(
              "trimmed", Quantity.mm(frontMm + backMm), "length", Quantity.mm(bars.lengthMm())),
          OperationText.TRIM_LESS_OR_MAKE_BAR_LONGER.with());
    }
    if (width <= 0) {
      return new Impossible(
          "sidesMm",
          OperationText.TRIMMING_EDGES_USES_UP_BAR.with(
              "trimmed", Quantity.mm(2 * sidesMm), "width", Quantity.mm(bars.widthMm())),
          OperationText.TRIM_LESS_OFF_EDGES.with());
    }
    Done left =
        Done.of(bars)
            .then(SkinOff.sides(bars, sidesMm, 0, 0))
            .then(SkinOff.ends(bars, frontMm, backMm));
    return left.withLosses(new Loss(LossKind.TRIM, bars.amount().minus(left.bars().amount())));
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }

  @Override
  public Set<BarFace> brightens() {
    return sidesMm > 0 ? Set.of(BarFace.SIDES) : Set.of();
  }

  /** Both ends. */
  @Override
  public Work work() {
    return Work.ofCuts(0, 2);
  }
}

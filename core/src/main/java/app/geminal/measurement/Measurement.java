package app.geminal.measurement;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.layup.Stack;
import app.geminal.steel.Steels;
import app.geminal.units.Quantity;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import org.jspecify.annotations.Nullable;

/**
 * What was measured of each bar after a step; null is what was not. Sizes that were not measured
 * are taken as calculated, but where the mass is known and the length is not, the length follows
 * from the mass. Where all are known the sizes count, and the mass only says how rough they are.
 *
 * @param widthMm above 0, at most 1000
 * @param heightMm with its voids; above 0, at most 1000
 * @param lengthMm above 0, at most 20 000
 * @param massKg above 0, at most 1000
 */
public record Measurement(
    @Nullable Double widthMm,
    @Nullable Double heightMm,
    @Nullable Double lengthMm,
    @Nullable Double massKg) {
  private static final double LONGEST_MM = 20_000;
  private static final double HEAVIEST_KG = 1000;

  /** Checks every field; one at least. */
  public Measurement {
    if (widthMm == null && heightMm == null && lengthMm == null && massKg == null) {
      throw new InvalidValue("", MeasurementText.ENTER_SIZE_OR_MASS.with());
    }
    if (widthMm != null) {
      Require.lengthAbove("widthMm", widthMm, 0, Stack.WIDEST_MM);
    }
    if (heightMm != null) {
      Require.lengthAbove("heightMm", heightMm, 0, Stack.WIDEST_MM);
    }
    if (lengthMm != null) {
      Require.lengthAbove("lengthMm", lengthMm, 0, LONGEST_MM);
    }
    if (massKg != null && !(massKg > 0 && massKg <= HEAVIEST_KG)) {
      throw new InvalidValue(
          "massKg",
          MeasurementText.MASS_LIMITS.with("least", Quantity.kg(0), "most", Quantity.kg(1000)));
    }
  }

  /** Sizes only. */
  public static Measurement sizes(double widthMm, double heightMm, double lengthMm) {
    return new Measurement(widthMm, heightMm, lengthMm, null);
  }

  /**
   * The bars as they really are.
   *
   * @param calculated at least one, and no ground blades
   */
  public Bars of(Bars calculated, Steels steels) {
    double width = widthMm == null ? calculated.widthMm() : widthMm;
    double height = heightMm == null ? calculated.heightMm() : heightMm;
    if (calculated.form() == Form.ROUND) {
      double across = widthMm == null ? height : heightMm == null ? width : (width + height) / 2;
      width = across;
      height = across;
    }
    Bars shaped =
        calculated.withSection(calculated.section().resized(width, height * calculated.fill()));
    double length = calculated.lengthMm();
    if (lengthMm != null) {
      length = lengthMm;
    } else if (massKg != null) {
      length *= massKg / shaped.times(1).amount().massKg(steels);
    }
    return shaped.withLength(length);
  }
}

package app.geminal.flaw;

import app.geminal.geometry.Box;
import app.geminal.geometry.LineSpan;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * A box in one of several equal bars, mm, voids closed: x along from the bench stop, y across from
 * the left edge, z up from the underside.
 *
 * @param bar which of them, from 0
 * @param fromXMm 0 or more; each {@code to} no less than its {@code from}; a seam has no height
 * @param toXMm along the bar from the bench stop, mm, no less than fromXMm
 * @param fromYMm from the left edge, mm
 * @param toYMm from the left edge, mm, no less than fromYMm
 * @param fromZMm above the underside, mm
 * @param toZMm above the underside, mm, no less than fromZMm
 */
public record Spot(
    int bar,
    double fromXMm,
    double toXMm,
    double fromYMm,
    double toYMm,
    double fromZMm,
    double toZMm) {
  private static final double LONGEST_MM = 20_000;

  /** Checks every field. */
  public Spot {
    Require.count("bar", bar, 0, 10_000);
    require("X", fromXMm, toXMm);
    require("Y", fromYMm, toYMm);
    require("Z", fromZMm, toZMm);
  }

  private static void require(String axis, double from, double to) {
    Require.lengthUpTo("from" + axis + "Mm", from, LONGEST_MM);
    Require.lengthUpTo("to" + axis + "Mm", to, LONGEST_MM);
    if (to < from) {
      throw new InvalidValue("to" + axis + "Mm", FlawText.END_IS_BEFORE_START.with());
    }
  }

  /** Middle of its length, mm from the bench stop. */
  public double middleXMm() {
    return (fromXMm + toXMm) / 2;
  }

  static Spot of(Box box) {
    return new Spot(
        box.bar(),
        box.x().from(),
        box.x().to(),
        box.y().from(),
        box.y().to(),
        box.z().from(),
        box.z().to());
  }

  Box box() {
    return new Box(
        bar,
        new LineSpan(fromXMm, toXMm),
        new LineSpan(fromYMm, toYMm),
        new LineSpan(fromZMm, toZMm));
  }

  /** The same place in another bar. */
  public Spot inBar(int other) {
    return new Spot(other, fromXMm, toXMm, fromYMm, toYMm, fromZMm, toZMm);
  }
}

package app.geminal.steel;

import app.geminal.validation.Require;

/**
 * How far and how fast steel is deformed in one go, which decides how hard it resists.
 *
 * @param strain natural strain, 0 and more: −ln of what is left of the height
 * @param perSecond strain in a second, above 0
 */
public record Deformation(double strain, double perSecond) {
  /** A press at its working speed. */
  public static final double PRESS_PER_S = 0.5;

  /**
   * A set is not pressed at the ram's full speed: the valve is only feathered, to about a fifth. A
   * guess from practice; it decides how far a squeeze of so many seconds reaches.
   */
  public static final double FEATHERED = 0.2;

  /** A hearty bite at press speed: what figures are compared at. */
  public static final Deformation USUAL = new Deformation(0.2, PRESS_PER_S);

  /** Checks both fields. */
  public Deformation {
    Require.number("strain", strain, 0, 10);
    Require.number("perSecond", perSecond, 0.001, 1000);
  }

  /** One squeeze of a set, feathered; the part of the height it takes, 0 to under 1. */
  public static Deformation ofSet(double reduction) {
    return new Deformation(-Math.log(1 - reduction), FEATHERED * PRESS_PER_S);
  }

  /** One heat of a draw at press speed; the part of the section it takes, 0 to under 1. */
  public static Deformation ofDraw(double reduction) {
    return new Deformation(-Math.log(1 - reduction), PRESS_PER_S);
  }
}

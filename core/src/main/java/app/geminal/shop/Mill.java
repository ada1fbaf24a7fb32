package app.geminal.shop;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * A rolling mill.
 *
 * @param rollMm diameter of its rolls; 20 to 500
 * @param openingMm widest gap between them; 1 to 300
 */
public record Mill(double rollMm, double openingMm) {
  /** Checks both fields. */
  public Mill {
    Require.quantity(QuantityKind.LENGTH, "rollMm", rollMm, 20, 500);
    Require.quantity(QuantityKind.LENGTH, "openingMm", openingMm, 1, 300);
  }
}

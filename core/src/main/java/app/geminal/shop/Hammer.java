package app.geminal.shop;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * A hammer.
 *
 * @param name what it is
 * @param highestMm highest bar that fits under it; 5 to 1000
 */
public record Hammer(String name, double highestMm) {
  /** Checks both fields. */
  public Hammer {
    Require.text("name", name, 80);
    Require.quantity(QuantityKind.LENGTH, "highestMm", highestMm, 5, 1000);
  }
}

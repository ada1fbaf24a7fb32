package app.geminal.shop;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * The press.
 *
 * @param boreMm of the ram, 0 where only the rated force is known; to 500
 * @param gaugeLimitMpa highest pressure it is run at, 0 where only the rated force is known; to 100
 * @param ratedForceKn as rated by its maker; used when bore or gauge are 0; 0 to 10 000
 * @param openingMm between the bed and the ram without dies; 20 to 2000
 * @param diesMm height of both dies together, taken off the opening; 0 to 1000
 * @param dieLengthMm of the flat dies, along the bar; 5 to 1000
 * @param roundDieMm contact of the round dies, along the bar; 2 to 500
 * @param speedMmS of the ram under load; 0.5 to 500
 */
public record Press(
    double boreMm,
    double gaugeLimitMpa,
    double ratedForceKn,
    double openingMm,
    double diesMm,
    double dieLengthMm,
    double roundDieMm,
    double speedMmS) {

  /** Checks every field. */
  public Press {
    Require.lengthUpTo("boreMm", boreMm, 500);
    Require.quantity(QuantityKind.PRESSURE, "gaugeLimitMpa", gaugeLimitMpa, 0, 100);
    Require.quantity(QuantityKind.FORCE, "ratedForceKn", ratedForceKn, 0, 10_000);
    Require.quantity(QuantityKind.LENGTH, "openingMm", openingMm, 20, 2000);
    Require.lengthUpTo("diesMm", diesMm, 1000);
    Require.quantity(QuantityKind.LENGTH, "dieLengthMm", dieLengthMm, 5, 1000);
    Require.quantity(QuantityKind.LENGTH, "roundDieMm", roundDieMm, 2, 500);
    Require.quantity(QuantityKind.SPEED, "speedMmS", speedMmS, 0.5, 500);
  }

  /** What the ram gives, kN: F = p·π·d²/4, or the rated force where bore or gauge are not known. */
  public double forceKn() {
    return boreMm > 0 && gaugeLimitMpa > 0
        ? gaugeLimitMpa * Math.PI * boreMm * boreMm / 4 / 1000
        : ratedForceKn;
  }

  /** What the ram gives while its gauge says so much, kN; 0 where its limit is not known. */
  public double knAt(double gaugeMpa) {
    return gaugeLimitMpa > 0 ? forceKn() * gaugeMpa / gaugeLimitMpa : 0;
  }

  /**
   * Contact of one of its tools along the bar, mm: the round dies' for those, else the flat ones'.
   */
  public double dieMm(Tool tool) {
    return tool == Tool.ROUND ? roundDieMm : dieLengthMm;
  }

  /** Room between the dies, mm. */
  public double daylightMm() {
    return openingMm - diesMm;
  }
}

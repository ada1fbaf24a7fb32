package app.geminal.compatibility;

import app.geminal.steel.Hardening;
import app.geminal.steel.Steel;

/**
 * How much a steel has shrunk or grown when it is cold after the quench, as a fraction; the
 * difference between two is what their weld must bear. Austenite shrinks with 22e-6 per K;
 * martensite grows by (4.64 − 0.53 C)/300 for 93 % of it, ferrite and pearlite by (4.64 − 2.21
 * C)/300 (volume terms after Thelning); metals that do not change shrink with their own mean
 * expansion. ±30 %. A matter for thick blanks: under 4 mm blades bear what cracks a 12 mm bar.
 */
final class QuenchStrain {
  private static final double AUSTENITE_PER_K = 22e-6;
  private static final double MARTENSITE_PART = 0.93;
  private static final double MOST_IRON_FOR_NO_CHANGE = 50;
  private static final double AUSTENITIC_CHROMIUM_NICKEL = 24;
  private static final double AUSTENITIC_MANGANESE = 10;
  private static final double COLD_C = 20;

  private QuenchStrain() {}

  static double of(Steel steel, double hardeningC) {
    double fall = hardeningC - COLD_C;
    if (staysAsItIs(steel)) {
      return -steel.expansionTo1000().value() * 1e-6 * fall;
    }
    double carbon = steel.hardening().map(Hardening::dissolvedCarbon).orElse(steel.carbonPercent());
    double growth =
        steel.hardens()
            ? (4.64 - 0.53 * carbon) / 300 * MARTENSITE_PART
            : (4.64 - 2.21 * carbon) / 300;
    return -AUSTENITE_PER_K * fall + growth;
  }

  /** Copper, nickel, stainless and manganese austenite have no change of structure. */
  private static boolean staysAsItIs(Steel steel) {
    var c = steel.composition();
    boolean austenitic =
        (c.chromium() > 15 && c.chromium() + c.nickel() > AUSTENITIC_CHROMIUM_NICKEL)
            || c.manganese() > AUSTENITIC_MANGANESE;
    boolean otherMetal = c.iron() < MOST_IRON_FOR_NO_CHANGE || steel.neverWeld();
    return !steel.hardens() && (austenitic || otherMetal);
  }
}

package app.geminal.steel;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.Optional;

/**
 * How a steel is hardened.
 *
 * @param fromC lowest hardening heat for a soak of 5 to 10 minutes, °C
 * @param toC highest
 * @param quench for heavy sections
 * @param bladeQuench for sections to 6 mm
 * @param shallow whether only a thin section hardens through
 * @param dissolvedCarbon carbon in solution at the hardening heat, mass %
 * @param ms where martensite begins with that carbon dissolved, °C
 * @param asQuenched HRC
 * @param temper hardness after tempering, where it is known
 */
public record Hardening(
    double fromC,
    double toC,
    Quench quench,
    Quench bladeQuench,
    boolean shallow,
    double dissolvedCarbon,
    Figure ms,
    Figure asQuenched,
    Optional<TemperCurve> temper) {
  /** Checks the heats. */
  public Hardening {
    Require.temperature("fromC", fromC, 600, 1300);
    Require.temperature("toC", toC, 600, 1300);
    if (fromC > toC) {
      throw new InvalidValue("toC", SteelText.HARDENING_HEAT_ORDER.with());
    }
    Require.percent("dissolvedCarbon", dissolvedCarbon, 0, 2.1);
  }
}

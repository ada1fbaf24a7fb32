package app.geminal.server.card;

import app.geminal.units.Measure;
import app.geminal.units.UnitSystem;
import java.util.Locale;

/** Lengths and heats as they are printed: rounded to what a smith sets. */
record CardWords(UnitSystem units) {
  private static final double MM_PER_INCH = 25.4;
  private static final int FINEST = 64;

  String length(double mm) {
    if (units == UnitSystem.METRIC) {
      return String.format(Locale.ROOT, mm < 10 ? "%.1f" : "%.0f", mm);
    }
    long parts = Math.round(mm / MM_PER_INCH * FINEST);
    long whole = parts / FINEST;
    long over = parts % FINEST;
    if (over == 0) {
      return Long.toString(whole);
    }
    long under = FINEST;
    while (over % 2 == 0) {
      over /= 2;
      under /= 2;
    }
    return (whole == 0 ? "" : whole + " ") + over + "/" + under;
  }

  String withUnit(double mm) {
    return length(mm) + (units == UnitSystem.METRIC ? " mm" : " in");
  }

  String heat(double celsius) {
    return units == UnitSystem.METRIC
        ? Math.round(celsius) + " °C"
        : Math.round(celsius * 9 / 5 + 32) + " °F";
  }

  String size(double widthMm, double heightMm, double lengthMm) {
    return length(widthMm) + " × " + length(heightMm) + " × " + length(lengthMm);
  }

  /** A sentence of the core with its marks in these units. */
  String sentence(String marked) {
    return Measure.render(
        marked,
        (unit, value) ->
            switch (unit) {
              case "mm" -> withUnit(value);
              case "dC" ->
                  units == UnitSystem.METRIC
                      ? Math.round(value) + " °C"
                      : Math.round(value * 9 / 5) + " °F";
              default -> heat(value);
            });
  }
}

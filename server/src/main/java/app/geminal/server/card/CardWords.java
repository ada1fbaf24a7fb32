package app.geminal.server.card;

import app.geminal.units.Lengths;
import app.geminal.units.Measure;
import app.geminal.units.UnitSystem;
import java.util.Locale;

/** Lengths and heats as they are printed: rounded to what a smith sets. */
record CardWords(UnitSystem units) {
  String length(double mm) {
    if (units == UnitSystem.METRIC) {
      return String.format(Locale.ROOT, mm < 10 ? "%.1f" : "%.0f", mm);
    }
    return Lengths.nearestFraction(mm);
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

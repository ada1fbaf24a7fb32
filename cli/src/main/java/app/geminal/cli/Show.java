package app.geminal.cli;

import app.geminal.library.plan.PlanJson;
import app.geminal.units.Lengths;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.units.UnitSystem;
import java.util.Locale;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Figures and documents as the shell shows them. */
final class Show {
  private Show() {}

  static String json(Object value) {
    JsonMapper.Builder builder = JsonMapper.builder();
    PlanJson.strict(builder);
    return builder.enable(SerializationFeature.INDENT_OUTPUT).build().writeValueAsString(value);
  }

  /** A length for reading: tenths of a millimetre, or the nearest 1/64 in. */
  static String length(double mm, UnitSystem units) {
    if (units == UnitSystem.METRIC) {
      return String.format(Locale.ROOT, "%.1f", mm).replaceFirst("\\.0$", "");
    }
    return Lengths.nearestFraction(mm);
  }

  /** A sentence with its marks turned into figures. */
  static String words(String sentence, UnitSystem units) {
    boolean metric = units == UnitSystem.METRIC;
    return Measure.render(
        sentence,
        (unit, value) ->
            switch (unit) {
              case "mm" -> length(value, units) + (metric ? " mm" : " in");
              case "C" ->
                  metric ? Text.of("%.0f °C", value) : Text.of("%.0f °F", value * 9 / 5 + 32);
              default -> metric ? Text.of("%.0f °C", value) : Text.of("%.0f °F", value * 9 / 5);
            });
  }
}

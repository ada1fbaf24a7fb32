package app.geminal.cli;

import app.geminal.library.plan.PlanJson;
import app.geminal.units.Quantity;
import app.geminal.units.QuantityKind;
import app.geminal.units.Units;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Figures and documents as the shell shows them. */
final class Output {
  private Output() {}

  static String json(Object value) {
    JsonMapper.Builder builder = JsonMapper.builder();
    PlanJson.strict(builder);
    return builder.enable(SerializationFeature.INDENT_OUTPUT).build().writeValueAsString(value);
  }

  /** Length, width or height without a unit. */
  static String length(double mm, Units units) {
    return QuantityKind.LENGTH.figure(mm, units.of(QuantityKind.LENGTH));
  }

  /** Three sizes with their unit. */
  static String size(double widthMm, double heightMm, double lengthMm, Units units) {
    return length(widthMm, units)
        + " × "
        + length(heightMm, units)
        + " × "
        + Quantity.mm(lengthMm).format(units);
  }
}

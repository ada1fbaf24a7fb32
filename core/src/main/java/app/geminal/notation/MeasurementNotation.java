package app.geminal.notation;

import app.geminal.measurement.Measurement;
import app.geminal.text.Message;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What was measured after a step, behind its {@code =}: width by height by length, a question mark
 * for what was not measured, then perhaps the mass. Package use only.
 */
final class MeasurementNotation {
  private static final Pattern COMMA = Pattern.compile(",");
  private static final Pattern BY = Pattern.compile("[x×*]");
  private static final Pattern MASS =
      Pattern.compile("(?i)(\\d{1,9}(?:\\.\\d{1,20})?|\\.\\d{1,20})\\s*(kg|g|lb|lbs|oz)");
  private static final Message FORM = NotationText.MEASURED_FORM.with();
  private static final double KG_PER_LB = 0.45359237;
  private static final double OZ_PER_LB = 16;
  private static final double G_PER_KG = 1000;

  private final Reading reading;

  MeasurementNotation(Reading reading) {
    this.reading = reading;
  }

  Measurement read(Span text) {
    List<Span> said = text.split(COMMA);
    Span first = said.getFirst();
    boolean massOnly = said.size() == 1 && MASS.matcher(first.text()).matches();
    if (said.size() > 2 || text.isEmpty()) {
      throw text.misread(FORM);
    }
    Double mass = massOnly || said.size() == 2 ? Double.valueOf(mass(said.getLast())) : null;
    List<Span> sizes = massOnly ? List.of() : first.split(BY);
    if (!massOnly && sizes.size() != 3) {
      throw first.misread(FORM);
    }
    return Reading.checked(
        text,
        () ->
            massOnly
                ? new Measurement(null, null, null, mass)
                : new Measurement(
                    size(sizes.get(0)), size(sizes.get(1)), size(sizes.get(2)), mass));
  }

  private @Nullable Double size(Span text) {
    return text.text().equals("?") ? null : Double.valueOf(reading.mm(text));
  }

  private static double mass(Span text) {
    Matcher m = MASS.matcher(text.text());
    if (!m.matches()) {
      throw text.misread(NotationText.WRITE_MASS.with());
    }
    double figure = Double.parseDouble(m.group(1));
    return switch (m.group(2).toLowerCase(Locale.ROOT)) {
      case "g" -> figure / G_PER_KG;
      case "lb", "lbs" -> figure * KG_PER_LB;
      case "oz" -> figure * KG_PER_LB / OZ_PER_LB;
      default -> figure;
    };
  }

  String write(Measurement measured) {
    boolean sizes =
        measured.widthMm() != null || measured.heightMm() != null || measured.lengthMm() != null;
    String by =
        written(measured.widthMm())
            + " x "
            + written(measured.heightMm())
            + " x "
            + written(measured.lengthMm());
    String mass = measured.massKg() == null ? "" : reading.mass(measured.massKg());
    return !sizes ? mass : mass.isEmpty() ? by : by + ", " + mass;
  }

  private String written(@Nullable Double mm) {
    return mm == null ? "?" : reading.mm(mm);
  }
}

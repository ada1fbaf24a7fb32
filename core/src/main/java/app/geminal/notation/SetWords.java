package app.geminal.notation;

import app.geminal.operation.Practice;
import app.geminal.operation.SetWeld;
import app.geminal.units.Temperatures;
import app.geminal.units.UnitSystem;
import app.geminal.weld.OxygenSchool;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words after {@code set}, in any order: heats, 8%, 1180C, 15min, a school. */
final class SetWords {
  private static final Pattern PART =
      Pattern.compile(
          "(?i)(\\d+(?:\\.\\d+)?|\\.\\d+)\\s*(%|min|°?\\s*[CF]\\b|heats?)?|(\\p{L}+)|[\\s,]+");

  private final UnitSystem units;
  private final Practice practice;

  SetWords(UnitSystem units, Practice practice) {
    this.units = units;
    this.practice = practice;
  }

  SetWeld read(Span text) {
    SetWeld weld = SetWeld.of(practice);
    Matcher m = PART.matcher(text.text());
    int at = 0;
    while (at < text.text().length()) {
      m.region(at, text.text().length());
      if (!m.lookingAt()) {
        throw text.after(at).misread("After set stand heats, 8%, 1180C, 15min or a school.");
      }
      if (m.group(1) != null || m.group(3) != null) {
        weld = with(weld, m, text.part(m.start(), m.end()));
      }
      at = m.end();
    }
    return weld;
  }

  private SetWeld with(SetWeld weld, Matcher m, Span part) {
    if (m.group(3) != null) {
      return weld.withSchool(school(part));
    }
    String unit = m.group(2) == null ? "" : m.group(2).toLowerCase(Locale.ROOT);
    if (unit.equals("%")) {
      return weld.withReduction(new BigDecimal(m.group(1)).movePointLeft(2).doubleValue());
    }
    if (unit.equals("min")) {
      return weld.withSoakMin(Double.parseDouble(m.group(1)));
    }
    if (unit.endsWith("c") || unit.endsWith("f")) {
      return weld.withTemperatureC(Temperatures.parseC(part.text(), units));
    }
    if (!m.group(1).matches("\\d{1,3}")) {
      throw part.misread("Heats are a whole number; write 8% or 1180C for the others.");
    }
    return weld.withHeats(Integer.parseInt(m.group(1)));
  }

  private static OxygenSchool school(Span part) {
    return Arrays.stream(OxygenSchool.values())
        .filter(s -> s.word().equalsIgnoreCase(part.text()))
        .findFirst()
        .orElseThrow(() -> part.misread("The schools are borax, dry, both and sealed."));
  }
}

package app.geminal.cli;

import app.geminal.units.Lengths;
import app.geminal.units.UnitSystem;
import app.geminal.units.Unreadable;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Sizes in a row, {@code 205x600x3.2mm}: a unit at the end is that of all that have none. */
final class RippedSizes {
  private static final Pattern UNIT = Pattern.compile("(mm|cm|in|inch|\"|″)\\s*$");

  private RippedSizes() {}

  /**
   * Reads them.
   *
   * @param whenNoUnit what is meant where no unit is written
   * @return millimeters
   * @throws Unreadable when one is no length
   */
  static List<Double> mm(String text, UnitSystem whenNoUnit) {
    Matcher unit = UNIT.matcher(text.strip());
    String last = unit.find() ? unit.group(1) : "";
    return Arrays.stream(text.split("[x×]", -1))
        .map(String::strip)
        .map(part -> UNIT.matcher(part).find() ? part : part + last)
        .map(part -> Lengths.parseMm(part, whenNoUnit))
        .toList();
  }
}

package app.geminal.steel;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One steel (or other metal of a stack).
 *
 * @param id short designation, the word used in shorthand and plans; letters, digits, _ and -
 * @param name the full name
 * @param family what kind of steel it is, in words
 * @param carbonPercent typical carbon, mass %
 * @param densityKgM3 at room temperature
 * @param etchTone 0 black to 1 silver after hardening and ferric chloride; ±0.15
 * @param solidusC where melting begins, °C
 * @param weldWindow heats at which it forge-welds, empty where it must not be forge-welded
 * @param confidence how far these figures can be trusted
 */
public record Steel(
    String id,
    String name,
    String family,
    double carbonPercent,
    double densityKgM3,
    double etchTone,
    double solidusC,
    Optional<WeldWindow> weldWindow,
    Confidence confidence) {

  /** Checks every field. */
  public Steel {
    requireId("id", id);
    Require.text("name", name, 120);
    Require.number("carbonPercent", carbonPercent, 0, 6.7, " %");
    Require.number("densityKgM3", densityKgM3, 1000, 25000, " kg/m³");
    Require.number("etchTone", etchTone, 0, 1, "");
    Require.temperature("solidusC", solidusC, 200, 4000);
  }

  /** A designation that can stand in shorthand: letters, digits, _ and -, at most 40. */
  public static String requireId(String field, @Nullable String id) {
    String text = Require.text(field, id, 40);
    if (!text.matches("[A-Za-z0-9_-]+")) {
      throw new BadValue(
          field, "A steel's short name has letters, digits, _ and - only; this is “" + text + "”.");
    }
    return text;
  }
}

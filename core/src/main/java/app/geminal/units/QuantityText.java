package app.geminal.units;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Writes quantities for reading, to the precision a smith works to. */
final class QuantityText {
  /** An estimate is never reported to more figures. */
  private static final MathContext FIGURES = new MathContext(3, RoundingMode.HALF_UP);

  /** Below 1/16 in a smith thinks in thousandths. */
  private static final double THOUSANDTHS_BELOW_IN = 1 / 16.0;

  /** A sheet of .070 is no 1/16: thousandths where 1/64 is this much off, as a share. */
  private static final double MOST_OFF = 0.03;

  /** From here on hundredths of an inch say more than a long fraction. */
  private static final double DECIMAL_FROM_IN = 24;

  private static final double MM_PER_INCH = 25.4;
  private static final int FINEST_FRACTION = 64;

  private QuantityText() {}

  static String of(QuantityKind kind, double value, UnitSystem system) {
    return switch (kind) {
      case LENGTH -> length(value, system) + " " + kind.unit(system);
      case TEMPERATURE, TEMPERATURE_CHANGE ->
          Math.round(Unit.usual(kind, system).count(value)) + " " + kind.unit(system);
      case TIME -> time(value);
      case SHARE -> figures(value * 100) + "%";
      case ANGLE -> figures(value) + "°";
      case PRICE_PER_LENGTH, PRICE_PER_MASS ->
          BigDecimal.valueOf(Unit.usual(kind, system).count(value))
                  .setScale(2, RoundingMode.HALF_UP)
                  .toPlainString()
              + " "
              + kind.unit(system);
      default -> counted(unit(kind, value, system), value);
    };
  }

  /** Grams below a kilogram, ounces below a pound, bar below a megapascal. */
  private static Unit unit(QuantityKind kind, double value, UnitSystem system) {
    Unit usual = Unit.usual(kind, system);
    String smaller =
        switch (usual.symbol()) {
          case "kg" -> "g";
          case "lb" -> "oz";
          case "MPa" -> "bar";
          default -> "";
        };
    if (value == 0 || usual.count(Math.abs(value)) >= 1) {
      return usual;
    }
    return Unit.of(kind).stream().filter(u -> u.symbol().equals(smaller)).findFirst().orElse(usual);
  }

  private static String counted(Unit unit, double value) {
    return figures(unit.count(value)) + " " + unit.symbol();
  }

  /** A length without its unit. */
  static String length(double mm, UnitSystem system) {
    if (system == UnitSystem.METRIC) {
      return millimetres(mm);
    }
    String sign = mm < 0 ? "-" : "";
    double inches = Math.abs(mm) / MM_PER_INCH;
    if (inches != 0 && inches < THOUSANDTHS_BELOW_IN) {
      String text = rounded(inches, inches < 0.001 ? 5 : 3);
      return sign + (text.startsWith("0.") ? text.substring(1) : text);
    }
    double parts = inches * FINEST_FRACTION;
    double off = Math.abs(parts - Math.rint(parts));
    boolean whole = off < 1e-9 * parts + 1e-9;
    if (off > MOST_OFF * parts) {
      return sign + rounded(inches, 3).substring(1);
    }
    return sign
        + (inches < DECIMAL_FROM_IN || whole
            ? Lengths.nearestFraction(Math.abs(mm))
            : rounded(inches, 2));
  }

  private static String millimetres(double mm) {
    double size = Math.abs(mm);
    if (size != 0 && size < 0.1) {
      return plain(BigDecimal.valueOf(mm).round(new MathContext(2, RoundingMode.HALF_UP)));
    }
    return rounded(mm, size < 10 ? 2 : size < 100 ? 1 : 0);
  }

  private static String time(double seconds) {
    double size = Math.abs(seconds);
    if (size < 90) {
      return figures(Math.rint(size * 10) >= 100 ? Math.rint(seconds) : seconds) + " s";
    }
    double minutes = seconds / 60;
    if (size < 3600) {
      return rounded(minutes, size < 600 ? 1 : 0) + " min";
    }
    long whole = Math.round(minutes);
    return whole % 60 == 0 ? whole / 60 + " h" : whole / 60 + " h " + whole % 60 + " min";
  }

  private static String rounded(double value, int digits) {
    return plain(BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP));
  }

  private static String figures(double value) {
    BigDecimal round = BigDecimal.valueOf(value).round(FIGURES);
    return round.abs().compareTo(BigDecimal.valueOf(1000)) < 0
        ? plain(round)
        : Text.of("%,d", round.toBigInteger());
  }

  private static String plain(BigDecimal value) {
    String text = value.stripTrailingZeros().toPlainString();
    return text.equals("-0") ? "0" : text;
  }
}

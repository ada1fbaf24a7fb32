package app.geminal.units;

/**
 * A figure with what it is a figure of.
 *
 * @param kind which quantity
 * @param value in the kind's stored unit
 */
public record Quantity(QuantityKind kind, double value) {
  private static final double HALVES_OF_A_PERCENT = 200;

  /** Refuses what is no number. */
  public Quantity {
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException(kind + " " + value);
    }
  }

  /** A length, mm. */
  public static Quantity mm(double value) {
    return new Quantity(QuantityKind.LENGTH, value);
  }

  /** A temperature, °C. */
  public static Quantity celsius(double value) {
    return new Quantity(QuantityKind.TEMPERATURE, value);
  }

  /** A difference of temperatures, °C. */
  public static Quantity degrees(double value) {
    return new Quantity(QuantityKind.TEMPERATURE_CHANGE, value);
  }

  /** A mass, kg. */
  public static Quantity kg(double value) {
    return new Quantity(QuantityKind.MASS, value);
  }

  /** A force, kN. */
  public static Quantity kn(double value) {
    return new Quantity(QuantityKind.FORCE, value);
  }

  /** A pressure, MPa. */
  public static Quantity mpa(double value) {
    return new Quantity(QuantityKind.PRESSURE, value);
  }

  /** A volume, litres. */
  public static Quantity litres(double value) {
    return new Quantity(QuantityKind.VOLUME, value);
  }

  /** A power, kW. */
  public static Quantity kw(double value) {
    return new Quantity(QuantityKind.POWER, value);
  }

  /** A time, s. */
  public static Quantity seconds(double value) {
    return new Quantity(QuantityKind.TIME, value);
  }

  /** A time, min. */
  public static Quantity minutes(double value) {
    return new Quantity(QuantityKind.TIME, value * 60);
  }

  /** A part of a whole, as a fraction. */
  public static Quantity share(double value) {
    return new Quantity(QuantityKind.SHARE, value);
  }

  /** A part of a whole that is only about so much: no closer than half a percent. */
  public static Quantity aboutShare(double value) {
    return share(Math.round(value * HALVES_OF_A_PERCENT) / HALVES_OF_A_PERCENT);
  }

  /** An angle, degrees. */
  public static Quantity angle(double value) {
    return new Quantity(QuantityKind.ANGLE, value);
  }

  /** Rockwell C hardness. */
  public static Quantity hrc(double value) {
    return new Quantity(QuantityKind.HARDNESS, value);
  }

  /** For reading, in a reader's units. */
  public String format(Units units) {
    return kind.format(value, units.of(kind));
  }
}

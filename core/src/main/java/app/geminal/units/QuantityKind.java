package app.geminal.units;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What a figure is a figure of, with the one unit it is stored in and every unit it may be typed or
 * shown in.
 *
 * <p>A value of a kind is always in the stored unit: mm, °C, kg, kN, MPa, l, kW, kg/h, mm/s, s,
 * kg/m³, a price per m or kg, a fraction for a share, degrees for an angle, HRC for hardness.
 */
public enum QuantityKind {
  /** A length; stored in mm. */
  LENGTH("mm"),
  /** A temperature; stored in °C. */
  TEMPERATURE("C"),
  /** A difference of two temperatures; stored in °C. */
  TEMPERATURE_CHANGE("dC"),
  /** A mass; stored in kg. */
  MASS("kg"),
  /** A force; stored in kN. */
  FORCE("kN"),
  /** A pressure; stored in MPa. */
  PRESSURE("MPa"),
  /** A volume; stored in litres. */
  VOLUME("l"),
  /** A rate of heat; stored in kW. */
  POWER("kW"),
  /** Mass used in a time; stored in kg/h. */
  MASS_FLOW("kg/h"),
  /** A speed; stored in mm/s. */
  SPEED("mm/s"),
  /** A time; stored in seconds, typed in minutes where no unit is written. */
  TIME("s"),
  /** A density; stored in kg/m³. */
  DENSITY("kg/m3"),
  /** Expansion by heat; stored in 10⁻⁶ per °C. */
  EXPANSION("1e-6/C"),
  /** What a length of stock costs; stored per m, in the shop's currency. */
  PRICE_PER_LENGTH("/m"),
  /** What a mass costs; stored per kg, in the shop's currency. */
  PRICE_PER_MASS("/kg"),
  /** A part of a whole; stored as a fraction. */
  SHARE("share"),
  /** An angle; stored in degrees. */
  ANGLE("deg"),
  /** Rockwell C hardness; stored in HRC. */
  HARDNESS("HRC");

  private final String mark;

  QuantityKind(String mark) {
    this.mark = mark;
  }

  /** The stored unit as it is in a mark and in the interface: {@code mm}, {@code C}. */
  public String mark() {
    return mark;
  }

  /** Whether readers of the two systems see different figures. */
  public boolean dependsOnReader() {
    return this != SHARE && this != ANGLE && this != HARDNESS && this != TIME;
  }

  /** The kind that a mark names. */
  public static Optional<QuantityKind> ofMark(String mark) {
    return Arrays.stream(values()).filter(k -> k.mark.equals(mark)).findFirst();
  }

  /**
   * Reads what a person typed.
   *
   * @param text a number, fraction or both, with or without a unit of either system; several parts
   *     as in {@code 2 ft 3}; a sign
   * @param whenNoUnit whose unit is meant when none is written
   * @return the {@code double} nearest to what was typed, in the stored unit
   * @throws Unreadable when the text is no quantity of this kind; says what may be typed
   */
  public double parse(String text, UnitSystem whenNoUnit) {
    return new QuantityReader(this, text, whenNoUnit).read();
  }

  /**
   * Writes a value for reading, with its unit: lengths as fractions of an inch to 1/64, estimates
   * to three figures. Not to be read back.
   *
   * @param value in the stored unit, finite
   */
  public String format(double value, UnitSystem system) {
    return QuantityText.of(this, value, system);
  }

  /**
   * The same without its unit, where the unit is elsewhere. Of lengths only: others change their
   * unit with their size.
   */
  public String figure(double value, UnitSystem system) {
    if (this != LENGTH) {
      throw new IllegalArgumentException(name());
    }
    return QuantityText.length(value, system);
  }

  /** The unit that is beside a field or in the head of a column, such as {@code in}. */
  public String unit(UnitSystem system) {
    return Unit.usual(this, system).symbol();
  }

  List<Unit> units() {
    return Unit.of(this);
  }
}

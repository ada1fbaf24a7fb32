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
  LENGTH("mm", "Write a length such as 38 mm, 1 1/2, 3/32, 2 ft 3 or 0.049 in."),
  /** A temperature; stored in °C. */
  TEMPERATURE("C", "Write a temperature such as 2150 F or 1180 C."),
  /** A difference of two temperatures; stored in °C. */
  TEMPERATURE_CHANGE("dC", "Write a temperature difference such as 25 F or -15 C."),
  /** A mass; stored in kg. */
  MASS("kg", "Write a mass such as 1.4 kg, 3.1 lb or 3 lb 4 oz."),
  /** A force; stored in kN. */
  FORCE("kN", "Write a force such as 24 tons or 210 kN."),
  /** A pressure; stored in MPa. */
  PRESSURE("MPa", "Write a pressure such as 2500 psi, 17 MPa or 170 bar."),
  /** A volume; stored in litres. */
  VOLUME("l", "Write a volume such as 600 cu in or 10 l."),
  /** A rate of heat; stored in kW. */
  POWER("kW", "Write a power such as 40000 BTU/h or 12 kW."),
  /** Mass used in a time; stored in kg/h. */
  MASS_FLOW("kg/h", "Write a rate such as 2 lb/h or 0.9 kg/h."),
  /** A speed; stored in mm/s. */
  SPEED("mm/s", "Write a speed such as 1/2 in/s or 12 mm/s."),
  /** A time; stored in seconds, typed in minutes where no unit is written. */
  TIME("s", "Write a time such as 45 min, 1h20 or 90 s."),
  /** A density; stored in kg/m³. */
  DENSITY("kg/m3", "Write a density such as 7850 kg/m³ or 0.284 lb/cu in."),
  /** Expansion by heat; stored in 10⁻⁶ per °C. */
  EXPANSION("1e-6/C", "Write an expansion such as 12.1 per °C, in millionths."),
  /** What a length of stock costs; stored per m, in the shop's currency. */
  PRICE_PER_LENGTH("/m", "Write a price such as 4.50 per ft or 15 per m."),
  /** What a mass costs; stored per kg, in the shop's currency. */
  PRICE_PER_MASS("/kg", "Write a price such as 3 per lb or 7 per kg."),
  /** A part of a whole; stored as a fraction. */
  SHARE("share", "Write a share such as 12%."),
  /** An angle; stored in degrees. */
  ANGLE("deg", "Write an angle such as 3.5°."),
  /** Rockwell C hardness; stored in HRC. */
  HARDNESS("HRC", "Write a hardness such as 60 HRC.");

  private final String mark;
  private final String remedy;

  QuantityKind(String mark, String remedy) {
    this.mark = mark;
    this.remedy = remedy;
  }

  /** The stored unit as it is in a mark and in the interface: {@code mm}, {@code C}. */
  public String mark() {
    return mark;
  }

  /** What may be typed, for the person who typed something else. */
  String remedy() {
    return remedy;
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

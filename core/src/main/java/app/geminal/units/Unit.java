package app.geminal.units;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One unit of a kind of quantity. Factors are exact, by definition of the unit: the pound is
 * 0.45359237 kg, standard gravity 9.80665 m/s², the BTU of the International Table 1055.05585262 J.
 *
 * @param symbol as it is shown
 * @param system whose readers see it
 * @param perUnit stored units in one of it
 * @param offset added before multiplying; −32 for °F, else 0
 * @param names every way it is typed, small letters
 * @param part the unit of what follows it without one, as 3 in {@code 2 ft 3}; null where nothing
 *     may follow
 */
record Unit(
    String symbol,
    UnitSystem system,
    Ratio perUnit,
    Ratio offset,
    List<String> names,
    @Nullable String part) {

  private static final Ratio INCH = Ratio.of(254, 10);
  private static final Ratio POUND = Ratio.ofDecimal("0.45359237");
  private static final Ratio GRAVITY = Ratio.ofDecimal("9.80665");
  private static final Ratio BTU_KJ = Ratio.ofDecimal("1.05505585262");
  private static final Ratio CUBIC_INCH_L = Ratio.ofDecimal("0.016387064");
  private static final Ratio POUND_FORCE_N = POUND.times(GRAVITY);

  /** The usual unit of each system is first among those of its system. */
  private static final Map<QuantityKind, List<Unit>> UNITS =
      Map.ofEntries(
          Map.entry(
              QuantityKind.LENGTH,
              List.of(
                  metric(
                      "mm", one(), "mm", "millimetre", "millimetres", "millimeter", "millimeters"),
                  metric("cm", Ratio.of(10, 1), "cm"),
                  metric("m", Ratio.of(1000, 1), "m", "metre", "metres", "meter", "meters")
                      .followedBy("cm"),
                  metric("µm", Ratio.of(1, 1000), "µm", "um", "micron", "microns"),
                  us("in", INCH, "in", "in.", "inch", "inches", "\""),
                  us("ft", INCH.times(Ratio.of(12, 1)), "ft", "ft.", "foot", "feet", "'")
                      .followedBy("in"))),
          Map.entry(
              QuantityKind.TEMPERATURE,
              List.of(
                  metric("°C", one(), "°c", "c", "degrees c", "deg c", "celsius"),
                  new Unit(
                      "°F",
                      UnitSystem.INCH,
                      Ratio.of(5, 9),
                      Ratio.of(-32, 1),
                      List.of("°f", "f", "degrees f", "deg f", "fahrenheit"),
                      null))),
          Map.entry(
              QuantityKind.TEMPERATURE_CHANGE,
              List.of(
                  metric("°C", one(), "°c", "c", "k", "degrees c", "deg c"),
                  us("°F", Ratio.of(5, 9), "°f", "f", "degrees f", "deg f"))),
          Map.entry(
              QuantityKind.MASS,
              List.of(
                  metric("kg", one(), "kg", "kilo", "kilos", "kilogram", "kilograms")
                      .followedBy("g"),
                  metric("g", Ratio.of(1, 1000), "g", "gram", "grams"),
                  metric("t", Ratio.of(1000, 1), "t", "tonne", "tonnes"),
                  us("lb", POUND, "lb", "lbs", "lb.", "lbs.", "#", "pound", "pounds")
                      .followedBy("oz"),
                  us("oz", POUND.times(Ratio.of(1, 16)), "oz", "oz.", "ounce", "ounces"))),
          Map.entry(
              QuantityKind.FORCE,
              List.of(
                  metric("kN", one(), "kn"),
                  metric("N", Ratio.of(1, 1000), "n"),
                  metric("t", GRAVITY, "t", "tonne", "tonnes", "tf", "metric ton", "metric tons"),
                  us(
                      "tons",
                      POUND_FORCE_N.times(Ratio.of(2, 1)),
                      "tons",
                      "ton",
                      "us ton",
                      "us tons",
                      "short ton",
                      "short tons"),
                  us("lbf", POUND_FORCE_N.times(Ratio.of(1, 1000)), "lbf", "lb", "lbs"))),
          Map.entry(
              QuantityKind.PRESSURE,
              List.of(
                  metric("MPa", one(), "mpa", "n/mm2", "n/mm²"),
                  metric("bar", Ratio.of(1, 10), "bar", "bars"),
                  metric("kPa", Ratio.of(1, 1000), "kpa"),
                  us("psi", POUND_FORCE_N.times(Ratio.of(100, 64516)), "psi", "lb/in2", "lb/in²"),
                  us("ksi", POUND_FORCE_N.times(Ratio.of(100000, 64516)), "ksi"))),
          Map.entry(
              QuantityKind.VOLUME,
              List.of(
                  metric("l", one(), "l", "litre", "litres", "liter", "liters", "dm3", "dm³"),
                  metric("ml", Ratio.of(1, 1000), "ml", "cc", "cm3", "cm³"),
                  us("cu in", CUBIC_INCH_L, "cu in", "in3", "in³", "cubic in", "cubic inches"),
                  us(
                      "cu ft",
                      CUBIC_INCH_L.times(Ratio.of(1728, 1)),
                      "cu ft",
                      "ft3",
                      "ft³",
                      "cubic ft",
                      "cubic feet"),
                  us("gal", CUBIC_INCH_L.times(Ratio.of(231, 1)), "gal", "gallon", "gallons"))),
          Map.entry(
              QuantityKind.POWER,
              List.of(
                  metric("kW", one(), "kw"),
                  metric("W", Ratio.of(1, 1000), "w"),
                  us(
                      "BTU/h",
                      BTU_KJ.times(Ratio.of(1, 3600)),
                      "btu/h",
                      "btu/hr",
                      "btuh",
                      "btu",
                      "btu per hour"))),
          Map.entry(
              QuantityKind.MASS_FLOW,
              List.of(
                  metric("kg/h", one(), "kg/h", "kg/hr", "kg per hour", "kg an hour", "kg"),
                  metric("g/h", Ratio.of(1, 1000), "g/h"),
                  us("lb/h", POUND, "lb/h", "lb/hr", "lbs/h", "lbs/hr", "lb per hour", "lb"))),
          Map.entry(
              QuantityKind.SPEED,
              List.of(
                  metric("mm/s", one(), "mm/s", "mm/sec", "mm per second"),
                  metric("cm/s", Ratio.of(10, 1), "cm/s"),
                  us("in/s", INCH, "in/s", "in/sec", "ips", "in per second", "\"/s"),
                  us("in/min", INCH.times(Ratio.of(1, 60)), "in/min", "ipm"))),
          Map.entry(
              QuantityKind.TIME,
              List.of(
                  metric("min", Ratio.of(60, 1), "min", "mins", "min.", "minute", "minutes", "m")
                      .followedBy("s"),
                  metric("s", one(), "s", "sec", "secs", "sec.", "second", "seconds"),
                  metric("h", Ratio.of(3600, 1), "h", "hr", "hrs", "hour", "hours")
                      .followedBy("min"),
                  metric("d", Ratio.of(86400, 1), "d", "day", "days").followedBy("h"))),
          Map.entry(
              QuantityKind.DENSITY,
              List.of(
                  metric("kg/m³", one(), "kg/m³", "kg/m3"),
                  metric("g/cm³", Ratio.of(1000, 1), "g/cm³", "g/cm3", "g/cc"),
                  us(
                      "lb/cu in",
                      POUND.times(CUBIC_INCH_L.inverse()).times(Ratio.of(1000, 1)),
                      "lb/cu in",
                      "lb/in³",
                      "lb/in3"))),
          Map.entry(
              QuantityKind.EXPANSION,
              List.of(
                  metric("10⁻⁶/°C", one(), "10⁻⁶/°c", "/°c", "/c", "/k", "per °c", "per c"),
                  us("10⁻⁶/°F", Ratio.of(9, 5), "10⁻⁶/°f", "/°f", "/f", "per °f", "per f"))),
          Map.entry(
              QuantityKind.PRICE_PER_LENGTH,
              List.of(
                  metric("per m", one(), "per m", "/m", "a metre", "a meter"),
                  us("per ft", Ratio.of(10000, 3048), "per ft", "/ft", "a foot", "per foot"),
                  us("per in", Ratio.of(10000, 254), "per in", "/in", "an inch", "per inch"))),
          Map.entry(
              QuantityKind.PRICE_PER_MASS,
              List.of(
                  metric("per kg", one(), "per kg", "/kg", "a kilo"),
                  us("per lb", POUND.inverse(), "per lb", "/lb", "a pound", "per pound"))),
          Map.entry(
              QuantityKind.SHARE,
              List.of(metric("%", Ratio.of(1, 100), "%", "percent", "per cent", "pct"))),
          Map.entry(
              QuantityKind.ANGLE, List.of(metric("°", one(), "°", "deg", "degree", "degrees"))),
          Map.entry(
              QuantityKind.HARDNESS, List.of(metric("HRC", one(), "hrc", "rc", "rockwell c"))));

  static List<Unit> of(QuantityKind kind) {
    return UNITS.getOrDefault(kind, List.of());
  }

  /** The unit meant where none is written, and shown where one will do. */
  static Unit usual(QuantityKind kind, UnitSystem system) {
    List<Unit> all = of(kind);
    return all.stream().filter(u -> u.system == system).findFirst().orElse(all.getFirst());
  }

  /** The value in the stored unit of so many of this one. */
  Ratio stored(Ratio count) {
    return count.plus(offset).times(perUnit);
  }

  /** How many of it a stored value is. */
  double count(double value) {
    Ratio exact = Ratio.ofDecimal(BigDecimal.valueOf(value).toPlainString());
    return exact.times(perUnit.inverse()).toDouble() - offset.toDouble();
  }

  private static Unit metric(String symbol, Ratio perUnit, String... names) {
    return new Unit(symbol, UnitSystem.METRIC, perUnit, Ratio.of(0, 1), List.of(names), null);
  }

  private static Unit us(String symbol, Ratio perUnit, String... names) {
    return new Unit(symbol, UnitSystem.INCH, perUnit, Ratio.of(0, 1), List.of(names), null);
  }

  private Unit followedBy(String smaller) {
    return new Unit(symbol, system, perUnit, offset, names, smaller);
  }

  private static Ratio one() {
    return Ratio.of(1, 1);
  }
}

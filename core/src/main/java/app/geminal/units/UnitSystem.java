package app.geminal.units;

/** The units a person reads and types when no unit is written. */
public enum UnitSystem {
  /** Millimetres, degrees Celsius, kilograms. */
  METRIC,
  /** Inches, degrees Fahrenheit, pounds. */
  INCH
}

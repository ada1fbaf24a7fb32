package app.geminal.units;

import java.util.EnumMap;
import java.util.Map;

/**
 * The units a reader chose: one system, and another for single quantities where they said so.
 *
 * @param system for everything else
 * @param chosen quantities read in a system of their own
 */
public record Units(UnitSystem system, Map<QuantityKind, UnitSystem> chosen) {
  /** Millimetres, degrees Celsius, kilograms and their related units. */
  public static final Units METRIC = new Units(UnitSystem.METRIC);

  /** Inches, degrees Fahrenheit, pounds and their related units. */
  public static final Units US = new Units(UnitSystem.INCH);

  /** Keeps what differs from the system. */
  public Units {
    EnumMap<QuantityKind, UnitSystem> differs = new EnumMap<>(QuantityKind.class);
    for (Map.Entry<QuantityKind, UnitSystem> one : chosen.entrySet()) {
      if (one.getValue() != system) {
        differs.put(one.getKey(), one.getValue());
      }
    }
    chosen = java.util.Collections.unmodifiableMap(differs);
  }

  /** One system for everything. */
  public Units(UnitSystem system) {
    this(system, Map.of());
  }

  /** The system for a quantity. */
  public UnitSystem of(QuantityKind kind) {
    return chosen.getOrDefault(kind, system);
  }
}

package app.geminal.ledger;

import app.geminal.steel.Steels;
import java.util.Collection;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/** Volumes of steel, mm³ by designation; immutable. */
public final class Amount {
  /** No steel at all. */
  public static final Amount NONE = new Amount(new TreeMap<>());

  private static final double MM3_PER_M3 = 1e9;

  private final Map<String, Double> mm3BySteel;

  private Amount(Map<String, Double> mm3BySteel) {
    this.mm3BySteel = mm3BySteel;
  }

  /** Layers of the given thicknesses, mm by steel, over an area, mm². */
  public static Amount ofLayers(Map<String, Double> thicknessBySteel, double areaMm2) {
    Map<String, Double> mm3 = new TreeMap<>();
    thicknessBySteel.forEach((steel, mm) -> mm3.put(steel, mm * areaMm2));
    return new Amount(mm3);
  }

  /** All of them together. */
  public static Amount sum(Collection<Amount> amounts) {
    Map<String, Double> sum = new TreeMap<>();
    amounts.forEach(a -> a.mm3BySteel.forEach((steel, mm3) -> sum.merge(steel, mm3, Double::sum)));
    return new Amount(sum);
  }

  /** Both together. */
  public Amount plus(Amount that) {
    Map<String, Double> sum = new TreeMap<>(mm3BySteel);
    that.mm3BySteel.forEach((steel, mm3) -> sum.merge(steel, mm3, Double::sum));
    return new Amount(sum);
  }

  /** This without that; never under nothing by more than rounding. */
  public Amount minus(Amount that) {
    return plus(that.times(-1));
  }

  /** This much, {@code factor} times. */
  public Amount times(double factor) {
    return ofLayers(mm3BySteel, factor);
  }

  /** Volume of all steels, mm³. */
  public double volumeMm3() {
    return mm3BySteel.values().stream().mapToDouble(Double::doubleValue).sum();
  }

  /** Volumes by designation, mm³. */
  public Map<String, Double> mm3BySteel() {
    return Collections.unmodifiableMap(mm3BySteel);
  }

  /** Mass of all steels, kg, at room temperature. */
  public double massKg(Steels steels) {
    return mm3BySteel.entrySet().stream()
        .mapToDouble(e -> e.getValue() / MM3_PER_M3 * steels.get(e.getKey()).densityKgM3())
        .sum();
  }
}

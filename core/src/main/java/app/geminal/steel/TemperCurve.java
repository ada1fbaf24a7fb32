package app.geminal.steel;

import app.geminal.numeric.Polyline;
import app.geminal.validation.InvalidValue;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.DoubleStream;

/**
 * Hardness after tempering once or twice for one to two hours, HRC by °C, ±1.5 HRC; straight lines
 * between the points. Outside its points it says nothing: below about 150 °C nothing is tempered,
 * and extrapolating upwards misses secondary hardening.
 */
public final class TemperCurve {
  private final NavigableMap<Double, Double> hrcByC;
  private final Polyline curve;

  private TemperCurve(NavigableMap<Double, Double> hrcByC) {
    this.hrcByC = hrcByC;
    this.curve =
        Polyline.through(
            hrcByC.entrySet().stream()
                .flatMapToDouble(point -> DoubleStream.of(point.getKey(), point.getValue()))
                .toArray());
  }

  /** From points, at least one. */
  public static TemperCurve of(Map<Double, Double> hrcByC) {
    if (hrcByC.isEmpty()) {
      throw new InvalidValue("temper", SteelText.CURVE_WITHOUT_POINTS.with());
    }
    return new TemperCurve(new TreeMap<>(hrcByC));
  }

  /** From a table's words, {@code 150:61;175:60}. */
  public static TemperCurve parse(String text) {
    NavigableMap<Double, Double> points = new TreeMap<>();
    for (String point : text.split(";", -1)) {
      String[] pair = point.split(":", -1);
      try {
        points.put(Double.parseDouble(pair[0].strip()), Double.parseDouble(pair[1].strip()));
      } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
        throw new InvalidValue("temper", SteelText.NOT_A_POINT.with("point", point));
      }
    }
    return of(points);
  }

  /** Hardness after a temper, HRC; empty outside the points. */
  public Optional<Double> hrcAt(double temperC) {
    return curve.covers(temperC) ? Optional.of(curve.at(temperC)) : Optional.empty();
  }

  /** The points, °C to HRC. */
  public Map<Double, Double> points() {
    return java.util.Collections.unmodifiableMap(hrcByC);
  }
}

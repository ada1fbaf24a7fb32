package app.geminal.steel;

import java.util.Optional;

/**
 * The heats at which a steel forge-welds, °C, both included. The upper end already stands 90 to 130
 * °C below the solidus for segregation and a gauge that reads wrong.
 */
public record WeldWindow(double fromC, double toC) {

  /** The heats both windows share, empty when they do not meet. */
  public Optional<WeldWindow> and(WeldWindow that) {
    double from = Math.max(fromC, that.fromC);
    double to = Math.min(toC, that.toC);
    return from <= to ? Optional.of(new WeldWindow(from, to)) : Optional.empty();
  }

  /** The heat half-way up. */
  public double middleC() {
    return (fromC + toC) / 2;
  }
}

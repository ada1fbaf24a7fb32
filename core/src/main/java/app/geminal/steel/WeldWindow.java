package app.geminal.steel;

import java.util.List;
import java.util.Optional;

/**
 * The heats at which a steel forge-welds, °C, both included. The upper end already is 90 to 130 °C
 * below the solidus for segregation and a gauge that reads wrong.
 *
 * @param fromC lower end, °C
 * @param toC upper end, °C
 */
public record WeldWindow(double fromC, double toC) {

  /** The heats both windows share, empty when they do not meet. */
  public Optional<WeldWindow> and(WeldWindow that) {
    double from = Math.max(fromC, that.fromC);
    double to = Math.min(toC, that.toC);
    return from <= to ? Optional.of(new WeldWindow(from, to)) : Optional.empty();
  }

  /** The heats all of some steels share, empty when they do not meet or one must not be welded. */
  public static Optional<WeldWindow> sharedBy(List<Steel> steels) {
    return steels.stream()
        .map(Steel::weldWindow)
        .reduce((a, b) -> a.flatMap(x -> b.flatMap(x::and)))
        .orElse(Optional.empty());
  }

  /** The heat half-way up. */
  public double middleC() {
    return (fromC + toC) / 2;
  }

  /** The same to 5 °C, as one sets a forge. */
  public double settingC() {
    return Math.rint(middleC() / 5) * 5;
  }
}

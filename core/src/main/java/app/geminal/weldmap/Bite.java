package app.geminal.weldmap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * One squeeze along the bar.
 *
 * @param fromMm from one end
 * @param toMm from the same end
 */
public record Bite(double fromMm, double toMm) {
  /** Evenly laid bites over a bar, in the order they are taken: from the middle out. */
  public static List<Bite> fromTheMiddle(int bites, double biteMm, double lengthMm) {
    double length = Math.min(biteMm, lengthMm);
    List<Bite> laid = new ArrayList<>();
    for (int i = 0; i < bites; i++) {
      double from = bites == 1 ? (lengthMm - length) / 2 : i * (lengthMm - length) / (bites - 1);
      laid.add(new Bite(from, from + length));
    }
    laid.sort(Comparator.comparingDouble(b -> Math.abs(b.middleMm() - lengthMm / 2)));
    return List.copyOf(laid);
  }

  private double middleMm() {
    return (fromMm + toMm) / 2;
  }

  /** Whether the dies are on a place. */
  public boolean covers(double mm) {
    return mm >= fromMm && mm <= toMm;
  }

  /** Length under the dies, mm. */
  double lengthMm() {
    return toMm - fromMm;
  }
}

package app.geminal.ripping;

import app.geminal.validation.Require;
import java.util.List;

/**
 * Equal pieces that are wanted.
 *
 * @param count how many, 1 to 500
 * @param widthMm across the grain, above 0, at most 2000
 * @param lengthMm along it, above 0, at most 10 000
 */
public record WantedPiece(int count, double widthMm, double lengthMm) {
  /** Checks every field. */
  public WantedPiece {
    Require.count("count", count, 1, 500);
    Require.lengthAbove("widthMm", widthMm, 0, 2000);
    Require.lengthAbove("lengthMm", lengthMm, 0, 10_000);
  }

  /** So many of each, mm². */
  static double areaMm2(List<WantedPiece> wanted, List<Integer> counts) {
    double sum = 0;
    for (int i = 0; i < counts.size(); i++) {
      sum += counts.get(i) * wanted.get(i).areaMm2();
    }
    return sum;
  }

  /** One of them, mm². */
  double areaMm2() {
    return widthMm * lengthMm;
  }
}

package app.geminal.measurement;

import app.geminal.bar.Bars;
import app.geminal.operation.Cut;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.List;

/** What a bar gives at the saw, for deciding how to go on with the one that is really there. */
public final class PieceYield {
  private static final int MOST_PIECES = 12;

  private PieceYield() {}

  /**
   * The numbers of equal pieces it gives, in one sentence; may hold measure marks.
   *
   * @param kerfMm of the saw
   * @param shortestMm a shorter piece cannot be held, clamped or tacked
   */
  public static String words(Bars bars, double kerfMm, double shortestMm) {
    Require.lengthUpTo("kerfMm", kerfMm, 20);
    List<String> good = new ArrayList<>();
    for (int n = 2; n <= MOST_PIECES; n++) {
      double piece = pieceMm(bars, n, kerfMm);
      if (piece < shortestMm) {
        String tooShort =
            piece > 0
                ? Text.of(
                    "%d of %s are shorter than the %s you can hold",
                    n, Measure.mm(piece), Measure.mm(shortestMm))
                : Text.of("%d leave only sawdust", n);
        return good.isEmpty()
            ? "Too short to cut: " + tooShort + "."
            : "It gives " + listed(good) + "; " + tooShort + ".";
      }
      good.add((n == 2 ? "2 pieces of " : n + " of ") + Measure.mm(piece));
    }
    return "It gives " + listed(good) + ", or more.";
  }

  private static double pieceMm(Bars bars, int pieces, double kerfMm) {
    return Cut.equal(pieces, kerfMm).marks(bars.lengthMm()).pieceMm();
  }

  /** The last few: no one cuts a long bar in two to restack it. */
  private static String listed(List<String> good) {
    return String.join(", ", good.subList(Math.max(0, good.size() - 4), good.size()));
  }
}

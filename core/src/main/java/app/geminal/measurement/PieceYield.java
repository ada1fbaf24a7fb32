package app.geminal.measurement;

import app.geminal.bar.Bars;
import app.geminal.operation.Cut;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** What a bar gives at the saw, for deciding how to go on with the one that is really there. */
public final class PieceYield {
  private static final int MOST_PIECES = 12;

  private PieceYield() {}

  /**
   * The numbers of equal pieces it gives, in one sentence.
   *
   * @param kerfMm of the saw
   * @param shortestMm a shorter piece cannot be held, clamped or tacked
   */
  public static Message words(Bars bars, double kerfMm, double shortestMm) {
    Require.lengthUpTo("kerfMm", kerfMm, 20);
    List<Quantity> good = new ArrayList<>();
    for (int n = 2; n <= MOST_PIECES; n++) {
      double piece = pieceMm(bars, n, kerfMm);
      if (piece < shortestMm) {
        Message tooShort =
            piece > 0
                ? MeasurementText.SHORTER_THAN_HELD.with(
                    "pieces", n, "length", Quantity.mm(piece), "shortest", Quantity.mm(shortestMm))
                : MeasurementText.ONLY_SAWDUST.with("pieces", n);
        return good.isEmpty()
            ? MeasurementText.TOO_SHORT_TO_CUT.with("tooShort", tooShort)
            : MeasurementText.PIECES_TO_SHORT.with("good", last(good), "tooShort", tooShort);
      }
      good.add(Quantity.mm(piece));
    }
    return MeasurementText.PIECES_AND_MORE.with("good", last(good));
  }

  private static double pieceMm(Bars bars, int pieces, double kerfMm) {
    return Cut.equal(pieces, kerfMm).marks(bars.lengthMm()).pieceMm();
  }

  /** The last few: no one cuts a long bar in two to restack it. */
  private static List<Message> last(List<Quantity> good) {
    int from = Math.max(0, good.size() - 4);
    return IntStream.range(from, good.size())
        .mapToObj(i ->
            (i == from ? MeasurementText.PIECES_OF : MeasurementText.OF)
                .with("pieces", i + 2, "length", good.get(i)))
        .toList();
  }
}

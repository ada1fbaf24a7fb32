package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.vision.GaugeCard;
import app.geminal.vision.MeasuredBars;
import app.geminal.vision.MeasuredPiece;
import app.geminal.vision.Spot;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a photograph measures as JSON; see docs/formats/photographs.md.
 *
 * @param card that was seen, null where none was
 * @param pxPerMm in the middle of the card
 * @param pieces that lie beside it, the largest first
 * @param refused why nothing is measured, null where something is
 */
record MeasureJson(
    @Nullable GaugeCard card, double pxPerMm, List<PieceJson> pieces, @Nullable String refused) {

  /**
   * One piece.
   *
   * @param lengthMm its longer side
   * @param lengthErrorMm 95 in 100 are within
   * @param widthMm its shorter side
   * @param widthErrorMm 95 in 100 are within
   * @param taperMm how much wider at one end
   * @param bowMm how far its middle is off
   * @param outOfSquareDeg the worse end
   * @param corners x and y in order around it, px
   */
  record PieceJson(
      double lengthMm,
      double lengthErrorMm,
      double widthMm,
      double widthErrorMm,
      double taperMm,
      double bowMm,
      double outOfSquareDeg,
      List<List<Double>> corners) {

    static PieceJson of(MeasuredPiece piece) {
      return new PieceJson(
          hundredth(piece.longMm()),
          hundredth(piece.longErrorMm()),
          hundredth(piece.shortMm()),
          hundredth(piece.shortErrorMm()),
          hundredth(piece.taperMm()),
          hundredth(piece.bowMm()),
          hundredth(piece.outOfSquareDeg()),
          piece.corners().stream().map(PieceJson::place).toList());
    }

    private static List<Double> place(Spot px) {
      return List.of(hundredth(px.x()), hundredth(px.y()));
    }
  }

  static MeasureJson of(MeasuredBars measured) {
    return new MeasureJson(
        measured.card().orElse(null),
        hundredth(measured.pxPerMm()),
        measured.pieces().stream().map(PieceJson::of).toList(),
        measured.refused().map(why -> why.read(Units.METRIC)).orElse(null));
  }

  private static double hundredth(double of) {
    return Math.rint(of * 100) / 100;
  }
}

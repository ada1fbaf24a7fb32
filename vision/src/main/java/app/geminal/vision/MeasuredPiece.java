package app.geminal.vision;

import java.util.List;

/**
 * The face of a piece as a photograph shows it; each error is what 95 in 100 are within.
 *
 * @param longMm its longer sides' distance between its ends
 * @param longErrorMm of it
 * @param shortMm from one longer side to the other, in their middle
 * @param shortErrorMm of it
 * @param taperMm by how much it is wider at one end than at the other
 * @param bowMm how far its middle is off the line between its ends
 * @param outOfSquareDeg how far its ends are from square, the worse of the two
 * @param corners px, in order around it
 */
public record MeasuredPiece(
    double longMm,
    double longErrorMm,
    double shortMm,
    double shortErrorMm,
    double taperMm,
    double bowMm,
    double outOfSquareDeg,
    List<Spot> corners) {
  /** Copies the list. */
  public MeasuredPiece {
    corners = List.copyOf(corners);
  }
}

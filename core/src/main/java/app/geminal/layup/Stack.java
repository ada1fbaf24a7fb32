package app.geminal.layup;

import app.geminal.check.Require;
import app.geminal.layers.LayerSequence;
import java.util.List;

/**
 * Pieces laid on each other, bottom first.
 *
 * @param pieces 1 to 500
 * @param widthMm of every piece; above 0, at most 1000
 * @param lengthMm of every piece; above 0, at most 3000
 */
public record Stack(List<Piece> pieces, double widthMm, double lengthMm) {
  /** More pieces than this cannot be held together by any means. */
  public static final int MOST_PIECES = 500;

  /** Widest bar the program plans, mm. */
  public static final double WIDEST_MM = 1000;

  /** Longest piece the program plans, mm. */
  public static final double LONGEST_MM = 3000;

  /** Checks every field and copies the list. */
  public Stack {
    pieces = Require.list("pieces", pieces, 1, MOST_PIECES);
    Require.lengthAbove("widthMm", widthMm, 0, WIDEST_MM);
    Require.lengthAbove("lengthMm", lengthMm, 0, LONGEST_MM);
  }

  /** The pieces as layers, bottom to top. */
  public LayerSequence layers() {
    return layersOf(pieces);
  }

  /** Pieces laid on each other as layers; at least one. */
  public static LayerSequence layersOf(List<Piece> pieces) {
    return LayerSequence.join(
        pieces.stream().map(p -> LayerSequence.band(p.steel(), p.thicknessMm())).toList());
  }

  /** Height of the dry stack, mm. */
  public double heightMm() {
    return pieces.stream().mapToDouble(Piece::thicknessMm).sum();
  }
}

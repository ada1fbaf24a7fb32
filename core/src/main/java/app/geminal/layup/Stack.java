package app.geminal.layup;

import app.geminal.layers.LayerSequence;
import app.geminal.validation.Require;
import java.util.List;

/**
 * Pieces laid on each other, bottom first. Pieces of another width or length are cut to the
 * smallest with the first trimming of the stack.
 *
 * @param pieces 1 to 500
 * @param widthMm of every piece that does not say its own; 1 to 1000
 * @param lengthMm of every piece that does not say its own; 1 to 3000
 */
public record Stack(List<Piece> pieces, double widthMm, double lengthMm) {
  /** More pieces than this cannot be held together by any means. */
  public static final int MOST_PIECES = 500;

  /** Narrowest and shortest piece the program plans, mm. */
  public static final double NARROWEST_MM = 1;

  /** Widest bar the program plans, mm. */
  public static final double WIDEST_MM = 1000;

  /** Longest piece the program plans, mm. */
  public static final double LONGEST_MM = 3000;

  /** Checks every field and copies the list. */
  public Stack {
    pieces = Require.list("pieces", pieces, 1, MOST_PIECES);
    Require.length("widthMm", widthMm, NARROWEST_MM, WIDEST_MM);
    Require.length("lengthMm", lengthMm, NARROWEST_MM, LONGEST_MM);
  }

  /** The steel of the pieces as layers, bottom to top, without voids. */
  public LayerSequence layers() {
    return layersOf(pieces);
  }

  /** The steel of pieces laid on each other as layers; at least one. */
  public static LayerSequence layersOf(List<Piece> pieces) {
    return LayerSequence.join(
        pieces.stream().map(p -> LayerSequence.band(p.steel(), p.solidMm())).toList());
  }

  /** Height of the dry stack, mm. */
  public double heightMm() {
    return pieces.stream().mapToDouble(Piece::thicknessMm).sum();
  }

  /** Part of the height that is steel, 0 to 1. */
  public double fill() {
    return pieces.stream().allMatch(p -> p.fill() == 1)
        ? 1
        : pieces.stream().mapToDouble(Piece::solidMm).sum() / heightMm();
  }

  /** Width of the narrowest piece, mm. */
  public double narrowestMm() {
    return pieces.stream().mapToDouble(p -> p.widthIn(widthMm)).min().orElse(widthMm);
  }

  /** Length of the shortest piece, mm. */
  public double shortestMm() {
    return pieces.stream().mapToDouble(p -> p.lengthIn(lengthMm)).min().orElse(lengthMm);
  }

  /** The same stack of other pieces. */
  public Stack withPieces(List<Piece> newPieces) {
    return new Stack(newPieces, widthMm, lengthMm);
  }

  /** The same stack with another width and length; pieces that say their own change in step. */
  public Stack withFace(double newWidthMm, double newLengthMm) {
    return new Stack(
        pieces.stream()
            .map(p ->
                new Piece(
                    p.steel(),
                    p.thicknessMm(),
                    inStep(p.widthMm(), newWidthMm / widthMm, WIDEST_MM),
                    inStep(p.lengthMm(), newLengthMm / lengthMm, LONGEST_MM),
                    p.fill()))
            .toList(),
        newWidthMm,
        newLengthMm);
  }

  private static double inStep(double ownMm, double factor, double mostMm) {
    return ownMm == 0 ? 0 : Math.clamp(ownMm * factor, NARROWEST_MM, mostMm);
  }
}

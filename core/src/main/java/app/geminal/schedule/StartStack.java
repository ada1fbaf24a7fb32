package app.geminal.schedule;

import app.geminal.layup.Piece;
import app.geminal.validation.Require;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The first stack of a schedule.
 *
 * @param pieces 2 to 500
 * @param layout how they are laid
 * @param outside the piece at the bottom, and at the top of an odd stack
 * @param inside the other piece
 */
public record StartStack(int pieces, Layout layout, Piece outside, Piece inside) {

  /** Checks the count. */
  public StartStack {
    Require.count("pieces", pieces, 2, 500);
  }

  /** The pieces, bottom first. */
  public List<Piece> laid() {
    return IntStream.range(0, pieces).mapToObj(this::piece).toList();
  }

  private Piece piece(int i) {
    int layer = layout == Layout.DOUBLED ? i / 2 : i;
    Piece piece = layer % 2 == 0 ? outside : inside;
    boolean last = i == 0 || i == pieces - 1;
    return layout == Layout.THICK_OUTSIDES && last
        ? piece.withThicknessMm(2 * piece.thicknessMm())
        : piece;
  }

  /** Whether the stack looks the same turned over. */
  public boolean isSymmetric() {
    List<Piece> laid = laid();
    return laid.equals(laid.reversed());
  }
}

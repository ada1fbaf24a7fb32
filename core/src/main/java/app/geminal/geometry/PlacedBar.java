package app.geminal.geometry;

import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import java.util.List;

/**
 * Where one thing is in a block that was laid together. Lists of these go bottom to top, or left to
 * right where bars lie side by side, and fill the block.
 *
 * @param what was laid
 * @param turn which way; a sheet has none and says the same
 * @param shims on it, bottom first
 * @param sizeMm steel of it in the block, along the line of laying, shims with it
 * @param skipYMm gone from its left edge, as it is, before it came to lie here
 * @param skipZMm gone from its underside
 */
public record PlacedBar(
    What what, Turn turn, List<Piece> shims, double sizeMm, double skipYMm, double skipZMm) {

  /** What can be laid, as one finds it again. */
  public sealed interface What {
    /**
     * A bar at hand.
     *
     * @param nth of those in one block, from 0
     */
    record OwnBar(int nth) implements What {}

    /**
     * A bar of a part.
     *
     * @param nth of that part in one block, from 0
     */
    record PartOf(String part, int nth) implements What {}

    /** A sheet, the same all through. */
    record Sheet(String steel) implements What {}
  }

  /** As it came, of no size yet. */
  public static PlacedBar of(What what, Turn turn, List<Piece> shims) {
    return new PlacedBar(what, turn, shims, 0, 0, 0);
  }

  /** With more gone from its left edge and its underside. */
  public PlacedBar skipping(double moreYMm, double moreZMm) {
    return new PlacedBar(what, turn, shims, sizeMm, skipYMm + moreYMm, skipZMm + moreZMm);
  }

  /** Of that size. */
  public PlacedBar withSizeMm(double newSizeMm) {
    return new PlacedBar(what, turn, shims, newSizeMm, skipYMm, skipZMm);
  }
}

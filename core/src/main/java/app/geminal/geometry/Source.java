package app.geminal.geometry;

import app.geminal.layup.Piece;
import java.util.List;

/** What something in a block or a roll was made from. */
public sealed interface Source {
  /** The bars at hand. */
  record OwnBars() implements Source {}

  /** Bars of a part. */
  record PartBars(String part) implements Source {}

  /** A sheet or a round, the same all through. */
  record Sheet(String steel) implements Source {}

  /**
   * Sheets laid on a bar.
   *
   * @param pieces bottom first
   */
  record Shims(List<Piece> pieces) implements Source {
    /** Copies the list. */
    public Shims {
      pieces = List.copyOf(pieces);
    }
  }
}

package app.geminal.ripping;

import org.jspecify.annotations.Nullable;

/**
 * Pieces that one cut after the other brings out of a box, each size with a kerf on it, in
 * hundredths of a millimeter: a piece, or two patterns beside each other.
 *
 * @param width of the box
 * @param length of the box
 * @param piece which of the wanted pieces; −1 for two patterns
 * @param first the one where width and length begin
 * @param second the one after it
 * @param isAcross whether the second is beside the first across the width, not along the length
 */
record Pattern(
    long width,
    long length,
    int piece,
    @Nullable Pattern first,
    @Nullable Pattern second,
    boolean isAcross) {
  static Pattern of(int piece, long width, long length) {
    return new Pattern(width, length, piece, null, null, false);
  }

  static Pattern across(Pattern first, Pattern second) {
    return new Pattern(
        first.width + second.width, Math.max(first.length, second.length), -1, first, second, true);
  }

  static Pattern along(Pattern first, Pattern second) {
    return new Pattern(
        Math.max(first.width, second.width),
        first.length + second.length,
        -1,
        first,
        second,
        false);
  }

  /** Whether a zone has room for it, the last kerf of each way beyond its edge. */
  boolean fits(Zone zone, long kerf) {
    return width <= zone.width() + kerf && length <= zone.length() + kerf;
  }
}

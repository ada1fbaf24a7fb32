package app.geminal.pattern;

/**
 * A picture, row by row from the top.
 *
 * @param widthPx columns
 * @param heightPx rows
 * @param argb 0xAARRGGBB, at the edge of the steel as much of it as fills the pixel; 0 where there
 *     is none. Not copied: a picture is made to be written out once.
 */
@SuppressWarnings("ArrayRecordComponent") // a million boxed numbers are no picture
public record Picture(int widthPx, int heightPx, int[] argb) {
  /** The colour at a pixel. */
  public int at(int column, int row) {
    return argb[row * widthPx + column];
  }
}

package app.geminal.pattern;

/**
 * A picture, row by row from the top.
 *
 * @param widthPx columns
 * @param heightPx rows
 * @param argb 0xAARRGGBB; 0 where there is no steel. Not copied: a picture is made to be written
 *     out once.
 */
@SuppressWarnings("ArrayRecordComponent") // a million boxed numbers are no picture
public record Picture(int widthPx, int heightPx, int[] argb) {
  /** The colour at a pixel. */
  public int at(int column, int row) {
    return argb[row * widthPx + column];
  }
}

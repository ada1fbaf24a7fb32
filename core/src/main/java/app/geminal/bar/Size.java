package app.geminal.bar;

/** Length, width and height of a bar, mm, voids closed. */
public record Size(double length, double width, double height) {

  /** Of each of some bars. */
  public static Size of(Bars bars) {
    return new Size(bars.lengthMm(), bars.widthMm(), bars.section().heightMm());
  }

  /** Less a skin on all six faces. */
  public Size without(double skin) {
    return new Size(length - 2 * skin, width - 2 * skin, height - 2 * skin);
  }

  /** Rolled a quarter turn. */
  public Size onEdge() {
    return new Size(length, /* width= */ height, /* height= */ width);
  }
}

package app.geminal.pattern;

import app.geminal.bar.Bars;

/** Length, width and height of a bar, mm, voids closed. */
record Box(double length, double width, double height) {

  static Box of(Bars bars) {
    return new Box(bars.lengthMm(), bars.widthMm(), bars.section().heightMm());
  }

  /** Less a skin on all six faces. */
  Box without(double skin) {
    return new Box(length - 2 * skin, width - 2 * skin, height - 2 * skin);
  }

  /** Rolled a quarter turn. */
  Box onEdge() {
    return new Box(length, /* width= */ height, /* height= */ width);
  }

  /** Takes a point of this box to where it was when the box had that shape. */
  Stretch to(Box source) {
    return Stretch.scale(source.length / length, source.width / width, source.height / height);
  }
}

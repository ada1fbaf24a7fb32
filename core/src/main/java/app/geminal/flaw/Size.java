package app.geminal.flaw;

import app.geminal.bar.Bars;

/** Length, width and height of each bar, mm, voids closed. */
record Size(double length, double width, double height) {

  static Size of(Bars bars) {
    return new Size(bars.lengthMm(), bars.widthMm(), bars.section().heightMm());
  }

  Size without(double skin) {
    return new Size(length - 2 * skin, width - 2 * skin, height - 2 * skin);
  }

  Size onEdge() {
    return new Size(length, /* width= */ height, /* height= */ width);
  }
}

package app.geminal.bar;

/** One of the four long sides of a bar. */
public enum Side {
  BOTTOM,
  TOP,
  LEFT,
  RIGHT
}

package app.geminal.pattern;

/**
 * Layers on edge that bowed out while they were pressed down; both edges of the bar stay straight.
 *
 * <p>A column at y is taken from y − bow·s·c: s(t) = 1 − |2t − 1|^1.5 over the width, 1 in the
 * middle and 0 at both edges; c(ζ) = 1/3 − ζ² over the half height, which is 0 on average, so that
 * every layer keeps its area to the first order. Columns never cross up to a bow of half the width.
 * Local width is off by up to 2·bow/width where a layer is near an edge and at the faces.
 */
record BowedLayers(double bowMm, double widthMm, double heightMm) implements InverseMap {

  @Override
  public void back(Point p) {
    double from = Math.abs(2 * p.y / widthMm - 1);
    double up = 2 * p.z / heightMm - 1;
    double share = 1 - Math.min(1, from * Math.sqrt(from));
    p.y -= bowMm * share * (1.0 / 3 - up * up);
  }
}

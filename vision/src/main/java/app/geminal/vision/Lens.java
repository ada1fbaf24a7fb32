package app.geminal.vision;

/**
 * How a lens bends straight lines: a place at a distance r from the middle of the picture, in half
 * widths, would be at r (1 + bend r²) through a straight one.
 *
 * @param bend of a phone −0.05 to 0.05; 0 is straight
 * @param widthPx of the picture
 * @param heightPx of the picture
 */
record Lens(double bend, int widthPx, int heightPx) {
  private static final int ROUNDS = 20;
  private static final double EXACT_PX = 1e-4;

  static Lens of(Photograph photograph, double bend) {
    return new Lens(bend, photograph.widthPx(), photograph.heightPx());
  }

  /** Where a straight lens would show what is at a place of the picture. */
  Spot straight(double x, double y) {
    double dx = x - widthPx / 2.0;
    double dy = y - heightPx / 2.0;
    double half = Math.max(widthPx, heightPx) / 2.0;
    double factor = 1 + bend * (dx * dx + dy * dy) / (half * half);
    return new Spot(widthPx / 2.0 + dx * factor, heightPx / 2.0 + dy * factor);
  }

  /** Where the picture shows what a straight lens would show at a place. */
  Spot bent(Spot straight) {
    double x = straight.x();
    double y = straight.y();
    if (bend == 0) {
      return straight;
    }
    for (int i = 0; i < ROUNDS; i++) {
      Spot there = straight(x, y);
      if (there.to(straight) < EXACT_PX) {
        break;
      }
      x += straight.x() - there.x();
      y += straight.y() - there.y();
    }
    return new Spot(x, y);
  }
}

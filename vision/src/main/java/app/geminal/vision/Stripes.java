package app.geminal.vision;

import java.util.List;

/** What a ribbon, or a part of it, shows along a line; places are px from where the line begins. */
final class Stripes {
  private final Boundaries boundaries;
  private final Warmth warmth;
  private final double beyond;

  /**
   * Of threads of a ribbon.
   *
   * @param beyond how many samples of them are before the line begins, and after it ends
   */
  Stripes(float[][] threads, Warmth warmth, double beyond) {
    this.warmth = warmth;
    this.beyond = beyond;
    int from = (int) beyond;
    boundaries = new Boundaries(Profile.of(threads), from, threads[0].length - 1 - from);
  }

  /** How warm the colour is. */
  Warmth warmth() {
    return warmth;
  }

  /** Boundaries, in order; see {@link Boundaries#places}. */
  List<Double> places(double share, double thicknessPx) {
    return boundaries.places(share, thicknessPx).stream().map(place -> place - beyond).toList();
  }

  /** Brightness at a place. */
  double toneAt(double place) {
    return boundaries.toneAt(place + beyond);
  }

  /** How far brightness is spread along the line. */
  double contrast() {
    return boundaries.contrast();
  }
}

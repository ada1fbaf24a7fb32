package app.geminal.vision;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** What a ribbon, or a part of it, shows along a line; places are px from where the line begins. */
final class Stripes {
  private final Boundaries boundaries;
  private final double beyond;
  private final Map<Asked, List<Double>> found = new HashMap<>();

  /** What was asked once is asked again for the ends of the line, and to confirm other parts. */
  private record Asked(double share, double thicknessPx) {}

  /**
   * Of threads of a ribbon.
   *
   * @param beyond how many samples of them are before the line begins, and after it ends
   */
  Stripes(float[][] threads, double beyond) {
    this.beyond = beyond;
    int from = (int) beyond;
    boundaries = new Boundaries(Profile.of(threads), from, threads[0].length - 1 - from);
  }

  /** Boundaries, in order; see {@link Boundaries#places}. */
  List<Double> places(double share, double thicknessPx) {
    return found.computeIfAbsent(
        new Asked(share, thicknessPx),
        asked ->
            boundaries.places(asked.share(), asked.thicknessPx()).stream()
                .map(place -> place - beyond)
                .toList());
  }

  /** From each place to the next, the smallest first. */
  static double[] gaps(List<Double> places) {
    return IntStream.range(1, places.size())
        .mapToDouble(i -> places.get(i) - places.get(i - 1))
        .sorted()
        .toArray();
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

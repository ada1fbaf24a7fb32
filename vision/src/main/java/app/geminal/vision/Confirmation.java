package app.geminal.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Which boundaries are those of layers, and not of a scratch or of the rim of a patch of scale. */
final class Confirmation {
  /** Thinner than this share of what one in five layers is thinner than, it is a scratch. */
  private static final double SCRATCH = 0.45;

  /** Boundaries to either side that say whether the parts are to be trusted there. */
  private static final int AROUND = 4;

  private Confirmation() {}

  /**
   * Without what only one part of the ribbon shows, where the parts show all around it: a scratch,
   * the rim of a patch of scale; and without stripes far thinner than the thin layers.
   *
   * @param places of boundaries in the whole ribbon, in order
   * @param parts of it; none where nothing is to be left out
   * @param thickness of a layer, roughly, px
   */
  static List<Double> of(List<Double> places, List<Stripes> parts, double thickness) {
    if (parts.isEmpty()) {
      return places;
    }
    double near = Math.max(2, 0.35 * thickness);
    List<List<Double>> shown =
        parts.stream().map(part -> part.places(Boundaries.USUAL, thickness)).toList();
    int[] votes =
        places.stream()
            .mapToInt(place ->
                (int)
                    shown.stream()
                        .filter(s -> s.stream().anyMatch(p -> Math.abs(p - place) < near))
                        .count())
            .toArray();
    List<Double> confirmed = new ArrayList<>();
    for (int i = 0; i < votes.length; i++) {
      int[] around =
          IntStream.rangeClosed(Math.max(0, i - AROUND), Math.min(votes.length - 1, i + AROUND))
              .map(k -> votes[k])
              .sorted()
              .toArray();
      if (votes[i] > 1 || around[around.length / 2] < parts.size()) {
        confirmed.add(places.get(i));
      }
    }
    return withoutScratches(confirmed);
  }

  /** Without stripes far thinner than the thin layers: scratches that run along the layers. */
  private static List<Double> withoutScratches(List<Double> places) {
    double[] sorted = Stripes.gaps(places);
    if (sorted.length < 5) {
      return places;
    }
    double least = SCRATCH * sorted[sorted.length / 5];
    List<Double> left = new ArrayList<>();
    for (double place : places) {
      if (!left.isEmpty() && place - left.getLast() < least) {
        left.removeLast();
      } else {
        left.add(place);
      }
    }
    return left;
  }
}

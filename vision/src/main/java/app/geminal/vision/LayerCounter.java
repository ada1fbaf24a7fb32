package app.geminal.vision;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Counts the layers along a line across an etched end, face or edge. A ribbon beside the line is
 * straightened along the layers, its threads agree on a profile, and the boundaries in it part the
 * layers. The range comes from what counts as a boundary, from what parts of the ribbon alone show,
 * and from stretches where layers fade.
 */
public final class LayerCounter {
  /** Layers thinner than this are not counted one by one, px. */
  static final double THINNEST_PX = 3;

  private static final double SHORTEST_LINE_PX = 12;
  private static final int NARROWEST_HALF_PX = 28;
  private static final int WIDEST_HALF_PX = 100;
  private static final double LEAST_BEYOND_PX = 40;
  private static final double MOST_BEYOND_PX = 700;

  /** A layer so many times as thick as usual may be several that fade. */
  private static final double FADED = 3.5;

  /** Contrast that is to be trusted: so many levels of 255. */
  private static final double LEAST_CONTRAST = 6;

  /** What would count as a boundary to a strict eye, and to a lenient one. */
  private static final double STRICT = 0.4;

  private static final double LENIENT = 0.15;

  /** So many layers from either end of a line there is steel. */
  private static final int SURELY_STEEL = 4;

  /** Parts of the ribbon that are counted alone. */
  private static final int PARTS = 3;

  /** Lines to either side that are tried where one has too wide a range. */
  private static final int BESIDE = 2;

  private final Photograph photograph;
  private final Line line;

  private LayerCounter(Photograph photograph, Line line) {
    this.photograph = photograph;
    this.line = line;
  }

  /** Counts across the largest striped place of a picture, along a line it finds itself. */
  public static LayerCount of(Photograph photograph) {
    return EndFinder.line(photograph)
        .map(line -> along(photograph, line))
        .orElseGet(() ->
            new LayerCount(
                new Line(0, 0, 0, 0), 0, 0, 0, List.of(), Optional.of(VisionText.NO_END.with())));
  }

  /**
   * Counts along a line, or along one beside it that crosses the same layers where something covers
   * them on this one; the answer says which.
   *
   * @throws InvalidValue where the line is not on the picture or too short
   */
  public static LayerCount along(Photograph photograph, Line line) {
    if (!isOn(photograph, line)) {
      throw new InvalidValue(
          "line",
          VisionText.LINE_OFF_PICTURE.with(
              "width", photograph.widthPx(), "height", photograph.heightPx()));
    }
    if (line.lengthPx() < SHORTEST_LINE_PX) {
      throw new InvalidValue("line", VisionText.LINE_TOO_SHORT.with());
    }
    Counted first = new LayerCounter(photograph, line).count();
    Counted best = first;
    if (first.isWide()) {
      for (int side : new int[] {-1, 1}) {
        Counted next = first;
        for (int n = 0; n < BESIDE && next.ribbon != null; n++) {
          Line beside = next.ribbon.beside(side);
          if (!isOn(photograph, beside)) {
            break;
          }
          next = new LayerCounter(photograph, beside).count();
          if (2 * next.width() < best.width()) {
            best = next;
          }
        }
      }
    }
    return best.count;
  }

  private static boolean isOn(Photograph photograph, Line line) {
    return photograph.holds(line.x1(), line.y1()) && photograph.holds(line.x2(), line.y2());
  }

  /**
   * What came of one line.
   *
   * @param ribbon along it; null where nothing was counted
   */
  private record Counted(LayerCount count, @Nullable Ribbon ribbon) {
    int width() {
      return count.refused().isPresent() ? Integer.MAX_VALUE / 2 : count.high() - count.low();
    }

    /** A wider range has a reason that is perhaps not everywhere: scale, a finger. */
    boolean isWide() {
      return ribbon != null && width() > 2 + count.count() / 40;
    }
  }

  private static int half(Line line) {
    return Math.clamp(Math.round(line.lengthPx() / 8), NARROWEST_HALF_PX, WIDEST_HALF_PX);
  }

  private Counted count() {
    int half = half(line);
    float[][] alone = new Ribbon(photograph, line, 0, half).threads();
    Boundaries first = new Boundaries(Profile.of(alone), 0, alone[0].length - 1);
    if (first.contrast() < LEAST_CONTRAST) {
      return refused(0, VisionText.NO_LAYERS.with());
    }
    double thickness = thickness(first.places(Boundaries.USUAL, 0), line.lengthPx());
    double beyond = Math.ceil(Math.clamp(4 * thickness, LEAST_BEYOND_PX, MOST_BEYOND_PX));
    Ribbon ribbon = new Ribbon(photograph, line, beyond, half);
    float[][] threads = ribbon.threads();
    // The surest first.
    List<Trace> traces =
        List.of(new Trace(ribbon.warmth(), beyond), new Trace(ribbon.roughness(), beyond));
    Stripes all = new Stripes(threads, beyond);
    List<Stripes> parts =
        IntStream.range(0, PARTS)
            .mapToObj(part ->
                Arrays.copyOfRange(
                    threads, part * threads.length / PARTS, (part + 1) * threads.length / PARTS))
            .map(some -> new Stripes(some, beyond))
            .toList();
    double usually = thickness(all.places(Boundaries.USUAL, thickness), line.lengthPx());
    Reading usual = reading(all, parts, traces, Boundaries.USUAL, usually);
    if (usual.layers.size() < 2) {
      return refused(usual.layers.size(), VisionText.NO_LAYERS.with());
    }
    if (median(usual.layers) < THINNEST_PX) {
      return refused(
          usual.layers.size(), VisionText.LAYERS_TOO_FINE.with("atLeast", usual.layers.size()));
    }
    List<Reading> others = new ArrayList<>(List.of(usual));
    others.add(reading(all, List.of(), traces, STRICT, usually));
    others.add(reading(all, List.of(), traces, LENIENT, usually));
    parts.forEach(part -> others.add(reading(part, List.of(), traces, Boundaries.USUAL, usually)));
    int count = usual.layers.size();
    int low = others.stream().mapToInt(r -> r.layers.size() - r.doubtful).min().orElse(count);
    int high = others.stream().mapToInt(r -> r.layers.size() + r.perhaps).max().orElse(count);
    return new Counted(
        new LayerCount(line, count, low, high, usual.layers, Optional.empty()), ribbon);
  }

  private Counted refused(int atLeast, Message why) {
    return new Counted(
        new LayerCount(line, atLeast, atLeast, atLeast, List.of(), Optional.of(why)), null);
  }

  /**
   * What was read once.
   *
   * @param doubtful layers among them that may be none
   * @param perhaps layers that may be there beside them
   */
  private record Reading(List<Layer> layers, int doubtful, int perhaps) {}

  private Reading reading(
      Stripes stripes, List<Stripes> parts, List<Trace> traces, double share, double thickness) {
    List<Double> places = Confirmation.of(stripes.places(share, thickness), parts, thickness);
    double end = line.lengthPx();
    List<Double> onLine = places.stream().filter(p -> p >= 0 && p <= end).toList();
    if (onLine.isEmpty()) {
      return new Reading(List.of(), 0, 0);
    }
    OptionalDouble before = steelEnds(traces, onLine.reversed(), -1, 0, thickness);
    OptionalDouble behind = steelEnds(traces, onLine, 1, end, thickness);
    // What is seen of brightness is exact, what is seen of colour is smeared.
    double smeared = Math.max(OuterLayer.BLOCK_PX, thickness);
    double from = before.orElse(0) - smeared;
    double to = behind.orElse(end) + smeared;
    List<Double> within = onLine.stream().filter(p -> p >= from && p <= to).toList();
    if (within.isEmpty()) {
      return new Reading(List.of(), 0, 0);
    }
    List<Layer> layers = new ArrayList<>();
    for (int i = 0; i + 1 < within.size(); i++) {
      layers.add(new Layer(within.get(i), within.get(i + 1)));
    }
    OuterLayer.Found first = new OuterLayer(stripes, thickness, within, -1, 0, before).found();
    first.layer().ifPresent(layers::addFirst);
    OuterLayer.Found last = new OuterLayer(stripes, thickness, within, 1, end, behind).found();
    last.layer().ifPresent(layers::addLast);
    int faded =
        layers.stream()
            .mapToInt(l -> (int) Math.max(0, Math.rint(l.thicknessPx() / thickness / FADED) - 1))
            .sum();
    return new Reading(
        layers, first.doubtful() + last.doubtful(), first.perhaps() + last.perhaps() + faded);
  }

  /**
   * Where the colour or the smoothness of steel ends at one end of a line.
   *
   * @param places boundaries on the line, those at that end last
   * @param side −1 where the line begins, 1 where it ends
   * @param end of the line there, px
   */
  private static OptionalDouble steelEnds(
      List<Trace> traces, List<Double> places, int side, double end, double thickness) {
    int count = places.size();
    double inside = places.get(count - 1 - Math.min(SURELY_STEEL, count / 2));
    double farther = side * Math.max(side * end, side * places.getLast());
    double outside = farther + side * 2 * thickness;
    double steel = Math.min(3 * thickness, Math.abs(inside - places.getFirst()));
    return traces.stream()
        .map(trace -> trace.edge(inside, outside, steel, 3 * thickness))
        .filter(OptionalDouble::isPresent)
        .findFirst()
        .orElse(OptionalDouble.empty());
  }

  private static double thickness(List<Double> places, double lengthPx) {
    if (places.size() < 3) {
      return lengthPx / Math.max(1, places.size());
    }
    double[] sorted = Stripes.gaps(places);
    return sorted[sorted.length / 2];
  }

  private static double median(List<Layer> layers) {
    double[] sorted = layers.stream().mapToDouble(Layer::thicknessPx).sorted().toArray();
    return sorted[sorted.length / 2];
  }
}

package app.geminal.vision;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
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

  /** The outer layer's thickness, to that of the two inside it. */
  private static final double LEAST_OUTER = 0.4;

  private static final double MOST_OUTER = 1.7;

  /** The same where the edge is weak, to that of the nearest layer of the same steel. */
  private static final double LEAST_WEAK = 0.7;

  private static final double MOST_WEAK = 1.4;

  /** A camera keeps colour at half the sharpness of brightness, and a JPEG smears it, px. */
  private static final double SMEARED_PX = 3;

  /** A line that begins so little of a layer before a boundary begins at the bar's edge. */
  private static final double AT_THE_EDGE = 0.55;

  /** The bar's edge may be weaker than other boundaries. */
  private static final double WEAK = 0.07;

  /** A bench that differs from a steel by less of the contrast looks like it. */
  private static final double ALIKE = 0.1;

  /** A layer so many times as thick as usual may be several that fade. */
  private static final double FADED = 3.5;

  /** Contrast that is to be trusted: so many levels of 255. */
  private static final double LEAST_CONTRAST = 6;

  /** What would count as a boundary to a strict eye, and to a lenient one. */
  private static final double STRICT = 0.4;

  private static final double LENIENT = 0.15;

  /** Parts of the ribbon that are counted alone. */
  private static final int PARTS = 3;

  /** Lines to either side that are tried where one has too wide a range. */
  private static final int BESIDE = 2;

  /** Thinner than this share of what one in five layers is thinner than, it is a scratch. */
  private static final double SCRATCH = 0.45;

  /** Boundaries to either side that say whether the parts are to be trusted there. */
  private static final int AROUND = 4;

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
   * Counts along a line.
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
    return best.count.on(line);
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
    Warmth warmth = new Warmth(ribbon.warmth(), beyond);
    List<Boundaries> parts = new ArrayList<>();
    for (int part = 0; part < PARTS; part++) {
      parts.add(
          boundaries(
              Arrays.copyOfRange(
                  threads, part * threads.length / PARTS, (part + 1) * threads.length / PARTS),
              beyond));
    }
    Boundaries all = boundaries(threads, beyond);
    thickness = thickness(all.places(Boundaries.USUAL, thickness), line.lengthPx());
    Reading usual = reading(all, warmth, parts, beyond, Boundaries.USUAL, thickness);
    if (usual.layers.size() < 2) {
      return refused(usual.layers.size(), VisionText.NO_LAYERS.with());
    }
    double median = median(usual.layers);
    if (median < THINNEST_PX) {
      return refused(
          usual.layers.size(), VisionText.LAYERS_TOO_FINE.with("atLeast", usual.layers.size()));
    }
    List<Reading> others = new ArrayList<>(List.of(usual));
    others.add(reading(all, warmth, List.of(), beyond, STRICT, thickness));
    others.add(reading(all, warmth, List.of(), beyond, LENIENT, thickness));
    for (Boundaries part : parts) {
      others.add(reading(part, warmth, List.of(), beyond, Boundaries.USUAL, thickness));
    }
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

  private Boundaries boundaries(float[][] threads, double beyond) {
    int from = (int) beyond;
    return new Boundaries(Profile.of(threads), from, threads[0].length - 1 - from);
  }

  /**
   * What was read once.
   *
   * @param doubtful layers among them that may be none
   * @param perhaps layers that may be there beside them
   */
  private record Reading(List<Layer> layers, int doubtful, int perhaps) {}

  private Reading reading(
      Boundaries all,
      Warmth warmth,
      List<Boundaries> parts,
      double beyond,
      double share,
      double thickness) {
    List<Double> places =
        confirmed(all.places(share, thickness), parts, thickness).stream()
            .map(place -> place - beyond)
            .toList();
    double end = line.lengthPx();
    List<Double> within = places.stream().filter(p -> p >= 0 && p <= end).toList();
    if (within.isEmpty()) {
      return new Reading(List.of(), 0, 0);
    }
    List<Layer> layers = new ArrayList<>();
    for (int i = 0; i + 1 < within.size(); i++) {
      layers.add(new Layer(within.get(i), within.get(i + 1)));
    }
    int[] doubts = new int[2];
    Edge first = new Edge(all, warmth, beyond, thickness, within, -1, 0);
    first.layer(doubts).ifPresent(layers::addFirst);
    Edge last = new Edge(all, warmth, beyond, thickness, within, 1, end);
    last.layer(doubts).ifPresent(layers::addLast);
    int faded =
        layers.stream()
            .mapToInt(l -> (int) Math.max(0, Math.rint(l.thicknessPx() / thickness / FADED) - 1))
            .sum();
    return new Reading(layers, doubts[0], doubts[1] + faded);
  }

  /**
   * Without what only one part of the ribbon shows, where the parts show all around it: a scratch,
   * the rim of a patch of scale.
   */
  private static List<Double> confirmed(
      List<Double> places, List<Boundaries> parts, double thickness) {
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
    double[] sorted =
        IntStream.range(1, places.size())
            .mapToDouble(i -> places.get(i) - places.get(i - 1))
            .sorted()
            .toArray();
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

  /**
   * One end of the line.
   *
   * @param side −1 for where it begins, 1 for where it ends
   * @param end of the line there, px
   */
  private record Edge(
      Boundaries all,
      Warmth warmth,
      double beyond,
      double thickness,
      List<Double> within,
      int side,
      double end) {

    /**
     * The layer between the outermost boundary on the line and the bar's edge, where there is one.
     * The edge is a boundary about one thickness further out, perhaps a weak one: a bench may be as
     * dark as the outer steel.
     *
     * @param doubts how many layers counted may be none, and how many more there may be
     */
    Optional<Layer> layer(int[] doubts) {
      double outer = at(0);
      double thinner = thickness;
      double thicker = thickness;
      for (int k = 0; k < 2 && k + 1 < within.size(); k++) {
        double next = Math.abs(at(k) - at(k + 1));
        thinner = Math.min(thinner, next);
        thicker = Math.max(thicker, next);
      }
      OptionalDouble colour = warmth.edge(outer, side, thicker);
      double drawn = (end - outer) * side;
      if (colour.isEmpty() && drawn < AT_THE_EDGE * thinner) {
        return Optional.empty();
      }
      // The next but one is of the same steel, where there are two.
      double like = within.size() < 3 ? thickness : Math.abs(at(1) - at(2));
      double smeared = Math.max(SMEARED_PX, thinner / 2);
      for (double share : new double[] {Boundaries.USUAL, WEAK}) {
        double shortest = share == WEAK ? LEAST_WEAK * like : LEAST_OUTER * thinner;
        double longest = share == WEAK ? MOST_WEAK * like : MOST_OUTER * thicker;
        Optional<Double> edge =
            all.places(share, thickness).stream()
                .map(place -> place - beyond)
                .filter(p -> (p - outer) * side > shortest && (p - outer) * side < longest)
                .filter(p -> colour.isEmpty() || Math.abs(p - colour.getAsDouble()) < smeared)
                .min(Comparator.comparingDouble(p -> Math.abs(p - outer)));
        if (edge.isPresent()) {
          return edge.map(p -> between(outer, p));
        }
      }
      if (colour.isPresent()) {
        double off = (colour.getAsDouble() - outer) * side;
        return off > Math.max(SMEARED_PX, LEAST_OUTER * thinner)
            ? Optional.of(between(outer, colour.getAsDouble()))
            : Optional.empty();
      }
      if (!isAlike(outer)) {
        return Optional.empty();
      }
      if (drawn > 0.62 * thinner && drawn < 1.6 * thicker) {
        doubts[0]++;
        return Optional.of(between(outer, end));
      }
      doubts[1]++;
      return Optional.empty();
    }

    /** The k-th boundary on the line, counted inwards. */
    private double at(int k) {
      return side < 0 ? within.get(k) : within.get(within.size() - 1 - k);
    }

    private Layer between(double outer, double next) {
      return side < 0 ? new Layer(next, outer) : new Layer(outer, next);
    }

    /** Whether it continues beyond its outermost boundary in the tone of a layer. */
    private boolean isAlike(double outer) {
      if (within.size() < 3) {
        return false;
      }
      double layerTone = all.toneAt((at(1) + at(2)) / 2 + beyond);
      double tone = all.toneAt(outer + side * 0.5 * thickness + beyond);
      return Math.abs(tone - layerTone) < ALIKE * all.contrast();
    }
  }

  private static double thickness(List<Double> places, double lengthPx) {
    if (places.size() < 3) {
      return lengthPx / Math.max(1, places.size());
    }
    List<Double> all =
        new ArrayList<>(
            IntStream.range(1, places.size())
                .mapToObj(i -> places.get(i) - places.get(i - 1))
                .toList());
    Collections.sort(all);
    return all.get(all.size() / 2);
  }

  private static double median(List<Layer> layers) {
    double[] sorted = layers.stream().mapToDouble(Layer::thicknessPx).sorted().toArray();
    return sorted[sorted.length / 2];
  }
}

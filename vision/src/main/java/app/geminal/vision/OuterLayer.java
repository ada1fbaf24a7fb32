package app.geminal.vision;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The layer at one end of a line, between the outermost boundary on the line and the bar's edge,
 * where there is one: a line may begin at the edge, within the layer, or beside the bar. The edge
 * is where the colour of steel ends, or a boundary about one thickness further out. It may be a
 * weak one: a bench may be as dark as the outer steel.
 */
final class OuterLayer {
  /** Its thickness, to that of the two inside it. */
  private static final double LEAST = 0.4;

  private static final double MOST = 1.7;

  /** The same where the edge is weak, to that of the nearest layer of the same steel. */
  private static final double LEAST_WEAK = 0.7;

  private static final double MOST_WEAK = 1.4;

  /** A camera keeps colour at half the sharpness of brightness, and a JPEG smears it, px. */
  private static final double SMEARED_PX = 3;

  /** A JPEG keeps colour in blocks of so many pixels. */
  static final double BLOCK_PX = 8;

  /** A line that begins so little of a layer before a boundary begins at the bar's edge. */
  private static final double AT_THE_EDGE = 0.5;

  /** A line drawn so far beyond a boundary, in layers, was drawn from the edge of one. */
  private static final double LEAST_DRAWN = 0.55;

  private static final double MOST_DRAWN = 1.05;

  /** A line is drawn no more exactly than that. */
  private static final double DRAWN_PX = 2;

  /** The bar's edge may be weaker than other boundaries. */
  private static final double WEAK = 0.07;

  /** A bench that differs from a steel by less of the contrast looks like it. */
  private static final double ALIKE = 0.1;

  /**
   * What was found.
   *
   * @param layer the layer, where there is one
   * @param doubtful 1 where it may be none
   * @param perhaps 1 where there may be one that was not found
   */
  record Found(Optional<Layer> layer, int doubtful, int perhaps) {
    private static final Found NONE = new Found(Optional.empty(), 0, 0);

    private static Found sure(Layer layer) {
      return new Found(Optional.of(layer), 0, 0);
    }
  }

  private final Stripes stripes;
  private final double thickness;
  private final List<Double> within;
  private final int side;
  private final double end;
  private final double outer;
  private final OptionalDouble steelEnds;
  private double thinner;
  private double thicker;

  /**
   * At one end.
   *
   * @param thickness of a layer, roughly, px
   * @param within boundaries on the line, px, at least one
   * @param side −1 where the line begins, 1 where it ends
   * @param end of the line there, px
   * @param steelEnds where the colour or the smoothness of steel ends, px, where it does
   */
  OuterLayer(
      Stripes stripes,
      double thickness,
      List<Double> within,
      int side,
      double end,
      OptionalDouble steelEnds) {
    this.stripes = stripes;
    this.thickness = thickness;
    this.within = within;
    this.side = side;
    this.end = end;
    outer = at(0);
    // Colour that ends before a boundary does was smeared, and says nothing.
    this.steelEnds =
        steelEnds.isPresent() && out(steelEnds.getAsDouble()) < -SMEARED_PX
            ? OptionalDouble.empty()
            : steelEnds;
    thinner = thickness;
    thicker = thickness;
    for (int k = 0; k < 2 && k + 1 < within.size(); k++) {
      double next = Math.abs(at(k) - at(k + 1));
      thinner = Math.min(thinner, next);
      thicker = Math.max(thicker, next);
    }
  }

  Found found() {
    double drawn = out(end);
    if (steelEnds.isEmpty() && drawn < AT_THE_EDGE * like()) {
      return Found.NONE;
    }
    Optional<Double> edge = edge();
    if (edge.isPresent()) {
      return Found.sure(to(edge.get()));
    }
    if (steelEnds.isPresent()) {
      boolean isThick = out(steelEnds.getAsDouble()) > Math.max(SMEARED_PX, LEAST * thinner);
      return isThick ? Found.sure(to(steelEnds.getAsDouble())) : Found.NONE;
    }
    if (!isAlike()) {
      return Found.NONE;
    }
    double like = like();
    return drawn > LEAST_DRAWN * like && drawn < MOST_DRAWN * like + DRAWN_PX
        ? new Found(Optional.of(to(end)), 1, 0)
        : new Found(Optional.empty(), 0, 1);
  }

  /** A boundary where the edge may be, a strong one before a weak one. */
  private Optional<Double> edge() {
    double like = like();
    double near = Math.max(SMEARED_PX, thinner / 2);
    return edge(Boundaries.USUAL, LEAST * thinner, MOST * thicker, Math.max(BLOCK_PX, thinner))
        .or(() -> edge(WEAK, LEAST_WEAK * like, MOST_WEAK * like, near));
  }

  private Optional<Double> edge(double share, double shortest, double longest, double smeared) {
    return stripes.places(share, thickness).stream()
        .filter(place -> out(place) > shortest && out(place) < longest)
        .filter(place -> steelEnds.isEmpty() || Math.abs(place - steelEnds.getAsDouble()) < smeared)
        .min(Comparator.comparingDouble(this::out));
  }

  /** How thick the nearest layer of the same steel is: the next but one, where there are two. */
  private double like() {
    return within.size() < 3 ? thickness : Math.abs(at(1) - at(2));
  }

  /** How far a place is beyond the outermost boundary, px. */
  private double out(double place) {
    return (place - outer) * side;
  }

  /** The k-th boundary on the line, counted inwards. */
  private double at(int k) {
    return side < 0 ? within.get(k) : within.get(within.size() - 1 - k);
  }

  private Layer to(double edge) {
    return side < 0 ? new Layer(edge, outer) : new Layer(outer, edge);
  }

  /** Whether it continues beyond the outermost boundary in the tone of a layer. */
  private boolean isAlike() {
    if (within.size() < 3) {
      return false;
    }
    double layer = stripes.toneAt((at(1) + at(2)) / 2);
    double beside = stripes.toneAt(outer + side * 0.5 * thickness);
    return Math.abs(beside - layer) < ALIKE * stripes.contrast();
  }
}

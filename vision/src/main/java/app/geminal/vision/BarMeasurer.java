package app.geminal.vision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Measures pieces that lie on one plane with a gauge card. The card gives the plane; the bend of
 * the lens is the one that makes the card's corners fit and the pieces' edges straight; errors come
 * from trying it again with corners and edges moved as far as they scatter.
 */
public final class BarMeasurer {
  /** A phone's lens bends less, after its own correction: one standard deviation, a guess. */
  private static final double USUAL_BEND = 0.02;

  private static final double MOST_BEND = 0.06;
  private static final double BEND_STEP = 0.004;

  /** Corners are found no better than that, px. */
  private static final double LEAST_CORNER_PX = 0.12;

  /** Edges of forged steel are no straighter than that, mm. */
  private static final double LEAST_EDGE_MM = 0.05;

  /** Where an edge is tried, mm inwards; nearer first. */
  private static final double[] BESIDE_MM = {0, 4, -4, 8, -8, 12, 16, 20, 24};

  /** An edge of which so much is seen is looked for no farther. */
  private static final double SURE = 0.6;

  /** Neighbouring places of an edge err together: so many count as one. */
  private static final double TOGETHER = 4;

  /** What a rounded edge and light leave open, mm. */
  private static final double EDGE_ITSELF_MM = 0.04;

  private static final int DRAWS = 60;

  /** In a normal distribution 95 in 100 are within so many standard deviations. */
  private static final double NINETY_FIVE = 1.96;

  private final Photograph photograph;
  private final SeenCard card;

  private BarMeasurer(Photograph photograph, SeenCard card) {
    this.photograph = photograph;
    this.card = card;
  }

  /** Measures all pieces beside the card. */
  public static MeasuredBars of(Photograph photograph) {
    Optional<SeenCard> card = SeenCard.in(photograph);
    if (card.isEmpty()) {
      return MeasuredBars.refused(VisionText.NO_CARD.with());
    }
    return new BarMeasurer(photograph, card.get().followed(photograph)).measured();
  }

  /** The four sides of a piece: both long ones, then both ends. */
  private record Sides(Rectangle around, List<Side> all) {
    /** A larger piece is worth more than a part of it, as far as its edges are seen. */
    double worth() {
      double least = all.stream().mapToDouble(Side::share).min().orElse(0);
      return least * Math.sqrt(around.area());
    }

    boolean isSeen() {
      return all.stream().allMatch(Side::isSeen);
    }
  }

  private Plane plane(double bend, List<Spot> seen) {
    return Plane.of(Lens.of(photograph, bend), card.onCard(), seen);
  }

  private MeasuredBars measured() {
    Plane first = plane(0, card.onPicture());
    PlaneMap map = new PlaneMap(photograph, first);
    List<Sides> pieces = pieces(first, map);
    Spot middle = new Spot(card.card().widthMm() / 2, card.card().heightMm() / 2);
    Optional<GaugeCard> seen = Optional.of(card.card());
    double scale = first.pxPerMm(middle.x(), middle.y());
    if (pieces.isEmpty()) {
      return new MeasuredBars(seen, scale, List.of(), Optional.of(VisionText.NO_PIECE.with()));
    }
    Bend bend = bend(pieces);
    return new MeasuredBars(
        seen,
        scale,
        pieces.stream().map(piece -> measured(piece, bend)).toList(),
        Optional.empty());
  }

  /** Of what may be pieces those whose four edges are seen best, no two on the same place. */
  private List<Sides> pieces(Plane plane, PlaneMap map) {
    List<Sides> seen =
        PieceFinder.in(map, card.card()).stream()
            .map(rough -> followed(plane, map, rough))
            .filter(Sides::isSeen)
            .sorted(Comparator.comparingDouble(Sides::worth).reversed())
            .toList();
    List<Sides> pieces = new ArrayList<>();
    for (Sides next : seen) {
      if (pieces.stream().noneMatch(taken -> taken.around().overlaps(next.around()))) {
        pieces.add(next);
      }
    }
    return pieces.stream()
        .sorted(Comparator.comparingDouble((Sides piece) -> piece.around().area()).reversed())
        .toList();
  }

  private Sides followed(Plane plane, PlaneMap map, PieceFinder.Rough rough) {
    Rectangle around = rough.around();
    double l = around.longMm() / 2;
    double s = around.shortMm() / 2;
    double c = Math.cos(around.angle());
    double n = Math.sin(around.angle());
    Side.Look look = map.look(rough);
    double reach = 0.3 * around.shortMm();
    return new Sides(
        around,
        List.of(
            side(plane, look, around.at(-l, -s), around.at(l, -s), -n, c, reach),
            side(plane, look, around.at(-l, s), around.at(l, s), n, -c, reach),
            side(plane, look, around.at(-l, -s), around.at(-l, s), c, n, reach),
            side(plane, look, around.at(l, -s), around.at(l, s), -c, -n, reach)));
  }

  /** On the line itself, or as near beside it as the edge is seen: a finger moves the rough one. */
  private Side side(
      Plane plane, Side.Look look, Spot from, Spot to, double ix, double iy, double reach) {
    Side best = Side.NONE;
    for (double by : BESIDE_MM) {
      Spot first = from.plus(by * ix, by * iy);
      Spot last = to.plus(by * ix, by * iy);
      Side there = Side.followed(photograph, plane, look, first, last, ix, iy, reach);
      best = there.share() > best.share() ? there : best;
      if (best.share() > SURE || by > 2 * reach) {
        break;
      }
    }
    return best;
  }

  /** The bend of the lens, and how sure it is. */
  private record Bend(double usual, double spread) {}

  private Bend bend(List<Sides> pieces) {
    double[] bends =
        DoubleStream.iterate(-MOST_BEND, b -> b <= MOST_BEND + 1e-9, b -> b + BEND_STEP).toArray();
    double[] cost = Arrays.stream(bends).map(b -> cost(b, pieces)).toArray();
    double least = Arrays.stream(cost).min().orElse(0);
    // What remains at the best is what corners and edges scatter; it is the measure of the rest.
    double sum = 0;
    double mean = 0;
    double square = 0;
    for (int i = 0; i < bends.length; i++) {
      double weight = Math.exp(-0.5 * (cost[i] - least));
      sum += weight;
      mean += weight * bends[i];
      square += weight * bends[i] * bends[i];
    }
    mean /= sum;
    double spread = Math.sqrt(Math.max(0, square / sum - mean * mean));
    return new Bend(mean, Math.max(spread, BEND_STEP / 4));
  }

  /** Twice how unlikely it is that corners and edges are where they were seen, were the lens so. */
  private double cost(double bend, List<Sides> pieces) {
    Plane plane = plane(bend, card.onPicture());
    double cost = Math.pow(bend / USUAL_BEND, 2);
    double corner = LEAST_CORNER_PX * 1.5;
    cost += cornerSquares(plane) / (corner * corner);
    for (Sides piece : pieces) {
      for (Side side : piece.all()) {
        List<Spot> places = plane.onPlane(side.places());
        double[] bow = Straight.through(places).bow(places);
        double half = places.getFirst().to(places.getLast()) / 2;
        // A forged edge is bowed by some thousandths of its length.
        double own = 0.1 + 0.002 * half;
        double sag = bow[2] * half * half;
        cost += sag * sag / (own * own);
      }
    }
    return cost;
  }

  /** Figures of a piece. */
  private record Figures(
      double longMm,
      double shortMm,
      double taperMm,
      double bowMm,
      double outOfSquareDeg,
      List<Spot> corners) {}

  private MeasuredPiece measured(Sides piece, Bend bend) {
    Plane plane = plane(bend.usual(), card.onPicture());
    Figures usual = figures(piece, plane, new double[4]);
    double corner = cornerSpread(plane);
    double[] edges =
        piece.all().stream()
            .mapToDouble(side -> {
              List<Spot> places = plane.onPlane(side.places());
              double spread = Math.max(LEAST_EDGE_MM, Straight.through(places).spread(places));
              return Math.hypot(
                  EDGE_ITSELF_MM, spread / Math.sqrt(Math.max(1, places.size() / TOGETHER)));
            })
            .toArray();
    Random random = new Random(piece.all().getFirst().places().size());
    double[] longs = new double[DRAWS];
    double[] shorts = new double[DRAWS];
    for (int i = 0; i < DRAWS; i++) {
      List<Spot> corners = new ArrayList<>();
      for (Spot p : card.onPicture()) {
        corners.add(p.plus(corner * random.nextGaussian(), corner * random.nextGaussian()));
      }
      Plane drawn = plane(bend.usual() + bend.spread() * random.nextGaussian(), corners);
      double[] moved =
          IntStream.range(0, 4).mapToDouble(k -> edges[k] * random.nextGaussian()).toArray();
      Figures there = figures(piece, drawn, moved);
      longs[i] = there.longMm() - usual.longMm();
      shorts[i] = there.shortMm() - usual.shortMm();
    }
    return new MeasuredPiece(
        usual.longMm(),
        NINETY_FIVE * spread(longs),
        usual.shortMm(),
        NINETY_FIVE * spread(shorts),
        usual.taperMm(),
        usual.bowMm(),
        usual.outOfSquareDeg(),
        usual.corners());
  }

  private static double spread(double[] off) {
    return Math.sqrt(Arrays.stream(off).map(o -> o * o).average().orElse(0));
  }

  private double cornerSpread(Plane plane) {
    // Two figures a corner, and nine that were fitted.
    int free = Math.max(1, 2 * card.onCard().size() - 9);
    return Math.max(LEAST_CORNER_PX, Math.sqrt(cornerSquares(plane) / free));
  }

  /** Sum of the squares of how far corners are from where the plane has them, px². */
  private double cornerSquares(Plane plane) {
    List<Spot> there = plane.onPicture(card.onCard());
    return IntStream.range(0, there.size())
        .mapToDouble(i -> there.get(i).to(card.onPicture().get(i)))
        .map(off -> off * off)
        .sum();
  }

  private Figures figures(Sides piece, Plane plane, double[] movedMm) {
    List<List<Spot>> places =
        piece.all().stream().map(side -> plane.onPlane(side.places())).toList();
    List<Straight> lines = places.stream().map(Straight::through).toList();
    Spot a = lines.get(0).crossing(lines.get(2));
    Spot b = lines.get(0).crossing(lines.get(3));
    Spot c = lines.get(1).crossing(lines.get(3));
    Spot d = lines.get(1).crossing(lines.get(2));
    double atFirst = Math.abs(lines.get(0).off(d));
    double atLast = Math.abs(lines.get(0).off(c));
    double longs = (a.to(b) + d.to(c)) / 2 + movedMm[2] + movedMm[3];
    double shorts = (atFirst + atLast) / 2 + movedMm[0] + movedMm[1];
    double square =
        Math.max(outOfSquare(lines.get(0), lines.get(2)), outOfSquare(lines.get(0), lines.get(3)));
    double bow =
        IntStream.range(0, 2)
            .mapToDouble(k -> {
              double[] bowed = lines.get(k).bow(places.get(k));
              double turned = k == 0 ? 1 : Math.cos(lines.get(0).angle() - lines.get(1).angle());
              return turned * bowed[2] * longs * longs / 4;
            })
            .average()
            .orElse(0);
    return new Figures(
        longs,
        shorts,
        Math.abs(atFirst - atLast),
        Math.abs(bow),
        square,
        plane.onPicture(List.of(a, b, c, d)));
  }

  private static double outOfSquare(Straight side, Straight end) {
    double angle = Math.toDegrees(Math.abs(side.angle() - end.angle())) % 180;
    return Math.abs(angle - 90);
  }
}

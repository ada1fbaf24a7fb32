package app.geminal.vision;

import java.util.ArrayList;
import java.util.Arrays;
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

  private static final int DRAWS = 60;

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

  private Plane plane(double bend, List<Spot> seen) {
    return Plane.of(Lens.of(photograph, bend), card.onCard(), seen);
  }

  private MeasuredBars measured() {
    Plane first = plane(0, card.onPicture());
    Spot middle = new Spot(card.card().widthMm() / 2, card.card().heightMm() / 2);
    Optional<GaugeCard> seen = Optional.of(card.card());
    List<PieceEdges> pieces = PieceEdges.on(photograph, first, seen);
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

  /** The bend of the lens, and how sure it is. */
  private record Bend(double usual, double spread) {}

  private Bend bend(List<PieceEdges> pieces) {
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
  private double cost(double bend, List<PieceEdges> pieces) {
    Plane plane = plane(bend, card.onPicture());
    double cost = Math.pow(bend / USUAL_BEND, 2);
    double corner = LEAST_CORNER_PX * 1.5;
    cost += cornerSquares(plane) / (corner * corner);
    for (PieceEdges piece : pieces) {
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

  private MeasuredPiece measured(PieceEdges piece, Bend bend) {
    Plane plane = plane(bend.usual(), card.onPicture());
    PieceEdges.Figures usual = piece.on(plane, new double[4]);
    double corner = cornerSpread(plane);
    double[] edges = piece.spreads(plane);
    Random random = new Random(piece.all().getFirst().places().size());
    List<PieceEdges.Figures> there = new ArrayList<>();
    for (int i = 0; i < DRAWS; i++) {
      List<Spot> corners = new ArrayList<>();
      for (Spot p : card.onPicture()) {
        corners.add(p.plus(corner * random.nextGaussian(), corner * random.nextGaussian()));
      }
      Plane drawn = plane(bend.usual() + bend.spread() * random.nextGaussian(), corners);
      double[] moved =
          IntStream.range(0, 4).mapToDouble(k -> edges[k] * random.nextGaussian()).toArray();
      there.add(piece.on(drawn, moved));
    }
    return usual.with(there);
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
}

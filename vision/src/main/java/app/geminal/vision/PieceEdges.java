package app.geminal.vision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * The edges of pieces on a plane, followed to a part of a pixel, and the figures that they give on
 * that plane or on one that is known better.
 *
 * @param around about where it is
 * @param all its four sides: both long ones, then both ends
 */
record PieceEdges(Rectangle around, List<Side> all) {
  /** In a normal distribution 95 in 100 are within so many standard deviations. */
  private static final double NINETY_FIVE = 1.96;

  /** Where an edge is tried, mm inwards; nearer first. */
  private static final double[] BESIDE_MM = {0, 4, -4, 8, -8, 12, 16, 20, 24};

  /** An edge of which so much is seen is looked for no farther. */
  private static final double SURE = 0.6;

  /** Neighbouring places of an edge err together: so many count as one. */
  private static final double TOGETHER = 4;

  /** Edges of forged steel are no straighter than that, mm. */
  private static final double LEAST_EDGE_MM = 0.05;

  /** What a rounded edge and light leave open, mm. */
  private static final double EDGE_ITSELF_MM = 0.04;

  /** A larger piece is worth more than a part of it, as far as its edges are seen. */
  private double worth() {
    double least = all.stream().mapToDouble(Side::share).min().orElse(0);
    return least * Math.sqrt(around.area());
  }

  private boolean isSeen() {
    return all.stream().allMatch(Side::isSeen);
  }

  /**
   * Of what may be pieces those whose four edges are seen best, no two on the same place, the
   * largest first.
   *
   * @param card that is no piece, where there is one
   */
  static List<PieceEdges> on(Photograph photograph, Plane plane, Optional<GaugeCard> card) {
    PlaneMap map = new PlaneMap(photograph, plane);
    List<PieceEdges> seen =
        PieceFinder.in(map, card).stream()
            .map(rough -> followed(photograph, plane, map, rough))
            .filter(PieceEdges::isSeen)
            .sorted(Comparator.comparingDouble(PieceEdges::worth).reversed())
            .toList();
    List<PieceEdges> pieces = new ArrayList<>();
    for (PieceEdges next : seen) {
      if (pieces.stream().noneMatch(taken -> taken.around().overlaps(next.around()))) {
        pieces.add(next);
      }
    }
    return pieces.stream()
        .sorted(Comparator.comparingDouble((PieceEdges piece) -> piece.around().area()).reversed())
        .toList();
  }

  private static PieceEdges followed(
      Photograph photograph, Plane plane, PlaneMap map, PieceFinder.Rough rough) {
    Rectangle around = rough.around();
    double l = around.longMm() / 2;
    double s = around.shortMm() / 2;
    double c = Math.cos(around.angle());
    double n = Math.sin(around.angle());
    Side.Look look = map.look(rough);
    double reach = 0.3 * around.shortMm();
    return new PieceEdges(
        around,
        List.of(
            side(photograph, plane, look, around.at(-l, -s), around.at(l, -s), -n, c, reach),
            side(photograph, plane, look, around.at(-l, s), around.at(l, s), n, -c, reach),
            side(photograph, plane, look, around.at(-l, -s), around.at(-l, s), c, n, reach),
            side(photograph, plane, look, around.at(l, -s), around.at(l, s), -c, -n, reach)));
  }

  /** On the line itself, or as near beside it as the edge is seen: a finger moves the rough one. */
  private static Side side(
      Photograph photograph,
      Plane plane,
      Side.Look look,
      Spot from,
      Spot to,
      double ix,
      double iy,
      double reach) {
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

  /** What the edges measure; places are px, everything else as its name says. */
  record Figures(
      double longMm,
      double shortMm,
      double taperMm,
      double bowMm,
      double outOfSquareDeg,
      List<Spot> corners) {

    /** With the errors of both sides, what 95 in 100 are within, from how else it may be. */
    MeasuredPiece with(List<Figures> drawn) {
      return new MeasuredPiece(
          longMm,
          error(drawn, there -> there.longMm - longMm),
          shortMm,
          error(drawn, there -> there.shortMm - shortMm),
          taperMm,
          bowMm,
          outOfSquareDeg,
          corners);
    }

    private static double error(List<Figures> drawn, ToDoubleFunction<Figures> off) {
      double square = drawn.stream().mapToDouble(off).map(mm -> mm * mm).average().orElse(0);
      return NINETY_FIVE * Math.sqrt(square);
    }
  }

  /** How well each side is known on a plane, mm: one standard deviation. */
  double[] spreads(Plane plane) {
    return all.stream()
        .mapToDouble(side -> {
          List<Spot> places = plane.onPlane(side.places());
          double spread = Math.max(LEAST_EDGE_MM, Straight.through(places).spread(places));
          return Math.hypot(
              EDGE_ITSELF_MM, spread / Math.sqrt(Math.max(1, places.size() / TOGETHER)));
        })
        .toArray();
  }

  /**
   * What they measure on a plane.
   *
   * @param movedMm by how much each side is moved outwards
   */
  Figures on(Plane plane, double[] movedMm) {
    List<List<Spot>> places = all.stream().map(side -> plane.onPlane(side.places())).toList();
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

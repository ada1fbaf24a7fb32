package app.geminal.vision;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Measures pieces without a card, from two marks of a rule beside them. The rule gives the scale;
 * the largest piece is taken for a rectangle, and shows how the camera was tilted. A rule that is
 * not level with the faces makes all figures wrong, as a card does.
 */
public final class TapMeasurer {
  /** Two marks that are nearer say little, px. */
  private static final double NEAREST_PX = 40;

  private static final double FARTHEST_MM = 2_000;

  /** A mark is tapped no better than that, px of a picture that is 4000 wide. */
  private static final double TAP_SHARE = 2.0 / 4000;

  /** Not known from the file, the focal length may be this share longer or shorter. */
  private static final double FOCAL_GUESSED = 0.25;

  private static final double FOCAL_KNOWN = 0.04;

  /** Ends that were sawn are so far from square, degrees. */
  private static final double SQUARE_DEG = 0.5;

  /** A phone's lens bends less: one standard deviation, a guess. */
  private static final double USUAL_BEND = 0.02;

  private static final int DRAWS = 60;
  private static final double NINETY_FIVE = 1.96;

  private final Photograph photograph;
  private final Line rule;
  private final double apartMm;
  private final Random random = new Random(1);

  private TapMeasurer(Photograph photograph, Line rule, double apartMm) {
    this.photograph = photograph;
    this.rule = rule;
    this.apartMm = apartMm;
  }

  /**
   * Measures all pieces in a photograph.
   *
   * @param rule from one of its marks to another, px
   * @param apartMm how far these marks are from each other; above 0, to 2000
   * @throws InvalidValue when the marks are not apart on the picture
   */
  public static MeasuredBars of(Photograph photograph, Line rule, double apartMm) {
    Require.lengthAbove("apartMm", apartMm, 0, FARTHEST_MM);
    if (rule.lengthPx() < NEAREST_PX) {
      throw new InvalidValue("rule", VisionText.MARKS_TOO_NEAR.with());
    }
    return new TapMeasurer(photograph, rule, apartMm).measured();
  }

  private MeasuredBars measured() {
    double pxPerMm = rule.lengthPx() / apartMm;
    Plane upright = upright(pxPerMm);
    List<PieceEdges> pieces = PieceEdges.on(photograph, upright, Optional.empty());
    if (pieces.isEmpty()) {
      return new MeasuredBars(
          Optional.empty(), pxPerMm, List.of(), Optional.of(VisionText.NO_PIECE_ALONE.with()));
    }
    PieceEdges largest = pieces.getFirst();
    List<Spot> corners = largest.on(upright, new double[4]).corners();
    double focal = photograph.focalPx().orElse(Tilt.USUAL_FOCAL * photograph.diagonalPx());
    Plane plane = plane(Lens.of(photograph, 0), corners, focal, rule);
    Plane[] drawn = new Plane[DRAWS];
    Arrays.setAll(drawn, _ -> drawn(corners, focal));
    return new MeasuredBars(
        Optional.empty(),
        pxPerMm,
        pieces.stream().map(piece -> measured(piece, plane, drawn)).toList(),
        Optional.empty());
  }

  /** As if the camera looked straight down. */
  private Plane upright(double pxPerMm) {
    double wide = photograph.widthPx() / pxPerMm;
    double high = photograph.heightPx() / pxPerMm;
    return Tilt.plane(
        Lens.of(photograph, 0),
        List.of(
            new Spot(0, 0),
            new Spot(photograph.widthPx(), 0),
            new Spot(photograph.widthPx(), photograph.heightPx()),
            new Spot(0, photograph.heightPx())),
        wide,
        high);
  }

  private Plane plane(Lens lens, List<Spot> corners, double focalPx, Line between) {
    Plane unscaled = Tilt.of(lens, corners, focalPx);
    Spot first = unscaled.onPlane(between.x1(), between.y1());
    Spot last = unscaled.onPlane(between.x2(), between.y2());
    double shortMm = apartMm / first.to(last);
    return Tilt.plane(lens, corners, Tilt.aspect(lens, corners, focalPx) * shortMm, shortMm);
  }

  /** With taps, lens and squareness off as far as they may be. */
  private Plane drawn(List<Spot> corners, double focalPx) {
    double tap = TAP_SHARE * photograph.widthPx();
    Line tapped =
        new Line(
            rule.x1() + tap * random.nextGaussian(),
            rule.y1() + tap * random.nextGaussian(),
            rule.x2() + tap * random.nextGaussian(),
            rule.y2() + tap * random.nextGaussian());
    double known = photograph.focalPx().isPresent() ? FOCAL_KNOWN : FOCAL_GUESSED;
    double across = corners.get(0).to(corners.get(3));
    double askew = across * Math.toRadians(SQUARE_DEG);
    double ux = (corners.get(1).x() - corners.get(0).x()) / corners.get(0).to(corners.get(1));
    double uy = (corners.get(1).y() - corners.get(0).y()) / corners.get(0).to(corners.get(1));
    List<Spot> moved =
        corners.stream()
            .map(corner -> {
              double by = askew / 2 * random.nextGaussian();
              return corner.plus(by * ux, by * uy);
            })
            .toList();
    Lens lens = Lens.of(photograph, USUAL_BEND * random.nextGaussian());
    return plane(lens, moved, focalPx * Math.exp(known * random.nextGaussian()), tapped);
  }

  private MeasuredPiece measured(PieceEdges piece, Plane plane, Plane[] drawn) {
    PieceEdges.Figures usual = piece.on(plane, new double[4]);
    double[] spreads = piece.spreads(plane);
    double longs = 0;
    double shorts = 0;
    for (Plane other : drawn) {
      double[] moved =
          IntStream.range(0, 4).mapToDouble(k -> spreads[k] * random.nextGaussian()).toArray();
      PieceEdges.Figures there = piece.on(other, moved);
      longs += Math.pow(there.longMm() - usual.longMm(), 2) / DRAWS;
      shorts += Math.pow(there.shortMm() - usual.shortMm(), 2) / DRAWS;
    }
    return usual.with(NINETY_FIVE * Math.sqrt(longs), NINETY_FIVE * Math.sqrt(shorts));
  }
}

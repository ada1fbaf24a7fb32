package app.geminal.vision;

import app.geminal.validation.InvalidValue;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Measures pieces without a card, from one length that is known: two marks of a rule beside them,
 * or a side of the largest. The known length gives the scale; the largest piece is taken for a
 * rectangle, and shows how the camera was tilted. A rule that is not level with the faces makes all
 * figures wrong, as a card does.
 */
public final class KnownLengthMeasurer {
  /** Two marks that are nearer say little, px. */
  private static final double NEAREST_PX = 40;

  /** A mark is tapped no better than that, as a share of the picture's width. */
  private static final double TAP_SHARE = 2.0 / 4000;

  /** A side is known no better than that, mm: it was held against a rule. */
  private static final double SIDE_ITSELF_MM = 0.15;

  /** So much is usually in view, mm; only to find a first piece. */
  private static final double USUAL_IN_VIEW_MM = 300;

  /** Not known from the file, the focal length may be this share longer or shorter. */
  private static final double FOCAL_GUESSED = 0.25;

  private static final double FOCAL_KNOWN = 0.04;

  /** Ends that were sawn are so far from square, degrees. */
  private static final double SQUARE_DEG = 0.5;

  /** A phone's lens bends less: one standard deviation, a guess. */
  private static final double USUAL_BEND = 0.02;

  private static final int DRAWS = 60;

  private final Photograph photograph;
  private final KnownLength known;
  private final Random random = new Random(1);

  private KnownLengthMeasurer(Photograph photograph, KnownLength known) {
    this.photograph = photograph;
    this.known = known;
  }

  /**
   * Measures all pieces in a photograph.
   *
   * @throws InvalidValue when the two marks of a rule are on one place
   */
  public static MeasuredBars of(Photograph photograph, KnownLength known) {
    if (known instanceof KnownLength.BetweenMarks(Line marks, _) && marks.lengthPx() < NEAREST_PX) {
      throw new InvalidValue("rule", VisionText.MARKS_TOO_NEAR.with());
    }
    KnownLengthMeasurer measurer = new KnownLengthMeasurer(photograph, known);
    return measurer
        .roughPxPerMm()
        .map(measurer::measured)
        .orElseGet(() -> MeasuredBars.refused(VisionText.NO_PIECE_ALONE.with()));
  }

  /** As if the camera had been straight above; empty where there is no piece to have it from. */
  private Optional<Double> roughPxPerMm() {
    return switch (known) {
      case KnownLength.BetweenMarks(Line marks, double mm) -> Optional.of(marks.lengthPx() / mm);
      case KnownLength.OfLargestPiece side -> {
        double guessed = photograph.widthPx() / USUAL_IN_VIEW_MM;
        Plane upright = upright(guessed);
        yield PieceEdges.on(photograph, upright, Optional.empty()).stream()
            .findFirst()
            .map(largest -> guessed * seenMm(side, figures(largest, upright)) / side.mm());
      }
    };
  }

  private MeasuredBars measured(double pxPerMm) {
    Plane upright = upright(pxPerMm);
    List<PieceEdges> pieces = PieceEdges.on(photograph, upright, Optional.empty());
    if (pieces.isEmpty()) {
      return new MeasuredBars(
          Optional.empty(), pxPerMm, List.of(), Optional.of(VisionText.NO_PIECE_ALONE.with()));
    }
    PieceEdges largest = pieces.getFirst();
    List<Spot> corners = figures(largest, upright).corners();
    double focal = photograph.focalPx().orElse(Tilt.USUAL_FOCAL * photograph.diagonalPx());
    View usual = new View(Lens.of(photograph, 0), corners, focal);
    Plane plane = plane(usual, known, largest, new double[4]);
    double[] spreads = largest.spreads(plane);
    Drawn[] drawn = new Drawn[DRAWS];
    Arrays.setAll(drawn, _ -> drawn(usual, largest, spreads));
    return new MeasuredBars(
        Optional.empty(),
        pxPerMm,
        pieces.stream().map(piece -> measured(piece, plane, drawn)).toList(),
        Optional.empty());
  }

  private static PieceEdges.Figures figures(PieceEdges piece, Plane plane) {
    return piece.on(plane, new double[4]);
  }

  private static double seenMm(KnownLength.OfLargestPiece side, PieceEdges.Figures of) {
    return side.isLonger() ? of.longMm() : of.shortMm();
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

  /** How the largest piece is seen, px. */
  private record View(Lens lens, List<Spot> corners, double focalPx) {
    /** Its plane, on which its shorter sides have a length. */
    Plane plane(double shortMm) {
      return Tilt.plane(lens, corners, Tilt.aspect(lens, corners, focalPx) * shortMm, shortMm);
    }
  }

  /**
   * The plane of the largest piece on which the known length is as long as it is.
   *
   * @param movedMm by how much each side of the piece is moved outwards
   */
  private static Plane plane(View view, KnownLength known, PieceEdges largest, double[] movedMm) {
    return switch (known) {
      case KnownLength.BetweenMarks(Line marks, double mm) -> {
        Plane unscaled = view.plane(1);
        Spot first = unscaled.onPlane(marks.x1(), marks.y1());
        Spot last = unscaled.onPlane(marks.x2(), marks.y2());
        yield view.plane(mm / first.to(last));
      }
      case KnownLength.OfLargestPiece side -> {
        double seen = seenMm(side, figures(largest, view.plane(1)));
        // Edges are moved by mm, so what they add comes off what is known.
        double moved = side.isLonger() ? movedMm[2] + movedMm[3] : movedMm[0] + movedMm[1];
        yield view.plane((side.mm() - moved) / seen);
      }
    };
  }

  /**
   * One way in which it may be.
   *
   * @param seed by which the sides of a piece are moved on that plane
   */
  private record Drawn(Plane plane, long seed) {}

  /** With what is known, lens and squareness off as far as they may be. */
  private Drawn drawn(View usual, PieceEdges largest, double[] spreads) {
    double focalError = photograph.focalPx().isPresent() ? FOCAL_KNOWN : FOCAL_GUESSED;
    List<Spot> seen = usual.corners();
    double askew = seen.get(0).to(seen.get(3)) * Math.toRadians(SQUARE_DEG);
    double ux = (seen.get(1).x() - seen.get(0).x()) / seen.get(0).to(seen.get(1));
    double uy = (seen.get(1).y() - seen.get(0).y()) / seen.get(0).to(seen.get(1));
    List<Spot> corners =
        seen.stream()
            .map(corner -> {
              double by = askew / 2 * random.nextGaussian();
              return corner.plus(by * ux, by * uy);
            })
            .toList();
    View view =
        new View(
            Lens.of(photograph, USUAL_BEND * random.nextGaussian()),
            corners,
            usual.focalPx() * Math.exp(focalError * random.nextGaussian()));
    long seed = random.nextLong();
    return new Drawn(plane(view, knownNearly(), largest, moved(spreads, seed)), seed);
  }

  private KnownLength knownNearly() {
    return switch (known) {
      case KnownLength.BetweenMarks(Line marks, double mm) -> {
        double tap = TAP_SHARE * photograph.widthPx();
        yield new KnownLength.BetweenMarks(
            new Line(
                marks.x1() + tap * random.nextGaussian(),
                marks.y1() + tap * random.nextGaussian(),
                marks.x2() + tap * random.nextGaussian(),
                marks.y2() + tap * random.nextGaussian()),
            mm);
      }
      case KnownLength.OfLargestPiece(boolean isLonger, double mm) ->
          new KnownLength.OfLargestPiece(
              isLonger,
              Math.clamp(
                  mm + SIDE_ITSELF_MM * random.nextGaussian(), mm / 2, KnownLength.FARTHEST_MM));
    };
  }

  /** By how much each side is moved outwards, mm. */
  private static double[] moved(double[] spreads, long seed) {
    Random random = new Random(seed);
    return Arrays.stream(spreads).map(spread -> spread * random.nextGaussian()).toArray();
  }

  private static MeasuredPiece measured(PieceEdges piece, Plane plane, Drawn[] drawn) {
    double[] spreads = piece.spreads(plane);
    return figures(piece, plane)
        .with(
            Arrays.stream(drawn)
                .map(other -> piece.on(other.plane(), moved(spreads, other.seed())))
                .toList());
  }
}

package app.geminal.vision;

import boofcv.abst.fiducial.FiducialDetector;
import boofcv.factory.fiducial.ConfigFiducialBinary;
import boofcv.factory.fiducial.FactoryFiducial;
import boofcv.factory.filter.binary.ConfigThreshold;
import boofcv.factory.filter.binary.ThresholdType;
import boofcv.struct.image.GrayU8;
import georegression.struct.shapes.Polygon2D_F64;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A gauge card as a photograph shows it.
 *
 * @param card which
 * @param onCard corners of its squares, mm
 * @param onPicture the same corners, px
 */
record SeenCard(GaugeCard card, List<Spot> onCard, List<Spot> onPicture) {
  /** Two squares give a plane, though a less sure one. */
  private static final int FEWEST_SQUARES = 2;

  /** Brightness is compared with that of a neighbourhood so many px wide. */
  private static final int AROUND_PX = 61;

  /** A square's border is half as wide again, and so is the white around it. */
  private static final double REACH_MM = 2.4;

  private static final int ROUNDS = 2;
  private static final int SAMPLES = 12;
  private static final double BORDER_MIDDLE = 1.5;
  private static final double OUTSIDE = 1.5;

  /** Black is so much darker than white, of 255, or it is not read. */
  private static final double LEAST_CONTRAST = 30;

  /** A corner is never so far from where the others put it. */
  private static final double FARTHEST_MM = 1.5;

  SeenCard {
    onCard = List.copyOf(onCard);
    onPicture = List.copyOf(onPicture);
  }

  /** The card in a photograph; of two that are seen the one with more squares. */
  static Optional<SeenCard> in(Photograph photograph) {
    FiducialDetector<GrayU8> detector =
        FactoryFiducial.squareBinary(
            new ConfigFiducialBinary(1),
            ConfigThreshold.local(ThresholdType.BLOCK_MEAN, AROUND_PX),
            GrayU8.class);
    detector.detect(photograph.gray());
    Map<GaugeCard, SeenCard> seen = new TreeMap<>();
    for (int i = 0; i < detector.totalFound(); i++) {
      Polygon2D_F64 corners = new Polygon2D_F64(4);
      detector.getBounds(i, corners);
      int number = (int) detector.getId(i);
      GaugeCard.with(number)
          .forEach(card -> seen.merge(card, square(card, number, corners), SeenCard::and));
    }
    return seen.values().stream()
        .filter(card -> card.onCard.size() >= 4 * FEWEST_SQUARES)
        .max(Comparator.comparingInt(card -> card.onCard.size()));
  }

  /**
   * The same with every square's edges followed, those too that were not recognised because
   * something covers a part of them: corners are where edges cross.
   */
  SeenCard followed(Photograph photograph) {
    SeenCard seen = this;
    for (int round = 0; round < ROUNDS; round++) {
      seen = seen.followedOnce(photograph);
    }
    return seen;
  }

  private SeenCard followedOnce(Photograph photograph) {
    Plane rough = Plane.of(Lens.of(photograph, 0), onCard, onPicture);
    List<SeenCard> squares =
        card.squares().stream()
            .map(square -> followed(photograph, rough, square))
            .flatMap(Optional::stream)
            .toList();
    Optional<SeenCard> all = squares.stream().reduce(SeenCard::and);
    return all.filter(seen -> seen.onCard.size() >= onCard.size()).orElse(this);
  }

  private Optional<SeenCard> followed(Photograph photograph, Plane plane, GaugeCard.Square square) {
    List<Spot> corners = square.corners();
    double side = square.sideMm();
    double black = tone(photograph, plane, square, BORDER_MIDDLE);
    double white = tone(photograph, plane, square, -OUTSIDE);
    if (white - black < LEAST_CONTRAST) {
      return Optional.empty();
    }
    Side.Look look = new Side.Look(1 / (black - white), 0, white / (black - white));
    List<Straight> edges = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Spot from = corners.get(i);
      Spot to = corners.get((i + 1) % 4);
      double inX = (from.y() - to.y()) / side;
      double inY = (to.x() - from.x()) / side;
      Side edge = Side.followed(photograph, plane, look, from, to, inX, inY, REACH_MM);
      if (!edge.isSeen()) {
        return Optional.empty();
      }
      edges.add(Straight.through(plane.onPlane(edge.places())));
    }
    List<Spot> seen = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Spot corner = edges.get((i + 3) % 4).crossing(edges.get(i));
      if (corner.to(corners.get(i)) > FARTHEST_MM) {
        return Optional.empty();
      }
      seen.add(plane.onPicture(corner.x(), corner.y()));
    }
    return Optional.of(new SeenCard(card, corners, seen));
  }

  /** The median brightness along all four sides of a square, so many mm inside it. */
  private static double tone(
      Photograph photograph, Plane plane, GaugeCard.Square square, double insideMm) {
    Spot first = square.corners().getFirst();
    double side = square.sideMm();
    double[] tones = new double[4 * SAMPLES];
    for (int i = 0; i < tones.length; i++) {
      int along = i / 4;
      double t = (along + 0.5) / SAMPLES * side;
      Spot at =
          switch (i % 4) {
            case 0 -> first.plus(t, insideMm);
            case 1 -> first.plus(t, side - insideMm);
            case 2 -> first.plus(insideMm, t);
            default -> first.plus(side - insideMm, t);
          };
      Spot px = plane.onPicture(at.x(), at.y());
      tones[i] = photograph.toneAt(px.x(), px.y());
    }
    Arrays.sort(tones);
    return tones[tones.length / 2];
  }

  private static SeenCard square(GaugeCard card, int number, Polygon2D_F64 corners) {
    GaugeCard.Square square =
        card.squares().stream().filter(s -> s.number() == number).findFirst().orElseThrow();
    return new SeenCard(
        card,
        square.corners(),
        corners.vertexes.toList().stream().map(p -> new Spot(p.x, p.y)).toList());
  }

  private SeenCard and(SeenCard more) {
    List<Spot> places = new ArrayList<>(onCard);
    places.addAll(more.onCard);
    List<Spot> seen = new ArrayList<>(onPicture);
    seen.addAll(more.onPicture);
    return new SeenCard(card, places, seen);
  }
}

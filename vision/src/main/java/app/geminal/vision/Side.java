package app.geminal.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * One edge of a piece, followed along the photograph: places where the picture changes fastest from
 * the piece to the ground, those that agree on a line.
 *
 * @param places of the edge on the picture, px, in order along it
 * @param share of the places that were tried
 */
record Side(List<Spot> places, double share) {
  static final Side NONE = new Side(List.of(), 0);
  private static final double STEP_MM = 0.7;

  /** Corners are rounded, and belong to two sides. */
  private static final double CORNER_SHARE = 0.07;

  private static final double LEAST_REACH_MM = 1.2;
  private static final double MOST_REACH_MM = 4;
  private static final double AGREE_MM = 0.25;

  /** Of all places along an edge so many must agree, or it is none: round things have none. */
  private static final double AGREED = 0.3;

  /** What is bowed more is no edge of a bar: mm, and share of half its length. */
  private static final double MOST_BOW_MM = 0.6;

  private static final double MOST_BOW = 0.04;

  /** A sawn end is no further from square; what is, is a finger or a scratch. */
  private static final double MOST_TURNED = Math.toRadians(12);

  private static final int TRIES = 150;
  private static final int FEWEST = 8;

  /** A change is one where it is so large a part of that from piece to ground. */
  private static final double CLEAR = 0.25;

  Side {
    places = List.copyOf(places);
  }

  /** How much a place looks like the piece: 1 for its usual look, 0 for that of the ground. */
  record Look(double perTone, double perWarmth, double ground) {
    double at(Photograph photograph, Spot px) {
      return perTone * photograph.toneAt(px.x(), px.y())
          + perWarmth * photograph.warmthAt(px.x(), px.y())
          - ground;
    }
  }

  /**
   * Follows an edge.
   *
   * @param from one corner, roughly, mm on the plane
   * @param to the next
   * @param inwardX from the edge into the piece, a unit
   * @param inwardY from the edge into the piece, a unit
   * @param reachMm how far the edge may be from the line between the corners
   */
  static Side followed(
      Photograph photograph,
      Plane plane,
      Look look,
      Spot from,
      Spot to,
      double inwardX,
      double inwardY,
      double reachMm) {
    double length = from.to(to);
    double reach = Math.clamp(reachMm, LEAST_REACH_MM, MOST_REACH_MM);
    int steps = Math.max(FEWEST, (int) (length * (1 - 2 * CORNER_SHARE) / STEP_MM));
    List<Spot> found = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      double t = CORNER_SHARE + (1 - 2 * CORNER_SHARE) * (i + 0.5) / steps;
      Spot on = new Spot(from.x() + t * (to.x() - from.x()), from.y() + t * (to.y() - from.y()));
      double into = edge(photograph, plane, look, on, inwardX, inwardY, reach);
      if (!Double.isNaN(into)) {
        found.add(on.plus(into * inwardX, into * inwardY));
      }
    }
    List<Spot> agreed = agreeing(found, Math.atan2(to.y() - from.y(), to.x() - from.x()));
    double share = agreed.size() / (double) steps;
    return share < AGREED ? NONE : new Side(plane.onPicture(agreed), share);
  }

  boolean isSeen() {
    return places.size() >= FEWEST;
  }

  /** How far into the piece the edge is, mm; not a number where nothing changes. */
  private static double edge(
      Photograph photograph, Plane plane, Look look, Spot on, double ix, double iy, double reach) {
    double perMm = plane.pxPerMm(on.x(), on.y());
    double step = 0.5 / perMm;
    int half = (int) Math.ceil(reach / step);
    double[] values = new double[2 * half + 1];
    for (int k = -half; k <= half; k++) {
      // A few beside each other, so that noise and scratches count less.
      for (int beside = -1; beside <= 1; beside++) {
        double x = on.x() + k * step * ix - beside * step * 2 * iy;
        double y = on.y() + k * step * iy + beside * step * 2 * ix;
        values[k + half] += look.at(photograph, plane.onPicture(x, y)) / 3;
      }
    }
    // Over some two pixels, as sharp as pictures are.
    int over = 3;
    double best = 0;
    int at = -1;
    double[] rise = new double[values.length];
    for (int k = over; k + over < values.length; k++) {
      for (int j = 1; j <= over; j++) {
        rise[k] += (values[k + j] - values[k - j]) / over;
      }
      if (rise[k] > best) {
        best = rise[k];
        at = k;
      }
    }
    if (best < CLEAR || at <= over || at + over + 1 >= values.length) {
      return Double.NaN;
    }
    double off = Parabola.peak(rise[at - 1], rise[at], rise[at + 1]);
    return (at + off - half) * step;
  }

  /**
   * Those near the line that most of them are near; the line may be bent a little.
   *
   * @param angle that the edge has, roughly
   */
  private static List<Spot> agreeing(List<Spot> found, double angle) {
    List<Spot> near = nearOneLine(found, angle);
    if (near.size() < FEWEST) {
      return List.of();
    }
    Straight line = Straight.through(near);
    double[] bow = line.bow(near);
    double half = near.getFirst().to(near.getLast()) / 2;
    if (Math.abs(bow[2]) * half * half > Math.max(MOST_BOW_MM, MOST_BOW * half)) {
      return List.of();
    }
    return near.stream()
        .filter(p -> {
          double x = line.along(p);
          return Math.abs(line.off(p) - bow[0] - bow[1] * x - bow[2] * x * x) < AGREE_MM;
        })
        .toList();
  }

  /** Of lines through two of them, those near the one that most are near. */
  private static List<Spot> nearOneLine(List<Spot> found, double angle) {
    List<Spot> most = List.of();
    if (found.size() < FEWEST) {
      return most;
    }
    double apart = 0.3 * found.getFirst().to(found.getLast());
    Random random = new Random(found.size());
    for (int i = 0; i < TRIES; i++) {
      Spot a = found.get(random.nextInt(found.size()));
      Spot b = found.get(random.nextInt(found.size()));
      if (a.to(b) >= apart && turned(a, b, angle) <= MOST_TURNED) {
        List<Spot> near = found.stream().filter(p -> off(a, b, p) < 2 * AGREE_MM).toList();
        most = near.size() > most.size() ? near : most;
      }
    }
    return most;
  }

  /** How far the line through two places is turned from an angle, radians. */
  private static double turned(Spot a, Spot b, double angle) {
    return Math.abs(Math.IEEEremainder(Math.atan2(b.y() - a.y(), b.x() - a.x()) - angle, Math.PI));
  }

  private static double off(Spot a, Spot b, Spot p) {
    return Math.abs((b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x()))
        / a.to(b);
  }
}

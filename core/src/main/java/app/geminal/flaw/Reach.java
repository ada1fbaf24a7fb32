package app.geminal.flaw;

import java.util.Optional;

/** From here to there along one line, mm; may lie outside the bar while it is being moved. */
record Reach(double from, double to) {
  /** What rounding puts outside by this much is still inside, mm. */
  private static final double DUST_MM = 1e-7;

  /** In either order. */
  static Reach of(double one, double other) {
    return new Reach(Math.min(one, other), Math.max(one, other));
  }

  Reach plus(double mm) {
    return new Reach(from + mm, to + mm);
  }

  Reach times(double factor) {
    return new Reach(from * factor, to * factor);
  }

  /** Seen from the other end of a length. */
  Reach mirrored(double length) {
    return new Reach(length - to, length - from);
  }

  /** The part between 0 and a length, empty where there is none. */
  Optional<Reach> within(double length) {
    if (to < -DUST_MM || from > length + DUST_MM) {
      return Optional.empty();
    }
    return Optional.of(new Reach(Math.clamp(from, 0, length), Math.clamp(to, 0, length)));
  }
}

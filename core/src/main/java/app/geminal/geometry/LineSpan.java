package app.geminal.geometry;

import java.util.Optional;

/** From here to there along one line, mm; may lie outside the bar while it is being moved. */
public record LineSpan(double from, double to) {
  /** What rounding puts outside by this much is still inside, mm. */
  private static final double DUST_MM = 1e-7;

  boolean holds(double at, double offMm) {
    return at >= from - offMm && at <= to + offMm;
  }

  LineSpan plus(double mm) {
    return new LineSpan(from + mm, to + mm);
  }

  LineSpan times(double factor) {
    return new LineSpan(from * factor, to * factor);
  }

  /** Seen from the other end of a length. */
  LineSpan mirrored(double length) {
    return new LineSpan(length - to, length - from);
  }

  /** The part between 0 and a length, empty where there is none. */
  Optional<LineSpan> within(double length) {
    if (to < -DUST_MM || from > length + DUST_MM) {
      return Optional.empty();
    }
    return Optional.of(new LineSpan(Math.clamp(from, 0, length), Math.clamp(to, 0, length)));
  }
}

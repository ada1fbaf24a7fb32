package app.geminal.geometry;

import java.util.Optional;

/** From here to there along one line, mm; may lie outside the bar while it is being moved. */
public record LineSpan(double from, double to) {
  /** Whether a place is in it, or off it by no more than so many mm. */
  boolean holds(double at, double offMm) {
    return at >= from - offMm && at <= to + offMm;
  }

  /** Moved along its line. */
  public LineSpan plus(double mm) {
    return new LineSpan(from + mm, to + mm);
  }

  /** Stretched from 0. */
  public LineSpan times(double factor) {
    return new LineSpan(from * factor, to * factor);
  }

  /** Seen from the other end of a length. */
  public LineSpan mirrored(double length) {
    return new LineSpan(length - to, length - from);
  }

  /** The part between 0 and a length, empty where there is none. */
  public Optional<LineSpan> within(double length) {
    if (to < -Inside.DUST_MM || from > length + Inside.DUST_MM) {
      return Optional.empty();
    }
    return Optional.of(new LineSpan(Math.clamp(from, 0, length), Math.clamp(to, 0, length)));
  }
}

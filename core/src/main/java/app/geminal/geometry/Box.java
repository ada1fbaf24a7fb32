package app.geminal.geometry;

import app.geminal.bar.Size;
import app.geminal.layup.Turn;
import java.util.Optional;

/**
 * A box in one of several equal bars; may stick out while it is being moved.
 *
 * @param bar which of them, from 0
 * @param x along the bar
 * @param y across it
 * @param z up
 */
public record Box(int bar, LineSpan x, LineSpan y, LineSpan z) {

  /** Moved within its bar. */
  public Box by(double alongMm, double acrossMm, double upMm) {
    return new Box(bar, x.plus(alongMm), y.plus(acrossMm), z.plus(upMm));
  }

  /** Stretched as a bar of one size becomes one of another. */
  public Box stretched(Size from, Size to) {
    return new Box(
        bar,
        x.times(to.length() / from.length()),
        y.times(to.width() / from.width()),
        z.times(to.height() / from.height()));
  }

  /** As it is when a bar of that size is laid another way. */
  public Box turned(Turn turn, Size size) {
    return switch (turn) {
      case SAME -> this;
      case OVER -> new Box(bar, x, y.mirrored(size.width()), z.mirrored(size.height()));
      case END -> new Box(bar, x.mirrored(size.length()), y.mirrored(size.width()), z);
      // What was up is across now, and what was left is up.
      case QUARTER -> new Box(bar, x, z.mirrored(size.height()), y);
    };
  }

  /** The same place in another bar. */
  Box inBar(int other) {
    return new Box(other, x, y, z);
  }

  /** Stretched along the bar as one of a length becomes one of another, and anywhere across it. */
  Optional<Box> anywhereAcross(double lengthMm, Size after) {
    return new Box(
            bar,
            x.times(after.length() / lengthMm),
            new LineSpan(0, after.width()),
            new LineSpan(0, after.height()))
        .in(after);
  }

  /** What of it is in a bar of that size, empty where nothing is. */
  public Optional<Box> in(Size size) {
    return x.within(size.length())
        .flatMap(along ->
            y.within(size.width())
                .flatMap(
                    across -> z.within(size.height()).map(up -> new Box(bar, along, across, up))));
  }

  /** Whether a point is in it, or off it by no more than so many mm. */
  boolean holds(Point p, double offMm) {
    return p.bar == bar && x.holds(p.x, offMm) && y.holds(p.y, offMm) && z.holds(p.z, offMm);
  }
}

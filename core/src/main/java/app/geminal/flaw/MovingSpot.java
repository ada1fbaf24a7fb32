package app.geminal.flaw;

import app.geminal.bar.Size;
import app.geminal.layup.Turn;
import java.util.Optional;

/** A spot on its way: as yet unclipped. */
record MovingSpot(int bar, LineSpan x, LineSpan y, LineSpan z) {

  static MovingSpot of(Spot s) {
    return new MovingSpot(
        s.bar(),
        new LineSpan(s.fromXMm(), s.toXMm()),
        new LineSpan(s.fromYMm(), s.toYMm()),
        new LineSpan(s.fromZMm(), s.toZMm()));
  }

  MovingSpot by(double alongMm, double acrossMm, double upMm) {
    return new MovingSpot(bar, x.plus(alongMm), y.plus(acrossMm), z.plus(upMm));
  }

  /** Stretched as a box of one size becomes one of another. */
  MovingSpot stretched(Size from, Size to) {
    return new MovingSpot(
        bar,
        x.times(to.length() / from.length()),
        y.times(to.width() / from.width()),
        z.times(to.height() / from.height()));
  }

  /** As it is when a bar of that size is laid another way. */
  MovingSpot turned(Turn turn, Size size) {
    return switch (turn) {
      case SAME -> this;
      case OVER -> new MovingSpot(bar, x, y.mirrored(size.width()), z.mirrored(size.height()));
      case END -> new MovingSpot(bar, x.mirrored(size.length()), y.mirrored(size.width()), z);
      // What was up is across now, and what was left is up.
      case QUARTER -> new MovingSpot(bar, x, z.mirrored(size.height()), y);
    };
  }

  MovingSpot inBar(int other) {
    return new MovingSpot(other, x, y, z);
  }

  /** What of it is in a box of that size. */
  Optional<Spot> in(Size size) {
    return x.within(size.length())
        .flatMap(along ->
            y.within(size.width())
                .flatMap(
                    across -> z.within(size.height()).map(up -> new Spot(bar, along, across, up))));
  }
}

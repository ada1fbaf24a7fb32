package app.geminal.flaw;

import app.geminal.bar.Size;
import app.geminal.layup.Turn;
import java.util.Optional;

/** A spot on its way: as yet unclipped. */
record Moved(int bar, Reach x, Reach y, Reach z) {

  static Moved of(Spot s) {
    return new Moved(
        s.bar(),
        new Reach(s.fromXMm(), s.toXMm()),
        new Reach(s.fromYMm(), s.toYMm()),
        new Reach(s.fromZMm(), s.toZMm()));
  }

  Moved by(double alongMm, double acrossMm, double upMm) {
    return new Moved(bar, x.plus(alongMm), y.plus(acrossMm), z.plus(upMm));
  }

  /** Stretched as a box of one size becomes one of another. */
  Moved stretched(Size from, Size to) {
    return new Moved(
        bar,
        x.times(to.length() / from.length()),
        y.times(to.width() / from.width()),
        z.times(to.height() / from.height()));
  }

  /** As it lies when a bar of that size is laid another way. */
  Moved turned(Turn turn, Size size) {
    return switch (turn) {
      case SAME -> this;
      case OVER -> new Moved(bar, x, y.mirrored(size.width()), z.mirrored(size.height()));
      case END -> new Moved(bar, x.mirrored(size.length()), y.mirrored(size.width()), z);
      // What was up is across now, and what was left is up.
      case QUARTER -> new Moved(bar, x, z.mirrored(size.height()), y);
    };
  }

  Moved inBar(int other) {
    return new Moved(other, x, y, z);
  }

  /** What of it lies in a box of that size. */
  Optional<Spot> in(Size size) {
    return x.within(size.length())
        .flatMap(along ->
            y.within(size.width())
                .flatMap(
                    across -> z.within(size.height()).map(up -> new Spot(bar, along, across, up))));
  }
}

package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Each bar sawn into pieces.
 *
 * @param pieces of each
 * @param kerfMm between two
 * @param piece size of each
 */
public record Sawn(int pieces, double kerfMm, Size piece) implements BarChange {

  private double stepMm() {
    return piece.length() + kerfMm;
  }

  @Override
  public Bars of(Bars bars) {
    return bars.times(Math.multiplyExact(bars.count(), pieces)).withLength(piece.length());
  }

  @Override
  public List<InverseMap> back() {
    double step = stepMm();
    return List.of(p -> {
      p.x += (p.bar % pieces) * step;
      p.bar /= pieces;
    });
  }

  @Override
  public boolean forward(Point p) {
    int nth = Math.clamp((int) (p.x / stepMm()), 0, pieces - 1);
    p.x -= nth * stepMm();
    p.bar = p.bar * pieces + nth;
    return Inside.within(p.x, piece.length());
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(
        IntStream.range(0, pieces)
            .mapToObj(i -> box.by(-i * stepMm(), 0, 0).inBar(box.bar() * pieces + i).in(piece))
            .flatMap(Optional::stream));
  }

  @Override
  public boolean keepsLayersFlat() {
    return true;
  }
}

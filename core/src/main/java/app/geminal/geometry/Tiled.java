package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import app.geminal.layup.Turn;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Each bar sawn in four and the pieces laid two by two, neighbours mirrored. A piece is mirrored
 * across by turning it end for end, up by turning it over its short edge, and both ways by rolling
 * it over; so where a pattern changes along the bar, neighbours agree at one end and drift apart
 * towards the other.
 *
 * @param turn which way pieces are laid before they are mirrored
 * @param piece size of each
 * @param kerfMm between two
 */
public record Tiled(Turn turn, Size piece, double kerfMm) implements BarChange {

  private Size tile() {
    return turn == Turn.QUARTER ? piece.onEdge() : piece;
  }

  private double stepMm() {
    return piece.length() + kerfMm;
  }

  /** The section of one piece as it is laid. */
  public Section tile(Bars bars) {
    return Reorientation.turned(bars.section(), turn);
  }

  @Override
  public Bars of(Bars bars) {
    Section tile = tile(bars);
    Section row = Section.beside(List.of(tile, tile.mirroredAcross()));
    return new Bars(
        bars.count(),
        piece.length(),
        Section.stacked(List.of(row, row.mirroredUp())),
        Math.multiplyExact(bars.shopCount(), 2L),
        true,
        bars.fill(),
        bars.form(),
        1);
  }

  @Override
  public List<InverseMap> back() {
    return List.of(new Back(tile(), new Reorientation(turn, piece), stepMm()));
  }

  private record Back(Size tile, Reorientation turning, double stepMm) implements InverseMap {
    @Override
    public void back(Point p) {
      boolean right = p.y > tile.width();
      boolean upper = p.z > tile.height();
      if (right) {
        p.y = 2 * tile.width() - p.y;
      }
      if (upper) {
        p.z = 2 * tile.height() - p.z;
      }
      if (right != upper) {
        p.x = tile.length() - p.x;
      }
      int piece = (right ? 1 : 0) + (upper ? 2 : 0);
      turning.back(p);
      p.x += piece * stepMm;
      p.through(piece);
    }
  }

  private static boolean isRight(int nth) {
    return nth % 2 == 1;
  }

  private static boolean isUpper(int nth) {
    return nth >= 2;
  }

  @Override
  public boolean forward(Point p) {
    int nth = Math.clamp((int) (p.x / stepMm()), 0, 3);
    p.x -= nth * stepMm();
    if (!Inside.within(p.x, piece.length())) {
      return false;
    }
    new Reorientation(turn, piece).forward(p);
    if (isRight(nth) != isUpper(nth)) {
      p.x = piece.length() - p.x;
    }
    if (isRight(nth)) {
      p.y = 2 * tile().width() - p.y;
    }
    if (isUpper(nth)) {
      p.z = 2 * tile().height() - p.z;
    }
    return true;
  }

  @Override
  public Destination forward(Box box) {
    Size tile = tile();
    Size block = new Size(tile.length(), 2 * tile.width(), 2 * tile.height());
    return Destination.here(
        IntStream.range(0, 4)
            .mapToObj(nth ->
                box.by(-nth * stepMm(), 0, 0)
                    .in(piece)
                    .map(b -> mirrored(b.turned(turn, piece), nth, tile))
                    .flatMap(b -> b.in(block)))
            .flatMap(Optional::stream));
  }

  private static Box mirrored(Box box, int nth, Size tile) {
    return new Box(
        box.bar(),
        isRight(nth) == isUpper(nth) ? box.x() : box.x().mirrored(tile.length()),
        isRight(nth) ? box.y().mirrored(2 * tile.width()) : box.y(),
        isUpper(nth) ? box.z().mirrored(2 * tile.height()) : box.z());
  }

  @Override
  public boolean keepsLayersFlat() {
    return false;
  }
}

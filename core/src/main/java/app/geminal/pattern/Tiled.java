package app.geminal.pattern;

import app.geminal.bar.Size;

/**
 * Four pieces of a bar two by two, neighbours mirrored. A piece is mirrored across by turning it
 * end for end, up by turning it over its short edge, and both ways by rolling it over; so where a
 * pattern changes along the bar, neighbours agree at one end and drift apart towards the other.
 *
 * @param tile each piece as it is, before it is mirrored
 * @param turning which way pieces are laid
 * @param stepMm a piece and its kerf
 */
record Tiled(Size tile, Reorientation turning, double stepMm) implements InverseMap {
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

package app.geminal.accordion;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import app.geminal.geometry.BarChange;
import app.geminal.geometry.Box;
import app.geminal.geometry.Destination;
import app.geminal.geometry.Inside;
import app.geminal.geometry.InverseMap;
import app.geminal.geometry.LineSpan;
import app.geminal.geometry.Point;
import app.geminal.layers.LayerSequence;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Pieces of a bar, hinged at one edge and the other in turn, opened into one line. Of the first,
 * third and every other odd piece the left edge is towards the front end and its front end on top;
 * the pieces between are their mirror images. What was up is across now, from the right to the
 * left.
 *
 * <p>Counted across: the line that went up through the bar. On the line up all is one steel, as it
 * is where layers run straight along the bar; a twisted one shows more there. Where the section was
 * not the same from edge to edge, the count is that of the middle of each piece: its ends show the
 * old edges.
 *
 * @param pieces how many, at least 1
 * @param pitchMm length of each as it was, and so the height afterwards
 * @param widthMm of the bar before; the length of one piece afterwards
 * @param heightMm of the bar before; the width afterwards
 */
record Unfolded(int pieces, double pitchMm, double widthMm, double heightMm) implements BarChange {

  private Size after() {
    return new Size(pieces * widthMm, heightMm, pitchMm);
  }

  @Override
  public Bars of(Bars bars) {
    LayerSequence across = bars.section().up().turned();
    LayerSequence up = LayerSequence.band(across.steelAt(heightMm / 2), pitchMm);
    return bars.withSection(Section.wrought(up, across, bars.section()))
        .withLength(after().length());
  }

  private static boolean isMirrored(int piece) {
    return piece % 2 == 1;
  }

  private int pieceAt(double alongMm, double eachMm) {
    return Math.clamp((long) Math.floor(alongMm / eachMm), 0, pieces - 1);
  }

  @Override
  public List<InverseMap> back() {
    return List.of(this::folded);
  }

  private void folded(Point p) {
    int piece = pieceAt(p.x, widthMm);
    double along = p.x - piece * widthMm;
    double up = p.z;
    p.z = heightMm - p.y;
    p.y = isMirrored(piece) ? widthMm - along : along;
    p.x = piece * pitchMm + (isMirrored(piece) ? up : pitchMm - up);
    p.through(piece);
  }

  @Override
  public boolean forward(Point p) {
    int piece = pieceAt(p.x, pitchMm);
    double from = p.x - piece * pitchMm;
    double across = p.y;
    p.y = heightMm - p.z;
    p.z = isMirrored(piece) ? from : pitchMm - from;
    p.x = piece * widthMm + (isMirrored(piece) ? widthMm - across : across);
    return Inside.of(p, after());
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(
        IntStream.range(0, pieces)
            .mapToObj(piece -> ofPiece(piece, box))
            .flatMap(Optional::stream));
  }

  private Optional<Box> ofPiece(int piece, Box box) {
    return box.x()
        .plus(-piece * pitchMm)
        .within(pitchMm)
        .flatMap(from -> {
          LineSpan along = isMirrored(piece) ? box.y().mirrored(widthMm) : box.y();
          LineSpan up = isMirrored(piece) ? from : from.mirrored(pitchMm);
          LineSpan across = box.z().mirrored(heightMm);
          return along
              .within(widthMm)
              .map(there -> new Box(box.bar(), there.plus(piece * widthMm), across, up))
              .flatMap(there -> there.in(after()));
        });
  }

  @Override
  public boolean keepsLayersFlat() {
    return false;
  }
}

package app.geminal.geometry;

import java.util.List;
import java.util.stream.Stream;

/** A change in which bars meet: from then on the history of a place is that of one of them. */
public sealed interface Gathering extends ShapeChange permits Block, RolledStrip {

  /** What was gathered, each once; bars of one kind are numbered over all the results. */
  List<Source> sources();

  /** What is done to a point of the result first: these, one after the other. */
  List<InverseMap> back();

  /**
   * Moves a point from there into what it was in before.
   *
   * @return which of the {@link #sources}
   */
  int backInto(Point p);

  /**
   * Moves a point of a source to where it is afterwards.
   *
   * @param source index into the {@link #sources}
   * @return false where that steel is gone
   */
  boolean forward(int source, Point p);

  /** Where the steel in a box of a source is: in boxes that hold it, cut to the bar. */
  Stream<Box> forward(int source, Box box);

  /** Whether flat layers still lie flat in it. */
  boolean keepsLayersFlat();
}

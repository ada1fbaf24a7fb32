package app.geminal.geometry;

/** Moves a point of a result to where it was before a step. Implementations keep no state. */
@FunctionalInterface
public interface InverseMap {
  /** Moves it there. */
  void back(Point p);
}

package app.geminal.pattern;

/** Moves a point of a result to where it was before a step. Implementations keep no state. */
@FunctionalInterface
interface InverseMap {
  void back(Point p);
}

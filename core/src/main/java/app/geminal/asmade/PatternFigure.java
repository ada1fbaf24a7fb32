package app.geminal.asmade;

import app.geminal.operation.OperationField;

/** A figure the pattern shows, which may have come out otherwise than planned. */
public sealed interface PatternFigure {
  /** By the plan, or as the view says. */
  double planned();

  /** The least it is searched for. */
  double low();

  /** The most it is searched for. */
  double high();

  /**
   * A field of a step, in the field's own unit.
   *
   * @param stage after that step, 1 or more
   */
  record OfStep(int stage, OperationField field, double planned, double low, double high)
      implements PatternFigure {}

  /** How much was ground off the face that is looked at, mm. */
  record Ground(double planned, double low, double high) implements PatternFigure {}
}

package app.geminal.vision;

import app.geminal.asmade.PatternFigure;
import app.geminal.text.Message;
import java.util.List;
import java.util.Optional;

/**
 * The figures of a plan with which a pattern looks most like a photograph.
 *
 * @param likeness of the photograph and the view with these figures, 1 for the same
 * @param plannedLikeness of the photograph and the view as planned
 * @param figures of steps, in their order; none where nothing can be said
 * @param groundMm how much was ground off the face; empty where other depths look the same, or
 *     nothing can be said
 * @param values with which the view is most like it, one for each figure of the view
 * @param shiftShare how far the photograph's pattern is to the right of the view's, as a share of
 *     its width
 * @param turned whether the photograph is the view after half a turn
 * @param cannotTell why nothing can be said, where nothing can
 */
public record FittedPattern(
    double likeness,
    double plannedLikeness,
    List<Figure> figures,
    Optional<Range> groundMm,
    List<Double> values,
    double shiftShare,
    boolean turned,
    Optional<Message> cannotTell) {
  /**
   * A value as it was found.
   *
   * @param value most likely
   * @param low the range that holds the true one 95 times in 100
   * @param high of the same range
   */
  public record Range(double value, double low, double high) {}

  /** Copies the lists. */
  public FittedPattern {
    figures = List.copyOf(figures);
    values = List.copyOf(values);
  }

  /**
   * One figure as it was found.
   *
   * @param of which
   * @param range its value, in the unit of its field
   */
  public record Figure(PatternFigure.OfStep of, Range range) {}
}

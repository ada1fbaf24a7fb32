package app.geminal.asmade;

import app.geminal.validation.Require;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What the steps of a plan came out as by a photograph of the pattern.
 *
 * @param stepKey path of the step after which the face was seen: names of the parts it is in, then
 *     its key
 * @param at when
 * @param likeness of the photograph and the view with these figures, 0 to 1
 * @param figures 1 to 12
 * @param ground how much had been ground off the face; null where that was not clear
 * @param note free words, may be empty, at most 2000 characters
 */
public record PatternMade(
    String stepKey,
    Instant at,
    double likeness,
    List<FigureMade> figures,
    @Nullable GroundMade ground,
    String note) {
  private static final int MOST_FIGURES = 12;

  /**
   * A figure of a step, in the unit of its field.
   *
   * @param stepKey path of the step
   * @param kind of step, as plans name it
   * @param field of the step, as plans name it
   * @param planned by the plan of that time
   * @param value most likely
   * @param low the range that holds the true one 95 times in 100
   * @param high of the same range
   */
  public record FigureMade(
      String stepKey,
      String kind,
      String field,
      double planned,
      double value,
      double low,
      double high) {
    private static final double MOST = 100_000;

    /** Checks every field. */
    public FigureMade {
      Require.text("stepKey", stepKey, 120);
      Require.text("kind", kind, 40);
      Require.text("field", field, 40);
      Require.number("planned", planned, 0, MOST);
      Require.number("value", value, 0, MOST);
      Require.number("low", low, 0, value);
      Require.number("high", high, value, MOST);
    }
  }

  /**
   * How deep the face was in the bar.
   *
   * @param mm most likely
   * @param lowMm the range that holds the true one 95 times in 100
   * @param highMm of the same range
   */
  public record GroundMade(double mm, double lowMm, double highMm) {
    private static final double MOST_MM = 1000;

    /** Checks every field. */
    public GroundMade {
      Require.number("mm", mm, 0, MOST_MM);
      Require.number("lowMm", lowMm, 0, mm);
      Require.number("highMm", highMm, mm, MOST_MM);
    }
  }

  /** Checks every field; what was not said is nothing. */
  public PatternMade(
      String stepKey,
      Instant at,
      double likeness,
      List<FigureMade> figures,
      @Nullable GroundMade ground,
      @Nullable String note) {
    this.stepKey = Require.text("stepKey", stepKey, 120);
    this.at = Require.present("at", at);
    this.likeness = Require.number("likeness", likeness, 0, 1);
    this.figures =
        Require.list("figures", Objects.requireNonNullElse(figures, List.of()), 1, MOST_FIGURES);
    this.ground = ground;
    this.note = Require.note(note, 2000);
  }
}

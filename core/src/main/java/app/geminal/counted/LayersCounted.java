package app.geminal.counted;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Layers counted on a bar after a step, in a photograph or by eye.
 *
 * @param stepKey path of the step: names of the parts it is in, then its key
 * @param at when
 * @param count of layers, 1 to 100,000
 * @param low the fewest it may be
 * @param high the most it may be
 * @param line along which they were counted in the first photograph of the entry; null where there
 *     is none
 * @param boundaries of layers along the line, in order, 0 where it begins and 1 where it ends; may
 *     be beyond both, -1 to 2; empty where there is no line
 * @param note free words, may be empty, at most 2000 characters
 */
public record LayersCounted(
    String stepKey,
    Instant at,
    int count,
    int low,
    int high,
    @Nullable CountLine line,
    List<Double> boundaries,
    String note) {
  /** The most layers that a count may have. */
  public static final int MOST_LAYERS = 100_000;

  private static final int MOST_BOUNDARIES = 2_000;

  /**
   * A line on a picture, as shares of its width and height, 0 to 1, from the top left corner.
   *
   * @param x1 where it begins
   * @param y1 where it begins
   * @param x2 where it ends
   * @param y2 where it ends
   */
  public record CountLine(double x1, double y1, double x2, double y2) {
    /** Checks that it is on the picture. */
    public CountLine {
      Require.number("x1", x1, 0, 1);
      Require.number("y1", y1, 0, 1);
      Require.number("x2", x2, 0, 1);
      Require.number("y2", y2, 0, 1);
    }
  }

  /** Checks every field; what was not said is nothing. */
  public LayersCounted(
      String stepKey,
      Instant at,
      int count,
      int low,
      int high,
      @Nullable CountLine line,
      @Nullable List<Double> boundaries,
      @Nullable String note) {
    this.stepKey = Require.text("stepKey", stepKey, 120);
    this.at = Require.present("at", at);
    this.count = Require.count("count", count, 1, MOST_LAYERS);
    this.low = Require.count("low", low, 0, count);
    this.high = Require.count("high", high, count, MOST_LAYERS);
    this.line = line;
    this.boundaries =
        Require.list(
            "boundaries", Objects.requireNonNullElse(boundaries, List.of()), 0, MOST_BOUNDARIES);
    double before = -1;
    for (double boundary : this.boundaries) {
      Require.number("boundaries", boundary, before, 2);
      before = boundary;
    }
    if (line == null && !this.boundaries.isEmpty()) {
      throw new InvalidValue("line", CountedText.BOUNDARIES_NEED_A_LINE.with());
    }
    this.note = Require.note(note, 2000);
  }
}

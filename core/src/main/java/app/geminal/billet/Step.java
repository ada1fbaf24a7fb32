package app.geminal.billet;

import app.geminal.measurement.Measurement;
import app.geminal.operation.Operation;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import org.jspecify.annotations.Nullable;

/**
 * One step of a plan.
 *
 * @param key names the step within its plan for as long as it exists, wherever it moves: 1 to 16
 *     small letters and digits. What was logged at the fire is tied to it.
 * @param operation what is done
 * @param off left out for now: the plan continues as if it were not there
 * @param measured what the bars were measured to be after it, null where they were not; the Run
 *     continues from that
 */
public record Step(String key, Operation operation, boolean off, @Nullable Measurement measured) {
  /** Longest path of a step: part names and its key, with strokes between. */
  public static final int LONGEST_PATH = 120;

  /** Checks both fields. */
  public Step {
    Require.text("key", key, 16);
    if (!key.matches("[a-z0-9]+")) {
      throw new InvalidValue("key", BilletText.STEP_KEY.with());
    }
    Require.present("operation", operation);
  }

  /** A step that may not say whether it is left out; then it is done. */
  public static Step read(
      String key, Operation operation, @Nullable Boolean off, @Nullable Measurement measured) {
    return new Step(key, operation, Boolean.TRUE.equals(off), measured);
  }

  /** A step that is done. */
  public static Step of(String key, Operation operation) {
    return new Step(key, operation, false, null);
  }

  /** The same work under another key. */
  public Step withKey(String newKey) {
    return new Step(newKey, operation, off, measured);
  }

  /** Other work under the same key, not measured. */
  public Step withOperation(Operation newOperation) {
    return new Step(key, newOperation, off, null);
  }

  /** The same work, measured or not. */
  public Step withMeasured(@Nullable Measurement newMeasured) {
    return new Step(key, operation, off, newMeasured);
  }

  boolean sameWork(Step that) {
    return off == that.off && operation.equals(that.operation);
  }
}

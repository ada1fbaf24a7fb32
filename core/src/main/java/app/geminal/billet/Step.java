package app.geminal.billet;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.operation.Operation;

/**
 * One step of a plan.
 *
 * @param key names the step for as long as it exists, wherever it moves: 1 to 16 small letters and
 *     digits. What was logged at the fire is tied to it.
 * @param operation what is done
 */
public record Step(String key, Operation operation) {

  /** Checks both fields. */
  public Step {
    Require.text("key", key, 16);
    if (!key.matches("[a-z0-9]+")) {
      throw new BadValue("key", "A step's key has small letters and digits only.");
    }
    Require.present("operation", operation);
  }
}

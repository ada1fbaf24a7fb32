package app.geminal.finding;

import app.geminal.layup.Stack;
import app.geminal.operation.Operation;

/**
 * An edit that would mend it.
 *
 * @param label what the edit does, a few words
 * @param edit what to change in the plan the finding belongs to
 */
public record Remedy(String label, Edit edit) {

  /** A change of one plan, at the finding's stage. */
  public sealed interface Edit {}

  /** Another operation in the step's place. */
  public record Instead(Operation operation) implements Edit {}

  /** One more step before this one. */
  public record Before(Operation operation) implements Edit {}

  /** Another stack to begin with. */
  public record Restacked(Stack stack) implements Edit {}
}

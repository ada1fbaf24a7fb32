package app.geminal.finding;

import app.geminal.layup.Stack;
import app.geminal.operation.Operation;

/** A change of one plan, at the finding's stage, that makes the finding go away. */
public sealed interface Remedy {

  /** Another operation in the step's place. */
  record Instead(Operation operation) implements Remedy {}

  /** One more step before this one. */
  record Before(Operation operation) implements Remedy {}

  /** Another stack to begin with. */
  record Restacked(Stack stack) implements Remedy {}
}

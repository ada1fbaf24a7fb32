package app.geminal.operation;

/**
 * What a kind of step is called and where it is found.
 *
 * @param word in plans as JSON, in stored plans and in shorthand; lower case
 * @param at where it is done
 * @param letter on a keyboard that adds one
 */
public record StepName(String word, At at, char letter) {
  /** Where a step is done. */
  public enum At {
    /** At the forge, hot. */
    FORGE,
    /** At the bench, cold. */
    BENCH,
    /** Where bars are laid together. */
    STACK
  }
}

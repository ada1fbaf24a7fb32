package app.geminal.operation;

/** How a field of a step is said in shorthand, after the step's own word. */
public sealed interface Wording {
  /**
   * Its value alone, before everything that has a word: {@code 5}, {@code 30%}, {@code 6 turns}.
   *
   * @param unit a word that may follow, for one of them; empty where none does
   */
  record Alone(String unit) implements Wording {}

  /** After the field before it and an x: {@code 38 x 10}. */
  record By() implements Wording {}

  /**
   * After a word: {@code kerf 1.6}.
   *
   * @param isApart whether it has a comma before it even where it is said first
   */
  record After(String word, boolean isApart) implements Wording {}

  /** Before a word: {@code 4 heats}. */
  record Before(String one, String several) implements Wording {}

  /** Yes or no by a word, or by leaving it out; empty where there is none for it. */
  record YesByWord(String yes, String no) implements Wording {}

  /** One of the words of its choice. */
  record ByChoice() implements Wording {}
}

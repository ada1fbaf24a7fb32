package app.geminal.notation;

import app.geminal.text.Message;

/** Shorthand that cannot be read, with the place in the line. */
public final class ShorthandError extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private final int from;
  private final int to;
  private final transient Message words;

  /**
   * @param from first character at fault, counted from 0
   * @param to one past the last
   * @param words what is wrong and what could stand there
   */
  ShorthandError(int from, int to, Message words) {
    super(words.marked());
    this.from = from;
    this.to = to;
    this.words = words;
  }

  /** What is wrong and what could stand there. */
  public Message words() {
    return words;
  }

  /** First character at fault, counted from 0. */
  public int from() {
    return from;
  }

  /** One past the last character at fault. */
  public int to() {
    return to;
  }
}

package app.geminal.notation;

/** Shorthand that cannot be read, with the place in the line. */
public final class ShorthandError extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private final int from;
  private final int to;

  /**
   * @param from first character at fault, counted from 0
   * @param to one past the last
   * @param message what is wrong and what could stand there
   */
  ShorthandError(int from, int to, String message) {
    super(message);
    this.from = from;
    this.to = to;
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

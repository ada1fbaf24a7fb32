package app.geminal.units;

/** Text that should be a measure and cannot be read as one. */
public final class Unreadable extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private final String typed;
  private final Why why;
  private final QuantityKind kind;

  /** What is wrong with it. */
  public enum Why {
    /** It is no figure of this kind. */
    NOT_A_FIGURE,
    /** A fraction with 0 below the line. */
    NOTHING_BELOW_THE_LINE
  }

  /**
   * @param typed what was typed
   * @param why what is wrong with it
   * @param kind what it should be a figure of
   */
  public Unreadable(String typed, Why why, QuantityKind kind) {
    super(kind + " " + why + ": " + typed);
    this.typed = typed;
    this.why = why;
    this.kind = kind;
  }

  /** What was typed. */
  public String typed() {
    return typed;
  }

  /** What is wrong with it. */
  public Why why() {
    return why;
  }

  /** What it should be a figure of. */
  public QuantityKind kind() {
    return kind;
  }
}

package app.geminal.server.problem;

/** Too much of one kind is going on at once; later it can be done. */
public final class Busy extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Says what there is too much of. */
  public Busy(String message) {
    super(message);
  }
}

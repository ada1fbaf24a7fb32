package app.geminal.server.problem;

/** Something was asked for by number and is not in the shop. */
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** A sentence that names the thing. */
  public NotFound(String message) {
    super(message);
  }
}

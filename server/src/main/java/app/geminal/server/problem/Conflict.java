package app.geminal.server.problem;

/** What is asked for does not go together with what is there. */
public final class Conflict extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Says what does not go together and what to do. */
  public Conflict(String message) {
    super(message);
  }
}

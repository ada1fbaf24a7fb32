package app.geminal.server.problem;

import app.geminal.text.Message;

/** Something was asked for by number and is not in the shop. */
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient Message words;

  /** A sentence that names the thing. */
  public NotFound(Message words) {
    super(words.marked());
    this.words = words;
  }

  Message words() {
    return words;
  }
}

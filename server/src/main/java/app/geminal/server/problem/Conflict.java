package app.geminal.server.problem;

import app.geminal.text.Message;

/** What is asked for does not go together with what is there. */
public final class Conflict extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient Message words;

  /** Says what does not go together and what to do. */
  public Conflict(Message words) {
    super(words.marked());
    this.words = words;
  }

  Message words() {
    return words;
  }
}

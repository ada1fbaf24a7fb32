package app.geminal.server.problem;

import app.geminal.text.Message;

/** Too much of one kind is going on at once; later it can be done. */
public final class Busy extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient Message words;

  /** Says what there is too much of. */
  public Busy(Message words) {
    super(words.marked());
    this.words = words;
  }

  Message words() {
    return words;
  }
}

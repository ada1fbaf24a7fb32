package app.geminal.server.problem;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;

/** A stored document that this release cannot read; nothing that was sent is at fault. */
public final class Damaged extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient Message words;

  /**
   * A document.
   *
   * @param what kind of document
   * @param why with the place in it
   */
  public Damaged(Message what, InvalidValue why) {
    super(why);
    this.words =
        why.path().isEmpty()
            ? ProblemText.STORED_CANNOT_BE_READ.with("what", what, "why", why.words())
            : ProblemText.STORED_CANNOT_BE_READ_AT.with(
                "what", what, "place", why.path(), "why", why.words());
  }

  @Override
  public String getMessage() {
    return words.marked();
  }

  /** Which document, where and why. */
  public Message words() {
    return words;
  }
}

package app.geminal.server.problem;

import app.geminal.units.Text;
import app.geminal.validation.InvalidValue;

/** A stored document that this release cannot read; nothing that was sent is at fault. */
public final class Damaged extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /**
   * A document.
   *
   * @param what kind of document
   * @param why with the place in it
   */
  public Damaged(String what, InvalidValue why) {
    super(
        why.path().isEmpty()
            ? Text.of("The stored %s cannot be read. %s", what, why.words())
            : Text.of("The stored %s cannot be read at “%s”. %s", what, why.path(), why.words()),
        why);
  }
}

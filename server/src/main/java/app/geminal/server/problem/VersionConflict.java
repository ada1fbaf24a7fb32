package app.geminal.server.problem;

import app.geminal.text.Message;

/** A change was based on an older version than the stored one. */
public final class VersionConflict extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient Message thing;
  private final int storedVersion;

  /** What was meant to be changed, and the version that is stored now. */
  public VersionConflict(Message thing, int storedVersion) {
    super(thing.marked());
    this.thing = thing;
    this.storedVersion = storedVersion;
  }

  Message words() {
    return ProblemText.CHANGED_SINCE_OPENED.with("thing", thing);
  }

  int storedVersion() {
    return storedVersion;
  }
}

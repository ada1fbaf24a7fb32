package app.geminal.server.problem;

/** A change was based on an older version than the stored one. */
public final class VersionConflict extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final int storedVersion;

  /** What was meant to be changed, and the version that is stored now. */
  public VersionConflict(String thing, int storedVersion) {
    super(thing + " was changed elsewhere since you opened it.");
    this.storedVersion = storedVersion;
  }

  int storedVersion() {
    return storedVersion;
  }
}

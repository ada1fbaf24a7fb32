package app.geminal.units;

/** Text that should be a measure and cannot be read as one. The message says what may be typed. */
public final class Unreadable extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  /**
   * @param text what was typed
   * @param remedy examples of what would be read
   */
  public Unreadable(String text, String remedy) {
    super("“" + text + "” cannot be read. " + remedy);
  }
}

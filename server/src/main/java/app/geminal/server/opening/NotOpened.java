package app.geminal.server.opening;

/** Why a shop is not opened, and what to do; nothing was changed. */
public class NotOpened extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final String remedy;

  NotOpened(String why, String remedy) {
    super(why);
    this.remedy = remedy;
  }

  /** What to do. */
  public String remedy() {
    return remedy;
  }
}

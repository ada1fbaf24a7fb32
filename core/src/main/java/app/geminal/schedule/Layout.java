package app.geminal.schedule;

/** How the pieces of a start are laid. */
public enum Layout {
  /** One steel and the other in turn. */
  PLAIN("plain"),
  /** Two of each in turn: bold lines. */
  DOUBLED("laid in pairs"),
  /** In turn, the first and the last piece twice as thick, so that fire and grinding leave them. */
  THICK_OUTSIDES("with double outer pieces");

  private final String words;

  Layout(String words) {
    this.words = words;
  }

  /** What it is called. */
  public String words() {
    return words;
  }
}

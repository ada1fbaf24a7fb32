package app.geminal.flaw;

/** What was found. */
public enum FlawKind {
  SEAM("delamination"),
  COLD_SHUT("cold shut"),
  INCLUSION("slag or scale inclusion"),
  BLISTER("blister"),
  CRACK("crack");

  private final String words;

  FlawKind(String words) {
    this.words = words;
  }

  /** What a smith calls it. */
  public String words() {
    return words;
  }
}

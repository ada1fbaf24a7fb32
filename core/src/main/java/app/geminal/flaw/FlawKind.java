package app.geminal.flaw;

/** What was found. */
public enum FlawKind {
  SEAM("open seam"),
  COLD_SHUT("cold shut"),
  INCLUSION("flux or scale inside"),
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

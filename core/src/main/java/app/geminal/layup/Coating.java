package app.geminal.layup;

/** What is on a piece as it was bought, before it is stripped. */
public enum Coating {
  /** Bare steel. */
  NONE(""),
  /** Hot-dipped or plated with zinc: boils under welding heat, and its fume makes ill. */
  ZINC("galvanised"),
  /** Nickel, chromium, cadmium or tin: does not weld, and some of it poisons. */
  PLATED("plated"),
  /** Paint, oil finish, plastic. */
  PAINTED("painted");

  private final String word;

  Coating(String word) {
    this.word = word;
  }

  /** The word used in shorthand, empty for bare steel. */
  public String word() {
    return word;
  }
}

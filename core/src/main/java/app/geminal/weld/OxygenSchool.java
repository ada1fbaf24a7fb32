package app.geminal.weld;

/** The ways of keeping oxygen out of a joint. All four are in real use. */
public enum OxygenSchool {
  /** Open with borax on the seams. */
  BORAX("borax"),
  /** Soaked in fuel before the first heat, no flux after. */
  DRY("dry"),
  /** Fuel for the first entry, borax at the setting heats. */
  BOTH("both"),
  /** A jacket or a bead round every seam. */
  SEALED("sealed");

  private final String word;

  OxygenSchool(String word) {
    this.word = word;
  }

  /** The word used in shorthand. */
  public String word() {
    return word;
  }
}

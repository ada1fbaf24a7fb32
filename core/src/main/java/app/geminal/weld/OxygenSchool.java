package app.geminal.weld;

/** The ways of keeping oxygen out of a joint. All four are in real use. */
public enum OxygenSchool {
  /** Open with borax on the seams. */
  BORAX(
      "borax",
      "Flux runs out and spatters at the first squeeze: face shield, sleeves, nobody in line with the seams."),
  /** Soaked in fuel before the first heat, no flux after. */
  DRY(
      "dry",
      "Fuel-soaked steel flares as it goes in. Soak it cold, drain it, keep the lidded tub far from the fire, stand aside."),
  /** Fuel for the first entry, borax at the setting heats. */
  BOTH(
      "both",
      "Fuel-soaked steel flares as it goes in, and flux spatters at the squeeze: stand aside, face shield, sleeves."),
  /** A jacket or a bead round every seam. */
  SEALED(
      "sealed",
      "A tight can bursts. Leave a vent of 2 to 3 mm, nothing wet or oily inside, and keep clear of it while it heats.");

  private static final String ALWAYS =
      " Burnt gas holds carbon monoxide: alarm on, doors open. Follow the makers' instructions and local codes.";

  private final String word;
  private final String caution;

  OxygenSchool(String word, String caution) {
    this.word = word;
    this.caution = caution;
  }

  /** The word used in shorthand. */
  public String word() {
    return word;
  }

  /** Where it can hurt people, in a few sentences. */
  public String caution() {
    return caution + ALWAYS;
  }
}

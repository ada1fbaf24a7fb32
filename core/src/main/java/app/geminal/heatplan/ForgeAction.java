package app.geminal.heatplan;

/** What a smith does at the fire, one tap each. */
public enum ForgeAction {
  /** Soaked cold in kerosene or thin oil, and drained. */
  FUEL("Fuel bath"),
  /** Into the fire. */
  IN("In"),
  /** Borax on the seams. */
  FLUX("Flux"),
  /** Turned over in the fire. */
  TURN("Turned"),
  /** Out of the fire. */
  OUT("Out"),
  /** The dies come down, or the first blow falls. */
  SQUEEZE("Squeeze"),
  /** The ram rises. */
  LET_GO("Ram up"),
  /** Scale brushed off. */
  BRUSH("Brushed"),
  /** Looked at for dark lines, colour, shine. */
  LOOK("Looked");

  private final String words;

  ForgeAction(String words) {
    this.words = words;
  }

  /** What it says on the tap. */
  public String words() {
    return words;
  }
}

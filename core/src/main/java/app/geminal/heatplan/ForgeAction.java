package app.geminal.heatplan;

/** What a smith does at the fire, one tap each. */
public enum ForgeAction {
  /** Soaked cold in kerosene or thin oil, and drained. */
  FUEL,
  /** Into the fire. */
  IN,
  /** Borax on the seams. */
  FLUX,
  /** Turned over in the fire. */
  TURN,
  /** Out of the fire. */
  OUT,
  /** The dies come down, or the first blow falls. */
  SQUEEZE,
  /** The ram rises. */
  LET_GO,
  /** Scale brushed off. */
  BRUSH,
  /** Looked at for dark lines, colour, shine. */
  LOOK;
}

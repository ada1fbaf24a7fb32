package app.geminal.ledger;

/** Why steel is gone from the bar. */
public enum LossKind {
  /** Burnt to oxide in the fire. */
  SCALE,
  /** Ground away. */
  GRINDING,
  /** Turned to dust by the saw. */
  KERF,
  /** Cut off: ragged ends, edges, the end of a fold. */
  TRIM,
  /** Ground off with the jacket or the bead round a sealed stack. */
  JACKET,
  /** Bars given up. */
  SCRAP,
  /** What a measured bar has less than was calculated; negative where it has more. */
  MEASURED
}

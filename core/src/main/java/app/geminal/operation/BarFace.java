package app.geminal.operation;

/** Faces of a bar that are ground or meet others. */
public enum BarFace {
  /** The upper one. */
  TOP,
  /** The upper and the lower one. */
  BROAD,
  /** Both edges. */
  SIDES
}

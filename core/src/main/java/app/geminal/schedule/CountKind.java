package app.geminal.schedule;

/** Which of the two counts is meant. */
public enum CountKind {
  /** Layers the eye says apart: touching faces of one steel are one. */
  VISIBLE,
  /** Pieces, times the bars stacked at each restack. */
  SHOP
}

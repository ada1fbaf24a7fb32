package app.geminal.schedule;

/** How the pieces of a start are laid. */
public enum Layout {
  /** One steel and the other in turn. */
  PLAIN,
  /** Two of each in turn: bold lines. */
  DOUBLED,
  /** In turn, the first and the last piece twice as thick, so that fire and grinding leave them. */
  THICK_OUTSIDES
}

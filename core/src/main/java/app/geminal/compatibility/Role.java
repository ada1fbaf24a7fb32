package app.geminal.compatibility;

/** What a steel is there for. The same two steels can be hopeless mixed and fine as cladding. */
public enum Role {
  /** One of the layers of a pattern that runs through everything, the edge too. */
  MIXED,
  /** The core that becomes the cutting edge. */
  EDGE,
  /** Sides round a core; never the edge. */
  CLADDING,
  /** A thin sheet between others, for a line or to stop carbon; never the edge. */
  SHEET
}

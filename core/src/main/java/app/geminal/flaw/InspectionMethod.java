package app.geminal.flaw;

/** How a bar was looked at. */
public enum InspectionMethod {
  /** A dark line, or a patch that cools at another rate, while it is hot. */
  HOT_SHADOW,
  /** Sparks jumping from a seam under the hammer: air inside. */
  SPARKS,
  /** Hung up and tapped. */
  TAP,
  /** An edge ground bright. */
  GROUND_EDGE,
  /** An end polished and etched. */
  ETCHED_END,
  /** A coupon cut off, drawn thin and etched. */
  COUPON,
  /** Bent or broken: bright means it welded, dark means it did not. */
  BEND,
  /** All faces wheeled flat. */
  WHEELED
}

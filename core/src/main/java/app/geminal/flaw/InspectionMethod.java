package app.geminal.flaw;

/** How a bar was looked at. */
public enum InspectionMethod {
  /** A dark line, or a patch that cools at another rate, while it is hot. */
  HOT_SHADOW("hot shadow", "while it is hot; finds large delaminations"),
  /** Sparks jumping from a seam under the hammer: air inside. */
  SPARKS("sparks at a joint", "under the hammer; shows air in a joint"),
  /** Hung up and tapped. */
  TAP("tap", "cold; a dull ring means a delamination somewhere"),
  /** An edge ground bright. */
  GROUND_EDGE("ground edge", "cold; finds joints open at the edge"),
  /** An end polished and etched. */
  ETCHED_END("etched end", "cold; finds what reaches the end"),
  /** A coupon cut off, drawn thin and etched. */
  COUPON("coupon drawn thin", "finds what opens when drawn out, in that end only"),
  /** Bent or broken: bright means it welded, dark means it did not. */
  BEND("bend or break", "bright: welded, dark: not welded; in that piece only"),
  /** All faces wheeled flat. */
  WHEELED("faces ground flat", "cold; finds what reaches a face");

  private final String words;
  private final String finds;

  InspectionMethod(String words, String finds) {
    this.words = words;
    this.finds = finds;
  }

  /** What a smith calls it. */
  public String words() {
    return words;
  }

  /** What it can find. */
  public String finds() {
    return finds;
  }
}

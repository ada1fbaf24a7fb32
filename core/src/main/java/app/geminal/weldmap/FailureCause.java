package app.geminal.weldmap;

/** Why a joint is open, or looks so. */
public enum FailureCause {
  /** Too cold when the dies were on it. */
  HEAT,
  /** Not pressed, or too little. */
  PRESSURE,
  /** More oxide on its faces than the squeeze breaks up. */
  OXIDE,
  /** Slag could not get out. */
  INCLUSION,
  /** Pulled open again by too hard a squeeze. */
  REOPENED,
  /** A speck of dirt, or faces that did not meet. */
  DIRT,
  /** Steels that do not weld to each other as planned. */
  PAIR,
  /** No open joint: a line of low carbon looks like one. */
  DECARB
}

package app.geminal.weldmap;

/** Why a patch did not bond. */
public enum BondCause {
  /** Too cold when the dies were on it. */
  HEAT,
  /** Not pressed, or too little. */
  PRESSURE,
  /** More oxide on its faces than the squeeze breaks up. */
  OXIDE,
  /** Slag could not get out. */
  INCLUSION,
  /** Pulled open again by too hard a squeeze. */
  REOPENED
}

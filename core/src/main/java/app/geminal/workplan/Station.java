package app.geminal.workplan;

/** Where work is done that only so many bars have room for at once. */
public enum Station {
  /** As many places as the shop says. */
  FORGE,
  PRESS,
  HAMMER,
  MILL,
  SAW,
  GRINDER,
  ETCH_TANK,
  OVEN
}

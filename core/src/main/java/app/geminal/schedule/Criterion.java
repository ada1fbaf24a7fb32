package app.geminal.schedule;

/** What schedules are held against each other by; of each, less is better. */
public enum Criterion {
  /** Set welds. */
  WELDS,
  /** Joint faces to grind and degrease. */
  FACES,
  /** Steel used, in steps of 10 g; where the steel is given, finished length that comes out. */
  STEEL,
  /** Hours, waiting for a bar to cool included, in whole minutes. */
  TIME,
  /** Chance that some weld does not hold, in twentieths. */
  RISK,
  /** Layers away from what is wanted. */
  DISTANCE,
  /** Part of the height in sheets much thicker than the layers round them, %. */
  EVEN
}

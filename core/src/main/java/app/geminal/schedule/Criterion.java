package app.geminal.schedule;

/** What schedules are held against each other by; of each, less is better. */
public enum Criterion {
  /** Set welds. */
  WELDS("fewest welds"),
  /** Joint faces to grind and degrease. */
  FACES("fewest joint faces"),
  /** Steel used, in steps of 10 g; where the steel is given, finished length that comes out. */
  STEEL("least steel"),
  /** Hours, waiting for a bar to cool included, in whole minutes. */
  TIME("least time"),
  /** Chance that some weld does not hold, in thousandths. */
  RISK("safest"),
  /** Layers away from what is wanted. */
  DISTANCE("nearest count"),
  /** Part of the height in sheets much thicker than the layers round them, %. */
  EVEN("most even layers");

  private final String best;

  Criterion(String best) {
    this.best = best;
  }

  /** What the best by it is called. */
  public String best() {
    return best;
  }
}

package app.geminal.steel;

import java.util.Locale;

/** What a steel is quenched in, mildest first. */
public enum Quench {
  /** Hardens in still air or between plates. */
  AIR(0, "air or plates"),
  SLOW_OIL(1, "slow oil"),
  MEDIUM_OIL(2, "medium oil"),
  FAST_OIL(3, "fast oil"),
  WATER(4, "water"),
  BRINE(5, "brine");

  private final int severity;
  private final String words;

  Quench(int severity, String words) {
    this.severity = severity;
    this.words = words;
  }

  /** As a smith says it. */
  public String words() {
    return words;
  }

  /** How many steps milder or fiercer another one is; 0 when equal. */
  public int stepsTo(Quench that) {
    return Math.abs(severity - that.severity);
  }

  /** From a table's word; plate counts as air. */
  public static Quench parse(String word) {
    String name = word.strip().toUpperCase(Locale.ROOT).replace(' ', '_');
    return name.equals("PLATE") ? AIR : valueOf(name);
  }
}

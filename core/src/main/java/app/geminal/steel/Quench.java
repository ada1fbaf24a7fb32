package app.geminal.steel;

import app.geminal.text.Message;
import java.util.Locale;

/** What a steel is quenched in, mildest first. */
public enum Quench {
  /** Hardens in still air or between plates. */
  AIR(0),
  SLOW_OIL(1),
  MEDIUM_OIL(2),
  FAST_OIL(3),
  WATER(4),
  BRINE(5);

  private final int severity;

  Quench(int severity) {
    this.severity = severity;
  }

  /** As a smith says it. */
  public Message words() {
    return Message.word(this);
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

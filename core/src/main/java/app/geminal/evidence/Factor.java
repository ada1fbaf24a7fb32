package app.geminal.evidence;

import app.geminal.text.Message;

/**
 * What a smith can choose, or that comes with the work; welds are distinguished by it.
 *
 * <p>Spread is how far apart a factor's levels are believed to lie before any record: one standard
 * deviation in log odds of holding. 0.5 turns 95 of 100 into 92 or 97, 0.8 into 90 or 98.
 */
public enum Factor {
  /** Which steels were joined. */
  STEELS(0.5),
  /** How oxygen was kept out. */
  PROTECTION(0.5),
  /** Where the heat lay in the window: under it, in its cooler or hotter half, over it. */
  HEAT(0.8),
  /** Soak against the soak an even core needs: short, enough, or half as much again. */
  SOAK(0.8),
  /** The first stack's weld, or a restack's. */
  RESTACK(0.4),
  /** From the fire to the dies, against the working time. */
  WAITING(0.8),
  /** Who made it. */
  SMITH(0.4);
  private final double spread;

  Factor(double spread) {
    this.spread = spread;
  }

  /** What it is called. */
  public Message words() {
    return Message.word(this);
  }

  /** One standard deviation of its levels before any record, log odds. */
  public double spread() {
    return spread;
  }
}

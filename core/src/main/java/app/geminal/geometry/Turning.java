package app.geminal.geometry;

import app.geminal.bar.Section;

/** How a round bar is turned before it is forged square again. */
public sealed interface Turning permits Turning.None, Twisted, Corner {
  /** Not at all. */
  Turning NONE = new None();

  /** Not at all. */
  record None() implements Turning {
    @Override
    public InverseMap turned(int sense) {
      return _ -> {};
    }

    @Override
    public Section lines(Section before, Section square) {
      return square;
    }
  }

  /**
   * Turns points on the unit disc.
   *
   * @param sense 1 as the steel is turned, −1 back
   */
  InverseMap turned(int sense);

  /**
   * What the two counting lines cross afterwards.
   *
   * @param before the section before it was forged round
   * @param square the same section stretched to its new size
   */
  Section lines(Section before, Section square);
}

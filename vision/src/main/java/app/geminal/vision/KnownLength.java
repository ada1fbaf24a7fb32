package app.geminal.vision;

import app.geminal.validation.Require;

/** One length that is known in a photograph without a gauge card. */
public sealed interface KnownLength {
  /** Longer than that is no steel on a bench, mm. */
  double FARTHEST_MM = 2_000;

  /** How long it is, mm. */
  double mm();

  /**
   * Between two marks of a rule.
   *
   * @param marks from one to the other, px
   * @param mm above 0, to 2000
   */
  record BetweenMarks(Line marks, double mm) implements KnownLength {
    /** Checks the length. */
    public BetweenMarks {
      Require.lengthAbove("apartMm", mm, 0, FARTHEST_MM);
    }
  }

  /**
   * A side of the largest piece.
   *
   * @param isLonger whether its longer sides are known, else its shorter ones
   * @param mm above 0, to 2000
   */
  record OfLargestPiece(boolean isLonger, double mm) implements KnownLength {
    /** Checks the length. */
    public OfLargestPiece {
      Require.lengthAbove("sideMm", mm, 0, FARTHEST_MM);
    }
  }
}

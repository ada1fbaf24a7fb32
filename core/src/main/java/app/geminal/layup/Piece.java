package app.geminal.layup;

import app.geminal.check.Require;
import app.geminal.steel.Steel;

/**
 * One piece of bar or sheet in a stack.
 *
 * @param steel designation
 * @param thicknessMm above 0, at most 100
 */
public record Piece(String steel, double thicknessMm) {
  /** Thicker than this is a block, not a piece of a stack. */
  public static final double THICKEST_MM = 100;

  /** Checks both fields. */
  public Piece {
    Steel.requireId("steel", steel);
    Require.lengthAbove("thicknessMm", thicknessMm, 0, THICKEST_MM);
  }
}

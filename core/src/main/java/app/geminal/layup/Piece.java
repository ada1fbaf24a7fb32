package app.geminal.layup;

import app.geminal.steel.Steel;
import app.geminal.validation.Require;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One piece of bar or sheet in a stack.
 *
 * @param steel designation
 * @param thicknessMm with its voids; 0.005 (foil) to 100
 * @param widthMm where it differs from the stack's, else 0; 1 to 1000
 * @param lengthMm where it differs from the stack's, else 0; 1 to 3000
 * @param fill part of it that is steel: 1 for bar and sheet, about 0.6 to 0.8 for cable and chain;
 *     0.2 to 1
 * @param coating what is on it; bare steel in what was stored before it could be said
 */
public record Piece(
    String steel, double thicknessMm, double widthMm, double lengthMm, double fill, Coating coating)
    implements Laid {
  /** Thicker than this is a block, not a piece of a stack. */
  public static final double THICKEST_MM = 100;

  /** Thinner than this is no foil anyone sells, mm. */
  public static final double THINNEST_MM = 0.005;

  private static final double LEAST_FILL = 0.2;

  /** Checks every field. */
  public Piece {
    Steel.requireId("steel", steel);
    Require.length("thicknessMm", thicknessMm, THINNEST_MM, THICKEST_MM);
    if (widthMm != 0) {
      Require.length("widthMm", widthMm, Stack.NARROWEST_MM, Stack.WIDEST_MM);
    }
    if (lengthMm != 0) {
      Require.length("lengthMm", lengthMm, Stack.NARROWEST_MM, Stack.LONGEST_MM);
    }
    Require.number("fill", fill, LEAST_FILL, 1);
    Require.present("coating", coating);
  }

  /** A bare piece. */
  public Piece(String steel, double thicknessMm, double widthMm, double lengthMm, double fill) {
    this(steel, thicknessMm, widthMm, lengthMm, fill, Coating.NONE);
  }

  /** A solid piece as wide and long as the stack. */
  public Piece(String steel, double thicknessMm) {
    this(steel, thicknessMm, 0, 0, 1);
  }

  /** A piece of which only some is said; the rest is as the stack and solid. */
  public static Piece of(
      String steel,
      double thicknessMm,
      @Nullable Double widthMm,
      @Nullable Double lengthMm,
      @Nullable Double fill,
      @Nullable Coating coating) {
    return new Piece(
        steel,
        thicknessMm,
        Objects.requireNonNullElse(widthMm, 0.0),
        Objects.requireNonNullElse(lengthMm, 0.0),
        Objects.requireNonNullElse(fill, 1.0),
        Objects.requireNonNullElse(coating, Coating.NONE));
  }

  /** Thickness of the steel alone, mm. */
  public double solidMm() {
    return thicknessMm * fill;
  }

  /** Its width in a stack of that width, mm. */
  public double widthIn(double stackWidthMm) {
    return widthMm == 0 ? stackWidthMm : widthMm;
  }

  /** Its length in a stack of that length, mm. */
  public double lengthIn(double stackLengthMm) {
    return lengthMm == 0 ? stackLengthMm : lengthMm;
  }

  /** The same piece of another thickness, mm. */
  public Piece withThicknessMm(double newThicknessMm) {
    return new Piece(steel, newThicknessMm, widthMm, lengthMm, fill, coating);
  }

  /** The same piece with its coating stripped. */
  public Piece bare() {
    return new Piece(steel, thicknessMm, widthMm, lengthMm, fill);
  }
}

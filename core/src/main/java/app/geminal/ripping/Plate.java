package app.geminal.ripping;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.List;

/**
 * A plate with what of it cannot be used.
 *
 * @param widthMm across the grain, above 0, at most 2000
 * @param lengthMm along the grain, above 0, at most 10 000
 * @param worn strips along its edges that are left off: teeth and gullets, a worn edge
 * @param holes that are cut around, at most 6
 */
public record Plate(double widthMm, double lengthMm, Worn worn, List<Hole> holes) {
  private static final int MOST_HOLES = 6;

  /**
   * Left off along the edges, mm; 0 to 1000 each.
   *
   * @param left edge, where the width begins
   * @param right the other one along the length
   * @param near end, where the length begins
   * @param far end
   */
  public record Worn(double left, double right, double near, double far) {
    /** Nothing is. */
    public static final Worn NONE = new Worn(0, 0, 0, 0);

    /** Checks every field. */
    public Worn {
      Require.lengthUpTo("left", left, 1000);
      Require.lengthUpTo("right", right, 1000);
      Require.lengthUpTo("near", near, 1000);
      Require.lengthUpTo("far", far, 1000);
    }
  }

  /**
   * A hole, by the square around it.
   *
   * @param xMm its middle across the width
   * @param yMm its middle along the length
   * @param acrossMm its diameter, above 0, at most 1000
   */
  public record Hole(double xMm, double yMm, double acrossMm) {
    /** Checks every field. */
    public Hole {
      Require.lengthUpTo("xMm", xMm, 2000);
      Require.lengthUpTo("yMm", yMm, 10_000);
      Require.lengthAbove("acrossMm", acrossMm, 0, 1000);
    }
  }

  /** Checks every field, and that something is left. */
  public Plate {
    Require.lengthAbove("widthMm", widthMm, 0, 2000);
    Require.lengthAbove("lengthMm", lengthMm, 0, 10_000);
    holes = Require.list("holes", holes, 0, MOST_HOLES);
    if (worn.left() + worn.right() >= widthMm || worn.near() + worn.far() >= lengthMm) {
      throw new InvalidValue("worn", RippingText.NOTHING_USABLE.with());
    }
    for (int i = 0; i < holes.size(); i++) {
      if (holes.get(i).xMm() > widthMm || holes.get(i).yMm() > lengthMm) {
        throw new InvalidValue("holes/" + i, RippingText.HOLE_OUTSIDE.with());
      }
    }
  }

  /** Sound all over. */
  public static Plate of(double widthMm, double lengthMm) {
    return new Plate(widthMm, lengthMm, Worn.NONE, List.of());
  }

  /** What is within the strips that are left off, mm². */
  public double usableMm2() {
    return (widthMm - worn.left() - worn.right()) * (lengthMm - worn.near() - worn.far());
  }
}

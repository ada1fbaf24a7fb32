package app.geminal.schedule;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.List;

/** What the steel is at the beginning. */
public sealed interface StartingSteel {
  /** Width of what is laid, mm. */
  double widthMm();

  /** The first of the steels that are tried, as they are laid in turn; those in a bar. */
  List<String> steels();

  /** Whether the length of the start is given, and not as long as the finished bar needs it. */
  default boolean givesLength() {
    return !(this instanceof Stacks);
  }

  /**
   * New stacks, as long as the finished bar needs them.
   *
   * @param outside pieces the bottom one can be, one for each thickness at hand; 1 to 4
   * @param inside pieces the other can be; 1 to 4
   * @param widthMm of all pieces; above 0, at most 1000
   */
  record Stacks(List<Piece> outside, List<Piece> inside, double widthMm) implements StartingSteel {
    /** Checks every field. */
    public Stacks {
      outside = Require.list("outside", outside, 1, 4);
      inside = Require.list("inside", inside, 1, 4);
      Require.lengthAbove("widthMm", widthMm, 0, Stack.WIDEST_MM);
    }

    @Override
    public List<String> steels() {
      return List.of(outside.getFirst().steel(), inside.getFirst().steel());
    }
  }

  /**
   * New stacks from bars on the shelf, as long as these give and the longest bar and the heaviest
   * billet allow.
   *
   * @param outside the piece at the bottom
   * @param inside the other piece
   * @param widthMm of all pieces
   * @param outsideBars bars the outside pieces are sawn from
   * @param insideBars bars the inside pieces are sawn from; the same list where both are one steel
   */
  record Shelf(
      Piece outside,
      Piece inside,
      double widthMm,
      List<Supply> outsideBars,
      List<Supply> insideBars)
      implements StartingSteel {
    @Override
    public List<String> steels() {
      return List.of(outside.steel(), inside.steel());
    }

    /** Checks every field. */
    public Shelf {
      Require.present("outside", outside);
      Require.present("inside", inside);
      Require.lengthAbove("widthMm", widthMm, 0, Stack.WIDEST_MM);
      outsideBars = Require.list("outsideBars", outsideBars, 0, 1000);
      insideBars = Require.list("insideBars", insideBars, 0, 1000);
    }
  }

  /**
   * Equal bars.
   *
   * @param lengthMm of each
   * @param count how many
   */
  record Supply(double lengthMm, int count) {
    private static final double STEP_MM = 0.5;

    /**
     * The longest equal pieces so many can be sawn from bars, mm to {@value #STEP_MM}; 0 where none
     * can.
     */
    public static double longestMm(List<Supply> bars, int pieces, double kerfMm) {
      double longest = bars.stream().mapToDouble(Supply::lengthMm).max().orElse(0);
      int yes = 0;
      int no = (int) (longest / STEP_MM) + 1;
      while (no - yes > 1) {
        int middle = (yes + no) / 2;
        double length = middle * STEP_MM + kerfMm;
        long sawn =
            bars.stream()
                .mapToLong(s -> s.count() * (long) ((s.lengthMm() + kerfMm) / length + 1e-9))
                .sum();
        if (sawn >= pieces) {
          yes = middle;
        } else {
          no = middle;
        }
      }
      return yes * STEP_MM;
    }
  }

  /**
   * A solid bar that is there.
   *
   * @param bars one square-edged bar, its layers flat
   */
  record Bar(Bars bars) implements StartingSteel {
    @Override
    public double widthMm() {
      return bars.widthMm();
    }

    @Override
    public List<String> steels() {
      return List.copyOf(bars.section().areaBySteel().keySet());
    }

    private static final int MOST_KNOWN = 100_000;

    /** Checks what the search can take. */
    public Bar {
      if (bars.count() != 1) {
        throw new InvalidValue("bars", ScheduleText.ONE_BAR_AT_A_TIME.with("bars", bars.count()));
      }
      if (bars.form() != Form.BAR || bars.hasVoids() || !bars.section().isLevel()) {
        throw new InvalidValue("bars", ScheduleText.LAYERS_NOT_FLAT.with());
      }
      if (bars.layers().layers(MOST_KNOWN).isEmpty()) {
        throw new InvalidValue("bars", ScheduleText.TOO_MANY_LAYERS.with());
      }
    }
  }
}

package app.geminal.schedule;

import app.geminal.bar.Bars;
import app.geminal.validation.Require;

/** How many layers are wanted in the finished bar as it is drawn out, before it is ground clean. */
public sealed interface LayerTarget {
  /** Fewer are no pattern. */
  long FEWEST = 2;

  /** Which count is meant. */
  CountKind counted();

  /** Fewest layers that will do. */
  long least();

  /** Most layers that will do. */
  long most();

  /** How far a count is from what is best, in layers; 0 is best. */
  long distance(long count);

  /**
   * A count, or close to it.
   *
   * @param count 2 to 10 000 000
   * @param tolerance how far off will do, fraction of the count; 0 to 0.5
   * @param counted which count
   */
  record Near(long count, double tolerance, CountKind counted) implements LayerTarget {
    /** Checks every field. */
    public Near {
      Require.number("count", (double) count, FEWEST, Bars.MOST_LAYERS);
      Require.number("tolerance", tolerance, 0, 0.5);
      Require.present("counted", counted);
    }

    @Override
    public long least() {
      return (long) Math.ceil(count * (1 - tolerance) - 1e-9);
    }

    @Override
    public long most() {
      return (long) Math.floor(count * (1 + tolerance) + 1e-9);
    }

    @Override
    public long distance(long found) {
      return Math.abs(found - count);
    }

    /** The same count, less closely. */
    public Near withTolerance(double newTolerance) {
      return new Near(count, newTolerance, counted);
    }
  }

  /**
   * As many as can be had.
   *
   * @param upTo but no more than this: past a few hundred the eye reads grey; 2 to 10 000 000
   * @param counted which count
   */
  record Most(long upTo, CountKind counted) implements LayerTarget {
    /** Checks both fields. */
    public Most {
      Require.number("upTo", (double) upTo, FEWEST, Bars.MOST_LAYERS);
      Require.present("counted", counted);
    }

    @Override
    public long least() {
      return FEWEST;
    }

    @Override
    public long most() {
      return upTo;
    }

    @Override
    public long distance(long found) {
      return upTo - found;
    }
  }
}

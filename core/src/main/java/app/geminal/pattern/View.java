package app.geminal.pattern;

import app.geminal.layup.Stack;
import app.geminal.operation.Blade;
import app.geminal.validation.Require;
import org.jspecify.annotations.Nullable;

/** Where you look at a bar from. */
public sealed interface View {

  /** Where you look from, in a word. */
  enum From {
    /** Sawn through, so far from the bench stop. */
    END,
    /** From above, so much ground off. */
    FACE,
    /** From below, so much ground off. */
    UNDER,
    /** Cut lengthwise, so far from the left edge. */
    ALONG,
    /** A blade laid into the bar, so far from the bench stop, its edge so far across. */
    BLADE
  }

  /**
   * A view from its word.
   *
   * @param atMm along, deep or across, as the word says
   * @param acrossMm of a blade's edge from the left; means nothing elsewhere
   * @param blade laid into the bar; null where the bar is one, and elsewhere
   */
  static View of(From from, double atMm, double acrossMm, @Nullable Blade blade) {
    return switch (from) {
      case END -> new End(atMm);
      case FACE -> new Face(false, atMm);
      case UNDER -> new Face(true, atMm);
      case ALONG -> new Along(atMm);
      case BLADE -> new Bevel(blade, atMm, acrossMm);
    };
  }

  /**
   * The end one would see sawn through at x; y to the right, z up.
   *
   * @param xMm from the bench stop
   */
  record End(double xMm) implements View {
    /** Checks the place. */
    public End {
      Require.lengthUpTo("xMm", xMm, 20_000);
    }
  }

  /**
   * A broad face ground down so far; x to the right, y up from above and down from below.
   *
   * @param under whether it is the underside
   * @param depthMm of steel ground off, voids closed
   */
  record Face(boolean under, double depthMm) implements View {
    /** Checks the depth. */
    public Face {
      Require.lengthUpTo("depthMm", depthMm, Stack.WIDEST_MM);
    }
  }

  /**
   * Cut along the bar at y, or its side where that is 0 or the width; x to the right, z up.
   *
   * @param yMm from the left edge
   */
  record Along(double yMm) implements View {
    /** Checks the place. */
    public Along {
      Require.lengthUpTo("yMm", yMm, Stack.WIDEST_MM);
    }
  }

  /**
   * The ground face of a blade, its edge down. Its middle plane is the bar's.
   *
   * @param blade laid into the bar; null where the bar is a blade already
   * @param xMm of its tang's end from the bench stop
   * @param yMm of its edge from the bar's left edge
   */
  record Bevel(@Nullable Blade blade, double xMm, double yMm) implements View {
    /** Checks the place. */
    public Bevel {
      Require.lengthUpTo("xMm", xMm, 20_000);
      Require.lengthUpTo("yMm", yMm, Stack.WIDEST_MM);
    }
  }
}

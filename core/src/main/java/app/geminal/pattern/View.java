package app.geminal.pattern;

import app.geminal.check.Require;
import app.geminal.layup.Stack;
import app.geminal.operation.Blade;
import org.jspecify.annotations.Nullable;

/** Where one looks at a bar from. */
public sealed interface View {

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

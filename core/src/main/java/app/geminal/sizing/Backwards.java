package app.geminal.sizing;

import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.layup.Stack;
import app.geminal.numeric.Border;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;

/**
 * The smallest stack whose plan ends no smaller than the pieces asked for.
 *
 * <p>Longer or wider pieces never make a shorter or narrower bar, so the answer is bracketed and
 * bisected: first the length of the stack and of every part made for it together, then each of them
 * alone; the width first only where the bar comes out too narrow or too low whatever its length.
 * Lengths are found to {@value #TOLERANCE_MM} mm and rounded up to {@value #ROUNDED_MM} mm.
 */
public final class Backwards {
  private static final double TOLERANCE_MM = 0.01;
  private static final double ROUNDED_MM = 0.1;
  private static final double STEP_UP = 1.3;
  private static final double SHORTEST_MM = 1;

  private final Steels steels;
  private final ShopDefaults defaults;

  private Backwards(Steels steels, ShopDefaults defaults) {
    this.steels = steels;
    this.defaults = defaults;
  }

  /** What came of it. */
  public sealed interface Answer {}

  /**
   * Found.
   *
   * @param plan the plan with its stack and parts as small as they can be
   * @param margin what is left over at the end: negative figures
   */
  public record Sized(Plan plan, Finish margin) implements Answer {}

  /**
   * No length and width the shop can handle is enough.
   *
   * @param closest the plan that came closest
   * @param missing what it still lacks
   */
  public record Lacking(Plan closest, Finish missing) implements Answer {}

  /** Sizes a plan for the pieces it wants; it must want some. */
  public static Answer smallest(Plan plan, Steels steels, ShopDefaults defaults) {
    return new Backwards(steels, defaults).answer(plan);
  }

  private Answer answer(Plan plan) {
    Plan wide = plan;
    Plan found = lengthened(wide);
    if (!isEnough(found)) {
      Finish missing = finish(found);
      if (missing.widthShortMm() > 0 || missing.heightShortMm() > 0) {
        wide = widened(found);
        found = isEnough(wide) ? wide : lengthened(wide);
      }
    }
    if (!isEnough(found)) {
      return new Lacking(found, finish(found));
    }
    Plan least = shortened(found);
    return new Sized(least, finish(least));
  }

  private Finish finish(Plan plan) {
    return Finish.of(Run.of(plan, steels, defaults), defaults);
  }

  private boolean isEnough(Plan plan) {
    return finish(plan).isEnough();
  }

  /** All stacks longer by one factor until the length is enough, or no longer one can be made. */
  private Plan lengthened(Plan plan) {
    double longest = longest(plan);
    double factor = 1;
    Plan best = plan;
    while (finish(best).lengthShortMm() > 0) {
      factor *= STEP_UP;
      boolean last = longest * factor >= Stack.LONGEST_MM;
      Plan longer = everyLength(plan, last ? Stack.LONGEST_MM / longest : factor);
      if (last || (isStopped(longer) && !isStopped(best))) {
        return isStopped(longer) ? best : longer;
      }
      best = longer;
    }
    return best;
  }

  private boolean isStopped(Plan plan) {
    return Run.of(plan, steels, defaults).stop().isPresent();
  }

  /** The main stack wider until width and height are enough, as little as does it. */
  private Plan widened(Plan plan) {
    double width = plan.stack().widthMm();
    DoubleFunction<Plan> at =
        w -> plan.withStack(plan.stack().withFace(w, plan.stack().lengthMm()));
    DoublePredicate enough =
        w -> {
          Finish finish = finish(at.apply(w));
          return finish.widthShortMm() <= 0 && finish.heightShortMm() <= 0;
        };
    double high = width;
    while (!enough.test(high)) {
      if (high >= Stack.WIDEST_MM) {
        return plan;
      }
      high = Math.min(Stack.WIDEST_MM, high * STEP_UP);
    }
    return at.apply(bisected(width, high, enough));
  }

  /** Every stack as short as it can be: all together first, then each alone. */
  private Plan shortened(Plan plan) {
    double longest = longest(plan);
    DoubleFunction<Plan> all = l -> everyLength(plan, l / longest);
    Plan least = all.apply(bisected(SHORTEST_MM, longest, l -> isEnough(all.apply(l))));
    Plan own = least;
    DoubleFunction<Plan> mine = l -> own.withStack(own.stack().withFace(own.stack().widthMm(), l));
    least = mine.apply(bisected(SHORTEST_MM, own.stack().lengthMm(), l -> isEnough(mine.apply(l))));
    for (int i = 0; i < least.parts().size(); i++) {
      Plan sofar = least;
      int index = i;
      Part part = sofar.parts().get(i);
      if (part.origin() == null) {
        double full = longest(part.plan());
        DoubleFunction<Plan> shorter =
            l -> withPart(sofar, index, everyLength(part.plan(), l / full));
        least = shorter.apply(bisected(SHORTEST_MM, full, l -> isEnough(shorter.apply(l))));
      }
    }
    return least;
  }

  /** The smallest value that is enough, from above; {@code high} is enough. */
  private static double bisected(double low, double high, DoublePredicate enough) {
    if (low >= high || enough.test(low)) {
      return Math.min(low, high);
    }
    double yes =
        high - low > TOLERANCE_MM ? Border.between(high, low, TOLERANCE_MM, enough).last() : high;
    double rounded = Math.rint(Math.ceil(yes / ROUNDED_MM)) / 10;
    return rounded <= high || (rounded <= Stack.LONGEST_MM && enough.test(rounded)) ? rounded : yes;
  }

  private static double longest(Plan plan) {
    double longest = plan.stack().lengthMm();
    for (Part part : plan.parts()) {
      if (part.origin() == null) {
        longest = Math.max(longest, longest(part.plan()));
      }
    }
    return longest;
  }

  private static Plan everyLength(Plan plan, double factor) {
    Stack stack = plan.stack();
    Plan longer =
        plan.withStack(
            stack.withFace(stack.widthMm(), Math.min(Stack.LONGEST_MM, stack.lengthMm() * factor)));
    for (int i = 0; i < longer.parts().size(); i++) {
      Part part = longer.parts().get(i);
      if (part.origin() == null) {
        longer = withPart(longer, i, everyLength(part.plan(), factor));
      }
    }
    return longer;
  }

  private static Plan withPart(Plan plan, int index, Plan made) {
    java.util.List<Part> parts = new java.util.ArrayList<>(plan.parts());
    parts.set(index, parts.get(index).withPlan(made));
    return plan.withParts(parts);
  }
}

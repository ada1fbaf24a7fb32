package app.geminal.simulator;

import app.geminal.weldmap.FailureCause;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One patch of a joint as it really comes out. Beside what happens it follows what would have
 * happened if one thing at a time had been as it should be: the cause is what alone would have
 * saved it. Mutable, for one thread.
 */
final class TruePatch {
  /** What can keep a patch open here. */
  private static final Set<FailureCause> CAUSES =
      EnumSet.complementOf(EnumSet.of(FailureCause.PAIR, FailureCause.DECARB));

  private final boolean hasSpeck;
  private final boolean isAtSide;
  private final Course asIs = new Course(null);
  private final Map<FailureCause, Course> without = new EnumMap<>(FailureCause.class);
  private double fluxUm;

  TruePatch(boolean hasSpeck, boolean isAtSide) {
    this.hasSpeck = hasSpeck;
    this.isAtSide = isAtSide;
    CAUSES.forEach(cause -> without.put(cause, new Course(cause)));
  }

  /**
   * A squeeze as it comes down on a patch.
   *
   * @param overFloorK heat over where steel begins to bond, K
   * @param reduced of its height, fraction; 0 where no die was on it
   * @param meant what it should have been reduced by, fraction
   * @param drains time slag has to get out, in times what it needs
   * @param wouldDrain the same where it is squeezed as it should be
   * @param sideLimit squeeze past which an unset edge opens, fraction
   */
  record Squeeze(
      double overFloorK,
      double reduced,
      double meant,
      double drains,
      double wouldDrain,
      double sideLimit) {}

  /**
   * What bonding takes here.
   *
   * @param reduction just over where steel begins to bond, fraction
   * @param startUm oxide at the beginning, of both faces
   * @param dispersesUm oxide taken up if it were drawn out without end
   */
  record Needs(double reduction, double startUm, double dispersesUm) {
    private static final double HOTTER_NEEDS_LESS_K = 150;
    private static final double DRAWN_OUT = 0.4;

    double reductionAt(double overFloorK) {
      return reduction * Math.exp(-Math.max(0, overFloorK) / HOTTER_NEEDS_LESS_K);
    }

    double brokenUpUm(double reduced) {
      return dispersesUm * (1 - Math.exp(-reduced / DRAWN_OUT));
    }
  }

  /** One course of events: as it is, or with one thing as it should be. */
  private final class Course {
    private final @Nullable FailureCause righted;
    private double grownUm2;
    private double drained;
    private double reduced;
    private double pressed;
    private boolean isBonded;

    Course(@Nullable FailureCause righted) {
      this.righted = righted;
    }

    /** Once it has been pressed, little air gets in any more. */
    void inTheFire(double um2) {
      grownUm2 += pressed > 0 ? um2 / 50 : um2;
    }

    private boolean is(FailureCause cause) {
      return righted == cause;
    }

    void squeezed(Squeeze by, Needs needs) {
      double took = is(FailureCause.PRESSURE) ? Math.max(by.reduced, by.meant) : by.reduced;
      double over = is(FailureCause.HEAT) ? Math.max(by.overFloorK, 40) : by.overFloorK;
      if (took <= 0) {
        return;
      }
      if (over >= 0) {
        reduced = 1 - (1 - reduced) * (1 - took);
      }
      pressed = 1 - (1 - pressed) * (1 - took);
      boolean splits = isAtSide && took > by.sideLimit && !is(FailureCause.REOPENED);
      if (isBonded) {
        return;
      }
      double oxideUm = Math.sqrt(needs.startUm * needs.startUm + 4 * grownUm2) - fluxUm;
      boolean clean = oxideUm <= needs.brokenUpUm(pressed) || is(FailureCause.OXIDE);
      drained += is(FailureCause.PRESSURE) ? Math.max(by.drains, by.wouldDrain) : by.drains;
      boolean slagOut = fluxUm == 0 || drained >= 1 || is(FailureCause.INCLUSION);
      boolean whole = !hasSpeck || is(FailureCause.DIRT);
      isBonded =
          over >= 0 && reduced >= needs.reductionAt(over) && clean && slagOut && whole && !splits;
    }
  }

  void inTheFire(double um2) {
    asIs.inTheFire(um2);
    without.values().forEach(course -> course.inTheFire(um2));
  }

  void fluxed(double dissolvesUm) {
    fluxUm += dissolvesUm;
  }

  void squeezed(Squeeze by, Needs needs) {
    asIs.squeezed(by, needs);
    without.values().forEach(course -> course.squeezed(by, needs));
  }

  boolean isBonded() {
    return asIs.isBonded;
  }

  /** What alone would have saved it; null where nothing alone would, and where it has bonded. */
  @Nullable FailureCause cause() {
    if (asIs.isBonded) {
      return null;
    }
    return without.values().stream()
        .filter(course -> course.isBonded)
        .map(course -> course.righted)
        .findFirst()
        .orElse(null);
  }
}

package app.geminal.weldmap;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What becomes of one patch of a joint. It bonds when the dies are on it while it is hot enough,
 * when the squeezes at heat have together reduced it enough, when that breaks up the oxide which is
 * left on its faces, and when slag could get out. Mutable, for one thread.
 */
final class PatchBond {
  /** No bar is further under its welding heat. */
  private static final double COLDEST_K = 2000;

  /** Air that reaches a joint that touches, in parts of what reaches a loose one. A guess. */
  private static final double STUCK_BREATHES = 0.1;

  /** What makes two shortfalls alike: as bad as each other for naming the cause. */
  private static final double HEAT_SCALE_C = 40;

  private static final double REDUCTION_SCALE = 0.015;
  private static final double OXIDE_SCALE_UM = 5;

  /** How sharply nearness to a limit falls off beyond it. */
  private static final double NEAR_HEAT_C = 5;

  private static final double NEAR_REDUCTION = 0.0075;
  private static final double NEAR_RATIO = 0.05;

  private final int patch;
  private final boolean isAtSide;
  private BondState state = BondState.OPEN;
  private @Nullable BondCause cause;
  private double bonded;
  private double grownUm2;
  private double fluxUm;
  private double pressedS;
  private double reduced;
  private double meant;
  private double heatMarginC = -COLDEST_K;
  private double reductionMargin;
  private double oxideMarginUm;
  private double oxideOver;
  private double slagOver;
  private double splitOver;

  /**
   * A patch of a loose joint.
   *
   * @param patch which of its joint
   * @param isAtSide whether it is at a long edge, which too hard a squeeze can pull open
   */
  PatchBond(int patch, boolean isAtSide) {
    this.patch = patch;
    this.isAtSide = isAtSide;
  }

  /** The same as it is now, to change independently. */
  PatchBond copy() {
    PatchBond copy = new PatchBond(patch, isAtSide);
    copy.state = state;
    copy.cause = cause;
    copy.bonded = bonded;
    copy.grownUm2 = grownUm2;
    copy.fluxUm = fluxUm;
    copy.pressedS = pressedS;
    copy.reduced = reduced;
    copy.meant = meant;
    copy.heatMarginC = heatMarginC;
    copy.reductionMargin = reductionMargin;
    copy.oxideMarginUm = oxideMarginUm;
    copy.oxideOver = oxideOver;
    copy.slagOver = slagOver;
    copy.splitOver = splitOver;
    return copy;
  }

  /** One squeeze as it reached the patch: the best of all bites that were on it. */
  static final class Squeezed {
    private double hottestC = Double.NEGATIVE_INFINITY;
    private double taken;
    private double asked;
    private double pressureMpa;

    /**
     * A bite was on it.
     *
     * @param reduction where the dies reach their stop, fraction
     * @param reaches how much of that the force is enough for, 0 to 1
     */
    void by(double celsius, double reduction, double reaches, double mpa) {
      hottestC = Math.max(hottestC, celsius);
      asked = Math.max(asked, reduction);
      taken = Math.max(taken, reaches * reduction);
      pressureMpa = Math.max(pressureMpa, mpa);
    }

    /** The ram was seen to move so much of the way to its stop. */
    void moved(double share) {
      taken = asked * share;
    }

    /** Whether no bite was. */
    boolean isMissed() {
      return taken == 0;
    }
  }

  private boolean isLoose() {
    return state == BondState.OPEN || state == BondState.STUCK;
  }

  /**
   * A heat in the fire is over.
   *
   * @param um2 square of what would have grown on one face in that flame in the open
   * @param dissolvesUm what flux applied in this heat dissolves, 0 for none
   */
  void heated(double um2, double dissolvesUm) {
    if (state == BondState.OPEN) {
      grownUm2 += um2;
      fluxUm += dissolvesUm;
    } else if (state == BondState.STUCK) {
      grownUm2 += um2 * STUCK_BREATHES * STUCK_BREATHES;
    }
  }

  /** No die reached it in this heat. */
  void missed(BondRules rules, double celsius) {
    if (isLoose()) {
      heatMarginC = Math.max(heatMarginC, celsius - rules.floorC);
      reductionMargin = reduced - rules.leastReduction;
      oxideMarginUm = -oxideLeftUm(rules);
      cause = BondCause.PRESSURE;
    }
  }

  private double oxideLeftUm(BondRules rules) {
    return Math.max(0, rules.oxideUm(patch, grownUm2) - fluxUm);
  }

  /** The dies were on it. */
  void squeezed(BondRules rules, Squeezed by) {
    double heat = by.hottestC - rules.floorC;
    double asked = heat < 0 ? rules.reductionAt(patch) : by.taken;
    meant = 1 - (1 - meant) * (1 - asked);
    if (heat >= 0) {
      reduced = 1 - (1 - reduced) * (1 - by.taken);
    }
    double leftUm = oxideLeftUm(rules);
    double awayUm = rules.brokenUpUm(Math.max(reduced, by.taken));
    heatMarginC = Math.max(heatMarginC, heat);
    reductionMargin = reduced - rules.leastReduction;
    oxideMarginUm = awayUm - leftUm;
    oxideOver = leftUm / awayUm;
    pressedS += rules.strokeS;
    double clean = rules.cleanShare(patch, grownUm2, awayUm + fluxUm);
    switch (state) {
      case OPEN, STUCK -> sets(rules, by, heat, clean);
      // What of it was not clean enough may be set by the next squeeze.
      case BONDED -> bonded = Math.max(bonded, heat < 0 ? 0 : clean);
      case INCLUSION -> {}
    }
  }

  private void sets(BondRules rules, Squeezed by, double heat, double clean) {
    boolean canSplit = isAtSide && !rules.isSealed;
    splitOver = Math.max(splitOver, canSplit ? by.taken / rules.splitReduction : 0);
    boolean splits = canSplit && by.taken > rules.splitReduction;
    cause = splits ? BondCause.REOPENED : shortest(rules, heat);
    slagOver = fluxUm == 0 ? 0 : rules.slagOver(patch, by.pressureMpa, pressedS);
    boolean slagLeft = slagOver > 1;
    if (cause == null && slagLeft) {
      cause = BondCause.INCLUSION;
    }
    boolean holds = !splits && !slagLeft && heat >= 0 && reductionMargin >= 0;
    bonded = holds ? clean : 0;
    state = splits ? BondState.OPEN : cause == null ? BondState.BONDED : BondState.STUCK;
  }

  /** What is shortest of the three, null where nothing is. */
  private @Nullable BondCause shortest(BondRules rules, double heatC) {
    double heat = heatC / HEAT_SCALE_C;
    double reduction = reductionMargin / REDUCTION_SCALE;
    double oxide = oxideMarginUm / OXIDE_SCALE_UM;
    if (heat >= 0 && reduction >= 0 && oxide >= 0) {
      return null;
    }
    // A squeeze too cold sets nothing and may not reach its stop: what it lacked was heat.
    boolean tooCold = heat < 0 || (reduction < 0 && meant >= rules.leastReduction);
    if (oxide < Math.min(heat, reduction)) {
      return BondCause.OXIDE;
    }
    return tooCold ? BondCause.HEAT : BondCause.PRESSURE;
  }

  /** The least of three margins, on one scale: what is shortest. */
  static double leastMargin(double heatC, double reduction, double oxideUm) {
    return Math.min(
        heatC / HEAT_SCALE_C, Math.min(reduction / REDUCTION_SCALE, oxideUm / OXIDE_SCALE_UM));
  }

  /** Slag behind a part that has bonded does not come out any more. */
  void lockSlag(PatchBond outside) {
    if (state == BondState.STUCK
        && cause == BondCause.INCLUSION
        && outside.state == BondState.BONDED) {
      state = BondState.INCLUSION;
    }
  }

  /** How near each cause was to keeping it open, 0 to 1; a half is on the line. */
  Map<BondCause, Double> nearness(BondRules rules) {
    double cold = logistic(-heatMarginC / NEAR_HEAT_C);
    double lostToCold = meant > reduced ? logistic(-reductionMargin / NEAR_REDUCTION) : 0;
    return Map.of(
        BondCause.HEAT,
        Math.max(cold, lostToCold),
        BondCause.PRESSURE,
        logistic((rules.leastReduction - meant) / NEAR_REDUCTION),
        BondCause.OXIDE,
        logistic((oxideOver - 1) / NEAR_RATIO),
        BondCause.INCLUSION,
        slagOver == 0 ? 0 : logistic((slagOver - 1) / NEAR_RATIO),
        BondCause.REOPENED,
        splitOver == 0 ? 0 : logistic((splitOver - 1) / NEAR_RATIO));
  }

  private static double logistic(double x) {
    return 1 / (1 + Math.exp(-x));
  }

  BondState state() {
    return state;
  }

  /** Part of it that is bonded, 0 to 1. */
  double bonded() {
    return bonded;
  }

  @Nullable BondCause cause() {
    return cause;
  }

  /** Heat over the floor when the dies were on it, in its best heat, K. */
  double heatMarginC() {
    return heatMarginC;
  }

  /** Reduction over the least that sets it, fraction. */
  double reductionMargin() {
    return reductionMargin;
  }

  /** Oxide that could be there in addition, µm of both faces. */
  double oxideMarginUm() {
    return oxideMarginUm;
  }
}

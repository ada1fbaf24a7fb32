package app.geminal.weldmap;

import app.geminal.forging.Force;
import app.geminal.heat.BarHeat;
import app.geminal.heat.ScaleGrowth;
import app.geminal.heat.Surroundings;
import app.geminal.heatplan.SoakPlan;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.List;

/**
 * One weld by one sample: every patch of every joint through every heat. Mutable, for one thread.
 */
final class JointCourse {
  /** Part of a joint that must have bonded. */
  private static final double SOUND = 0.95;

  private static final double COLD_C = 20;

  /** On the way to the dies every second counts: steps are so much shorter. */
  private static final double FINER = 4;

  /** A fuel soak burns from here on, mean of the stack, °C. */
  private static final double RED_C = 650;

  /** Strain hardening, n of σ ∝ εⁿ: how far a press gets that lacks force. After Shida. */
  private static final double HARDENING = 0.36;

  private final WeldSetup setup;
  private final Sample sample;
  private final PatchGrid grid;
  private final BondRules rules;
  private final BarHeat bar;
  private final ScaleGrowth growth;
  private final double fuelLastsS;
  private final List<PatchBond> patches;
  private boolean isFlipped;
  private double burningS;

  private JointCourse(WeldSetup setup, Sample sample, PatchGrid grid, List<PatchBond> before) {
    this.setup = setup;
    this.sample = sample;
    this.grid = grid;
    this.rules = new BondRules(setup, sample, grid);
    this.bar = new BarHeat(setup.bar().withGap(sample.get(Unknown.GAP_CONDUCTANCE)), COLD_C);
    this.growth = new ScaleGrowth(bar);
    this.fuelLastsS = isFuelled() ? 60 * sample.get(Unknown.FUEL_LASTS) : 0;
    int all = setup.joints().size() * grid.patches();
    this.patches = before.size() == all ? before : loose(all, grid);
  }

  private static List<PatchBond> loose(int all, PatchGrid grid) {
    List<PatchBond> patches = new ArrayList<>();
    for (int i = 0; i < all; i++) {
      int patch = i % grid.patches();
      patches.add(new PatchBond(patch, grid.isAtSide(patch)));
    }
    return patches;
  }

  private boolean isFuelled() {
    AtmosphereProtection protection = setup.faces().protection();
    return protection == AtmosphereProtection.DRY || protection == AtmosphereProtection.BOTH;
  }

  /** Several welds of the same joints, in the order they are made. */
  static JointCourse of(List<WeldSetup> course, Sample sample, PatchGrid grid) {
    JointCourse joints = new JointCourse(course.getFirst(), sample, grid, List.of());
    joints.run();
    for (WeldSetup next : course.subList(1, course.size())) {
      joints = new JointCourse(next, sample, grid, joints.patches);
      joints.run();
    }
    return joints;
  }

  private void run() {
    List<Double> minutes = setup.fire().minutes();
    for (int heat = 1; heat <= minutes.size(); heat++) {
      inTheFire(heat, 60 * minutes.get(heat - 1));
      heated(heat);
      pressed();
    }
  }

  private void inTheFire(int heat, double seconds) {
    Surroundings chamber = setup.chamber(sample);
    int steps = (int) Math.max(1, Math.ceil(seconds / grid.stepS()));
    for (int i = 0; i < steps; i++) {
      if (heat == 1 && i == steps / 2) {
        bar.turnedOver();
        growth.turnedOver();
        isFlipped = !isFlipped;
      }
      bar.advance(seconds / steps, chamber);
      passed(seconds / steps);
    }
  }

  private void passed(double seconds) {
    if (burningS < fuelLastsS) {
      burningS += bar.meanC() >= RED_C ? seconds : 0;
    } else {
      growth.passed(seconds);
    }
  }

  private double up(int joint) {
    double up = setup.joints().get(joint);
    return isFlipped ? 1 - up : up;
  }

  private double fromMiddleAlong(int patch) {
    return Math.abs(2 * grid.alongAt(patch) - 1);
  }

  private double fromMiddleAcross(int patch) {
    return Math.abs(2 * grid.acrossAt(patch) - 1);
  }

  private double celsiusAt(int joint, int patch) {
    return bar.celsiusAt(
        fromMiddleAlong(patch), fromMiddleAcross(patch), up(joint), Surroundings.air());
  }

  /** What the fire has put on the faces, and what flux there is for it. */
  private void heated(int heat) {
    double air =
        rules.outside
            * sample.get(Unknown.OXIDE_GROWTH)
            * setup.fire().flame().scaleFactor()
            * sample.get(Unknown.FLAME);
    double dissolvesUm = setup.faces().isFluxedIn(heat) ? rules.fluxDissolvesUm : 0;
    for (int joint = 0; joint < setup.joints().size(); joint++) {
      for (int patch = 0; patch < grid.patches(); patch++) {
        double um2 =
            air == 0
                ? 0
                : growth.squaredUm2(fromMiddleAlong(patch), fromMiddleAcross(patch), up(joint));
        at(joint, patch).heated(air * air * um2, dissolvesUm);
      }
    }
    growth.clear();
  }

  private void pressed() {
    PatchBond.Squeezed[] squeezed = new PatchBond.Squeezed[patches.size()];
    for (int i = 0; i < squeezed.length; i++) {
      squeezed[i] = new PatchBond.Squeezed();
    }
    double away = sample.get(Unknown.TO_DIES);
    air(away, grid.stepS() / FINER);
    for (Bite bite : setup.squeeze().bites()) {
      under(bite, squeezed);
      air(sample.get(Unknown.PER_BITE), grid.stepS() / FINER);
      away += sample.get(Unknown.PER_BITE);
    }
    for (int i = 0; i < squeezed.length; i++) {
      if (squeezed[i].isMissed()) {
        patches.get(i).missed(rules, celsiusAt(i / grid.patches(), i % grid.patches()));
      } else {
        patches.get(i).squeezed(rules, squeezed[i]);
      }
    }
    lockSlag();
    bar.welded();
    air(Math.max(0, SoakPlan.AWAY_S - away), grid.stepS());
  }

  private void air(double seconds, double stepS) {
    int steps = (int) Math.ceil(seconds / stepS);
    for (int i = 0; i < steps; i++) {
      bar.advance(seconds / steps, Surroundings.air());
      passed(seconds / steps);
    }
  }

  private void under(Bite bite, PatchBond.Squeezed[] squeezed) {
    WeldSetup.Squeeze squeeze = setup.squeeze();
    double flowMpa = squeeze.strength().mpaAt(bar.meanC()) * sample.get(Unknown.FLOW_STRESS);
    double needKn =
        Force.kn(setup.bar().widthMm(), bite.lengthMm(), setup.bar().heightMm(), flowMpa);
    double reaches = Math.pow(Math.min(1, squeeze.haveKn() / needKn), 1 / HARDENING);
    for (int patch = 0; patch < grid.patches(); patch++) {
      if (bite.covers(grid.alongAt(patch) * setup.bar().lengthMm())) {
        for (int joint = 0; joint < setup.joints().size(); joint++) {
          squeezed[joint * grid.patches() + patch].by(
              chilledC(joint, patch),
              reaches * rules.reductionAt(patch),
              flowMpa * rules.pressureAt(patch));
        }
      }
    }
  }

  /** What a place is at when the dies have come down to the stop, °C. */
  private double chilledC(int joint, int patch) {
    double up = setup.joints().get(joint);
    double depthMm = Math.min(up, 1 - up) * setup.bar().heightMm();
    return DieChill.after(celsiusAt(joint, patch), depthMm, rules.strokeS, rules.dieContactWM2K);
  }

  private void lockSlag() {
    for (int i = 0; i < patches.size(); i++) {
      int across = i % grid.across();
      int outside = across < grid.across() / 2 ? i - across : i - across + grid.across() - 1;
      patches.get(i).lockSlag(patches.get(outside));
    }
  }

  /** The coldest place inside, °C. */
  double coreC() {
    return bar.coreC();
  }

  /** What the sample takes to decide on bonding. */
  BondRules rules() {
    return rules;
  }

  /** A patch of a joint, both from 0. */
  PatchBond at(int joint, int patch) {
    return patches.get(joint * grid.patches() + patch);
  }

  /** Whether a joint is sound: 95 in 100 of it bonded, and nothing open that reaches an edge. */
  boolean isSound(int joint) {
    int bonded = 0;
    for (int patch = 0; patch < grid.patches(); patch++) {
      BondState state = at(joint, patch).state();
      bonded += state == BondState.BONDED ? 1 : 0;
      if (state == BondState.OPEN && grid.isAtEdge(patch)) {
        return false;
      }
    }
    return bonded >= SOUND * grid.patches();
  }
}

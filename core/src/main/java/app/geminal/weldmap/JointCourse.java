package app.geminal.weldmap;

import app.geminal.heat.BarHeat;
import app.geminal.heat.Surroundings;
import app.geminal.heatplan.SoakPlan;
import java.util.List;

/** One weld by one sample as the plan has it, through every heat. Mutable, for one thread. */
final class JointCourse {
  private static final double COLD_C = 20;

  /** On the way to the dies every second counts: steps are so much shorter. */
  private static final double FINER = 4;

  private final WeldSetup setup;
  private final Sample sample;
  private final double stepS;
  private final BarHeat bar;
  private final Joints joints;

  private JointCourse(WeldSetup setup, Sample sample, PatchGrid grid, BarHeat bar, Joints joints) {
    this.setup = setup;
    this.sample = sample;
    this.stepS = grid.stepS();
    this.bar = bar;
    this.joints = joints;
  }

  /** Several welds of the same joints, in the order they are made; the bar after the last. */
  static JointCourse of(List<WeldSetup> course, Sample sample, PatchGrid grid) {
    WeldSetup first = course.getFirst();
    BarHeat cold = cold(first, sample, grid);
    JointCourse made =
        new JointCourse(first, sample, grid, cold, Joints.loose(first, sample, grid, cold));
    made.run();
    for (WeldSetup next : course.subList(1, course.size())) {
      BarHeat again = cold(next, sample, grid);
      made = new JointCourse(next, sample, grid, again, made.joints.welded(next, again));
      made.run();
    }
    return made;
  }

  private static BarHeat cold(WeldSetup setup, Sample sample, PatchGrid grid) {
    return new BarHeat(
        setup.bar().withGap(sample.get(Unknown.GAP_CONDUCTANCE)), COLD_C, grid.stepS());
  }

  private void run() {
    List<Double> minutes = setup.fire().minutes();
    for (int heat = 1; heat <= minutes.size(); heat++) {
      inTheFire(heat, 60 * minutes.get(heat - 1));
      joints.heated(setup.faces().isFluxedIn(heat));
      pressed();
    }
  }

  private void inTheFire(int heat, double seconds) {
    Surroundings chamber = setup.chamber(sample);
    int steps = (int) Math.max(1, Math.ceil(seconds / stepS));
    for (int i = 0; i < steps; i++) {
      if (heat == 1 && i == steps / 2) {
        bar.turnedOver();
        joints.turnedOver();
      }
      bar.advance(seconds / steps, chamber);
      joints.passed(seconds / steps);
    }
  }

  private void pressed() {
    double away = sample.get(Unknown.TO_DIES);
    air(away, stepS / FINER);
    for (Bite bite : setup.squeeze().bites()) {
      joints.under(bite);
      air(sample.get(Unknown.PER_BITE), stepS / FINER);
      away += sample.get(Unknown.PER_BITE);
    }
    joints.released();
    joints.heatEnds();
    bar.welded();
    air(Math.max(0, SoakPlan.AWAY_S - away), stepS);
  }

  private void air(double seconds, double longestS) {
    int steps = (int) Math.ceil(seconds / longestS);
    for (int i = 0; i < steps; i++) {
      bar.advance(seconds / steps, Surroundings.air());
      joints.passed(seconds / steps);
    }
  }

  /** The coldest place inside, °C. */
  double coreC() {
    return bar.coreC();
  }

  /** What has become of the joints. */
  Joints joints() {
    return joints;
  }
}

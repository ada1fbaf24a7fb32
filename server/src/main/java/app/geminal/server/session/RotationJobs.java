package app.geminal.server.session;

import app.geminal.following.Place;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.SqueezePlan;
import app.geminal.rotation.Rotation;
import app.geminal.session.HeatSession;
import java.util.ArrayList;
import java.util.List;

/** The heats of plans as work for a day's order. */
final class RotationJobs {
  private static final int MOST_HEATS = 40;

  private RotationJobs() {}

  /** All heats of plans that follow each other on one billet. */
  static Rotation.Job of(String name, List<HeatPlan> chain) {
    List<Rotation.Heat> heats = new ArrayList<>();
    for (HeatPlan plan : chain) {
      for (int heat = 1; heat <= plan.heats() && heats.size() < MOST_HEATS; heat++) {
        // Only the very first heat begins cold.
        heats.add(heat(plan, heats.isEmpty() ? 1 : Math.max(2, heat)));
      }
    }
    HeatPlan first = chain.getFirst();
    int firstWeld = isPrepared(first) ? Math.min(first.heats(), heats.size()) : 0;
    return new Rotation.Job(name, heats, firstWeld, -1);
  }

  /** Bright faces that are laid together and not welded yet. */
  private static boolean isPrepared(HeatPlan plan) {
    return plan.isWeld() && plan.bar().pieceMm() > 0;
  }

  private static Rotation.Heat heat(HeatPlan plan, int number) {
    return new Rotation.Heat(
        plan.title().marked() + ", heat " + number,
        plan.soaking().minutes(number),
        plan.soaking().firstMin(),
        SqueezePlan.handsMin(plan.squeezing().bites()),
        plan.soaking().limitMin());
  }

  /** What is left of one plan, from its state now. */
  static Rotation.Job left(HeatSession course) {
    HeatPlan plan = course.plan();
    List<Rotation.Heat> heats = new ArrayList<>();
    for (int heat = course.heat() + (course.squeezedInThisHeat() ? 1 : 0);
        heat <= plan.heats();
        heat++) {
      heats.add(heat(plan, heat));
    }
    boolean inside = course.place() == Place.FIRE && course.begun();
    return new Rotation.Job(
        plan.title().marked(),
        heats,
        isPrepared(plan) ? heats.size() : 0,
        inside && !heats.isEmpty() ? course.inAtS() / 60 : -1);
  }
}

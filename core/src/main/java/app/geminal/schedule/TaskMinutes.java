package app.geminal.schedule;

import app.geminal.operation.Done;
import app.geminal.operation.Operation;
import app.geminal.operation.Work;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.TaskTimes;

/**
 * Where the time runs, minutes, at the shop's pace. One smith, one bar; nothing runs beside it.
 *
 * @param prepareMin grinding and degreasing joint faces
 * @param stackMin clamping, tacking, handling
 * @param weldMin soaking and setting
 * @param drawMin drawing out
 * @param coolMin waiting until a bar can be sawn
 * @param sawMin sawing
 * @param gasKg fuel over the minutes in the fire
 */
public record TaskMinutes(
    double prepareMin,
    double stackMin,
    double weldMin,
    double drawMin,
    double coolMin,
    double sawMin,
    double gasKg) {
  private static final double MIN_PER_HOUR = 60;

  /** The bar cools once more at the end. */
  private static final Work COLD = new Work(0, 0, 0, 1, 0);

  /** All of it. */
  public double minutes() {
    return prepareMin + stackMin + weldMin + drawMin + coolMin + sawMin;
  }

  public static TaskMinutes of(TaskTimes taskTimes, ShopDefaults defaults, int faces, Work work) {
    double drawMin = work.heats() * defaults.drawHeatMin();
    return new TaskMinutes(
        faces * taskTimes.facePrepMin(),
        work.welds() * taskTimes.stackMin(),
        work.weldMin(),
        drawMin,
        work.cools() * taskTimes.coolMin(),
        work.cuts() * taskTimes.sawMin(),
        (work.weldMin() + drawMin) / MIN_PER_HOUR * taskTimes.gasKgHour());
  }

  /** What a schedule's own steps take. */
  public static TaskMinutes of(SchedulePlan planned, int startJoints, Shop shop) {
    int joints = startJoints;
    for (Done done : planned.done()) {
      joints += done.layers() instanceof Done.Layers.Joined joined ? joined.joints() : 0;
    }
    Work work = planned.steps().stream().map(Operation::work).reduce(COLD, Work::plus);
    return of(shop.taskTimes(), shop.defaults(), 2 * joints, work);
  }
}

package app.geminal.schedule;

import app.geminal.operation.Cut;
import app.geminal.operation.Done;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
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

  /** All of it. */
  public double minutes() {
    return prepareMin + stackMin + weldMin + drawMin + coolMin + sawMin;
  }

  static TaskMinutes of(
      TaskTimes taskTimes,
      ShopDefaults defaults,
      int faces,
      int welds,
      double weldMin,
      int drawHeats,
      int cools,
      int cuts) {
    double drawMin = drawHeats * defaults.drawHeatMin();
    return new TaskMinutes(
        faces * taskTimes.facePrepMin(),
        welds * taskTimes.stackMin(),
        weldMin,
        drawMin,
        cools * taskTimes.coolMin(),
        cuts * taskTimes.sawMin(),
        (weldMin + drawMin) / MIN_PER_HOUR * taskTimes.gasKgHour());
  }

  /** What a schedule's own steps take. */
  static TaskMinutes of(SchedulePlan planned, int startJoints, Shop shop) {
    int joints = startJoints;
    int welds = 0;
    double weldMin = 0;
    int drawHeats = 0;
    int cools = 1;
    int cuts = 0;
    for (Done done : planned.done()) {
      joints += done.layers() instanceof Done.Layers.Joined joined ? joined.joints() : 0;
    }
    for (Operation operation : planned.steps()) {
      switch (operation) {
        case SetWeld weld -> {
          welds++;
          weldMin += weld.fireMin();
        }
        case Draw draw -> drawHeats += draw.heats();
        case Trim _ -> cuts += 2;
        case Cut cut -> {
          cools++;
          cuts += cut.pieces() - 1;
        }
        case Fold fold -> {
          cools++;
          cuts += fold.folds();
        }
        default -> {
          // Laying takes the time of its faces.
        }
      }
    }
    return of(
        shop.taskTimes(), shop.defaults(), 2 * joints, welds, weldMin, drawHeats, cools, cuts);
  }
}

package app.geminal.cli;

import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.TaskMinutes;

/**
 * A way as JSON.
 *
 * @param schedule in words
 * @param why in a line, its figures still marked
 * @param plan the whole plan as shorthand
 */
record FoundSchedule(
    String schedule,
    String why,
    long visible,
    long shopCount,
    int welds,
    int faces,
    double startKg,
    double yield,
    double chance,
    double layerMm,
    double medianMm,
    double thinnestMm,
    double coarsePercent,
    double blockMm,
    double startMm,
    double tallestMm,
    double longestMm,
    double finishedMm,
    TaskMinutes work,
    String plan) {
  static FoundSchedule of(RankedSchedule way, String why, String plan) {
    return new FoundSchedule(
        way.schedule().words().marked(),
        why,
        way.visible(),
        way.shop(),
        way.welds(),
        way.faces(),
        way.startKg(),
        way.yield(),
        way.chance(),
        way.layerMm(),
        way.medianMm(),
        way.thinnestMm(),
        way.coarsePercent(),
        way.blockMm(),
        way.startMm(),
        way.tallestMm(),
        way.longestMm(),
        way.finishedMm(),
        way.work(),
        plan);
  }
}

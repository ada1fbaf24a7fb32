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
        way.layers().visible(),
        way.layers().shop(),
        way.effort().welds(),
        way.effort().faces(),
        way.startKg(),
        way.yield(),
        way.effort().chance(),
        way.layers().meanMm(),
        way.layers().medianMm(),
        way.layers().thinnestMm(),
        way.layers().coarsePercent(),
        way.blockMm(),
        way.startMm(),
        way.extent().tallestMm(),
        way.extent().longestMm(),
        way.extent().finishedMm(),
        way.effort().work(),
        plan);
  }
}

package app.geminal.server.schedule;

import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.TaskMinutes;
import app.geminal.text.Message;
import java.util.List;

/**
 * A way for the screen.
 *
 * @param schedule the way
 * @param words the schedule in a line
 * @param why what speaks for it and what it asks, lengths marked
 * @param visible layers as counted in the finished bar
 * @param shop nominal layers: pieces × cuts
 * @param distance layers from the target
 * @param startMm height of the stack, mm
 * @param startKg kg of steel to start with
 * @param yield share of the steel that ends in the bar, 0 to 1
 * @param welds welds to make
 * @param faces faces to grind before welding
 * @param work the work it takes
 * @param minutes working time, minutes
 * @param chance chance that all welds hold, 0 to 1
 * @param layerMm mean layer thickness in the finished bar, mm
 * @param medianMm median layer thickness in the finished bar, mm
 * @param thinnestMm thinnest layer in the finished bar, mm
 * @param coarsePercent percent of the height in layers over four times the median
 * @param blockMm height of the block when it is cut for restacking, mm
 * @param plain whether it needs no sheets and no turning
 * @param look ids of the layers across the finished bar, as stripes
 * @param tallestMm tallest block on the way, mm
 * @param longestMm longest piece on the way, mm
 * @param finishedMm length of the finished bar, mm
 * @param shapes what it looks like on the way
 */
record RankedScheduleView(
    ScheduleView schedule,
    Message words,
    Message why,
    long visible,
    long shop,
    long distance,
    double startMm,
    double startKg,
    double yield,
    int welds,
    int faces,
    TaskMinutes work,
    double minutes,
    double chance,
    double layerMm,
    double medianMm,
    double thinnestMm,
    double coarsePercent,
    double blockMm,
    boolean plain,
    List<Integer> look,
    double tallestMm,
    double longestMm,
    double finishedMm,
    List<RankedSchedule.Shape> shapes) {
  static RankedScheduleView of(RankedSchedule way, Message why) {
    return new RankedScheduleView(
        ScheduleView.of(way.schedule()),
        way.schedule().words(),
        why,
        way.layers().visible(),
        way.layers().shop(),
        way.layers().distance(),
        way.startMm(),
        way.startKg(),
        way.yield(),
        way.effort().welds(),
        way.effort().faces(),
        way.effort().work(),
        way.effort().work().minutes(),
        way.effort().chance(),
        way.layers().meanMm(),
        way.layers().medianMm(),
        way.layers().thinnestMm(),
        way.layers().coarsePercent(),
        way.blockMm(),
        way.isPlain(),
        way.layers().look(),
        way.extent().tallestMm(),
        way.extent().longestMm(),
        way.extent().finishedMm(),
        way.shapes());
  }
}

package app.geminal.server.schedule;

import app.geminal.schedule.Way;
import app.geminal.schedule.Work;
import java.util.List;

/**
 * A way for the screen.
 *
 * @param schedule the way
 * @param words the schedule in a line
 * @param why what speaks for it and what it asks, lengths marked
 * @param shapes what it looks like on the way
 */
record WayView(
    ScheduleView schedule,
    String words,
    String why,
    long visible,
    long shop,
    long distance,
    double startMm,
    double startKg,
    double yield,
    int welds,
    int faces,
    Work work,
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
    List<Way.Shape> shapes) {
  static WayView of(Way way, String why) {
    return new WayView(
        ScheduleView.of(way.schedule()),
        way.schedule().words(),
        why,
        way.visible(),
        way.shop(),
        way.distance(),
        way.startMm(),
        way.startKg(),
        way.yield(),
        way.welds(),
        way.faces(),
        way.work(),
        way.work().minutes(),
        way.chance(),
        way.layerMm(),
        way.medianMm(),
        way.thinnestMm(),
        way.coarsePercent(),
        way.blockMm(),
        way.isPlain(),
        way.look(),
        way.tallestMm(),
        way.longestMm(),
        way.finishedMm(),
        way.shapes());
  }
}

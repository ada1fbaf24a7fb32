package app.geminal.server.schedule;

import app.geminal.layup.Piece;
import app.geminal.schedule.Layout;
import app.geminal.schedule.Restacking;
import app.geminal.schedule.Schedule;
import app.geminal.schedule.StartStack;
import app.geminal.validation.Require;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A schedule on the wire.
 *
 * @param start null where the bar is there
 * @param restacks the restacks, in order
 */
record ScheduleView(@Nullable StartView start, List<RestackView> restacks) {

  /**
   * The first stack.
   *
   * @param pieces how many pieces
   * @param layout how the pieces of the stack are arranged
   * @param outside piece that makes the outer layers
   * @param inside piece that makes the inner layers
   */
  record StartView(int pieces, Layout layout, Piece outside, Piece inside) {}

  /** How pieces are laid again. */
  enum How {
    CUT,
    FOLD,
    CORE
  }

  /**
   * One restack; what a fold or a core does not have is false.
   *
   * @param how what is done to the bar
   * @param pieces pieces the bar is cut into
   * @param turned whether every second piece is turned over
   * @param insert whether sheets are welded in between
   */
  record RestackView(How how, int pieces, boolean turned, boolean insert) {
    static RestackView of(Restacking restacking) {
      return switch (restacking) {
        case Restacking.Recut cut ->
            new RestackView(How.CUT, cut.pieces(), cut.turned(), cut.insert());
        case Restacking.Refold fold -> new RestackView(How.FOLD, fold.pieces(), false, false);
        case Restacking.RoundCore core ->
            new RestackView(How.CORE, core.pieces(), core.turned(), false);
      };
    }

    Restacking restacking() {
      return switch (Require.present("how", how)) {
        case CUT -> new Restacking.Recut(Require.count("pieces", pieces, 2, 60), turned, insert);
        case FOLD -> new Restacking.Refold();
        case CORE -> new Restacking.RoundCore(turned);
      };
    }
  }

  static ScheduleView of(Schedule schedule) {
    return new ScheduleView(
        schedule
            .start()
            .map(s -> new StartView(s.pieces(), s.layout(), s.outside(), s.inside()))
            .orElse(null),
        schedule.restacks().stream().map(RestackView::of).toList());
  }

  Schedule schedule() {
    StartView from = start;
    return new Schedule(
        from == null
            ? Optional.empty()
            : Optional.of(new StartStack(from.pieces, from.layout, from.outside, from.inside)),
        Require.list("restacks", restacks, 0, 6).stream().map(RestackView::restacking).toList());
  }
}

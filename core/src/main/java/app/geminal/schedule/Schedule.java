package app.geminal.schedule;

import app.geminal.text.Message;
import java.util.List;
import java.util.Optional;

/**
 * A start and what is done with it, first restack first.
 *
 * @param start the stack; empty where the bar is there already
 * @param restacks 0 to 6
 */
public record Schedule(Optional<StartStack> start, List<Restacking> restacks) {

  /** Copies the list. */
  public Schedule {
    restacks = List.copyOf(restacks);
  }

  /** In a line: {@code 13 pieces, cut 5, fold, cut 4 turned}. */
  public Message words() {
    Message said =
        start
            .map(s -> ScheduleText.START_PIECES.with("pieces", s.pieces(), "layout", s.layout()))
            .orElseGet(ScheduleText.START_BAR::with);
    for (Restacking restacking : restacks) {
      said = ScheduleText.THEN.with("first", said, "next", words(restacking));
    }
    return said;
  }

  private static Message words(Restacking restacking) {
    return switch (restacking) {
      case Restacking.Recut cut ->
          ScheduleText.RECUT.with(
              "pieces", cut.pieces(), "turned", cut.turned(), "insert", cut.insert());
      case Restacking.Refold _ -> ScheduleText.REFOLD.with();
      case Restacking.RoundCore core -> ScheduleText.ROUND_CORE.with("turned", core.turned());
    };
  }
}

package app.geminal.workplan;

import app.geminal.text.Message;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A billet that is not done on the day it is due.
 *
 * @param billetId which
 * @param name what it is called
 * @param dueOn the last day it may be finished on
 * @param endsOn the day it is finished on; null where the days have no room for all of it
 * @param cause what keeps it
 * @param helps what would have it done in time, each found by planning again, the least trouble
 *     first; empty where nothing that was tried does
 */
public record LateBillet(
    long billetId,
    String name,
    LocalDate dueOn,
    @Nullable LocalDate endsOn,
    Cause cause,
    List<Message> helps) {

  /** What keeps a billet. */
  public enum Cause {
    /** It would be in time by itself; other billets take the hours. */
    OTHER_BILLETS,
    /** It would be in time if the forge were lit on other days. */
    FORGE_DAYS,
    /** One of its tasks is longer than anyone is at the shop without a break. */
    LONG_TASK,
    /** The hours until that day are too few even for it alone. */
    HOURS
  }

  /** Copies the list. */
  public LateBillet {
    helps = List.copyOf(helps);
  }
}

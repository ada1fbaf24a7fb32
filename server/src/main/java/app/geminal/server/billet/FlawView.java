package app.geminal.server.billet;

import app.geminal.flaw.Disposition;
import app.geminal.flaw.Flaw;
import app.geminal.flaw.FlawTracker;
import java.util.List;

/**
 * A flaw of a billet.
 *
 * @param entryId the look that found it
 * @param flaw the flaw as it was recorded
 * @param stepKey path of the step it was found at
 * @param part path of the part it was found in, empty for the billet itself
 * @param stage it was found at; −1 where the plan has the step no longer
 * @param places where it has been since, stage by stage
 * @param decisions about it, oldest first
 * @param state what is to be thought of it now
 */
record FlawView(
    long entryId,
    Flaw flaw,
    String stepKey,
    String part,
    int stage,
    List<FlawTracker.At> places,
    List<Disposition> decisions,
    State state) {

  /** Its state. */
  enum State {
    /** In the bar, and nothing was decided. */
    OPEN,
    /** In the bar, and watched. */
    WATCHED,
    /** Welded over again; a later inspection has to confirm. */
    WELDED_AGAIN,
    /** Welded over again, and a later look found nothing there. */
    HELD,
    /** In a bar that was set aside. */
    ASIDE,
    /** The steel with it in it is gone. */
    GONE,
    /** The plan has the step no longer where it was found. */
    LOST
  }
}

package app.geminal.server.session;

import app.geminal.heatplan.HeatPlan;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A session at the fire as it is stored.
 *
 * @param endedAt null while it continues
 * @param rehearsal whether forge and press are simulated and nothing enters the Book
 * @param speed how fast time begins to go in a rehearsal, 1 to 20; 1 in a live session
 * @param billets in their places
 */
public record Session(
    long id,
    Instant startedAt,
    @Nullable Instant endedAt,
    boolean rehearsal,
    double speed,
    List<Billet> billets) {

  /** A billet in the session, its heat plan as it was when the session began. */
  public record Billet(int place, long billetId, String name, PlannedHeat heat) {
    /** How the heat is done. */
    public HeatPlan plan() {
      return heat.plan();
    }
  }

  /** Copies the list. */
  public Session {
    billets = List.copyOf(billets);
  }

  /** Whether it continues. */
  public boolean isOpen() {
    return endedAt == null;
  }
}

package app.geminal.server.session;

import app.geminal.heatplan.HeatPlan;
import app.geminal.server.calibration.StoredCalibration;
import app.geminal.simulator.Drill;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A session at the fire as it is stored.
 *
 * @param endedAt null while it continues
 * @param rehearsal whether forge and press are simulated and nothing enters the Book
 * @param drill what is wrong in a rehearsal on purpose; null for nothing
 * @param speed how fast time begins to go in a rehearsal, 1 to 20; 1 in a live session
 * @param calibration what the shop had learned when it began; null in a rehearsal, and before shops
 *     learned
 * @param billets in their places
 */
public record Session(
    long id,
    Instant startedAt,
    @Nullable Instant endedAt,
    boolean rehearsal,
    @Nullable Drill drill,
    double speed,
    @Nullable StoredCalibration calibration,
    List<Billet> billets) {

  /**
   * A billet in the session, its heat plan as it was when the session began.
   *
   * @param named why one of its joints is open, as someone named it after a rehearsal; null for not
   *     yet
   */
  public record Billet(
      int place, long billetId, String name, PlannedHeat heat, @Nullable NamedCause named) {
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

package app.geminal.server.session;

import app.geminal.heatplan.HeatPlan;
import app.geminal.weldmap.WeldSetup;
import java.util.List;

/**
 * What a session was begun with.
 *
 * @param plan how the heat is done
 * @param welds of its joints, those made before and this one, in their order; none for a draw, and
 *     in sessions from before joints were followed
 */
public record PlannedHeat(HeatPlan plan, List<WeldSetup> welds) {
  /** Copies the list. */
  public PlannedHeat {
    welds = List.copyOf(welds);
  }
}

package app.geminal.session;

import app.geminal.heatplan.ForgeAction;
import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * One thing done at the fire, as it was tapped.
 *
 * @param id made where it was tapped
 * @param act what
 * @param atS second of the session; from −3600 for what was done before lighting up
 */
public record LogEntry(String id, ForgeAction act, double atS) implements Logged {
  /** Checks every field. */
  public LogEntry {
    Require.text("id", id, 64);
    Require.present("act", act);
    Require.quantity(QuantityKind.TIME, "atS", atS, -3600, 30 * 24 * 3600.0);
  }
}

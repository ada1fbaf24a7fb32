package app.geminal.session;

import app.geminal.following.Sighting;
import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * One thing seen at the fire, as it was tapped.
 *
 * @param id made where it was tapped
 * @param what is seen
 * @param atS second of the session; from −3600 for what was before lighting up
 */
public record LogSighting(String id, Sighting what, double atS) implements Logged {
  /** Checks every field. */
  public LogSighting {
    Require.text("id", id, 64);
    Require.present("what", what);
    Require.quantity(QuantityKind.TIME, "atS", atS, -3600, 30 * 24 * 3600.0);
  }
}

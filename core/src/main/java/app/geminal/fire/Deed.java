package app.geminal.fire;

import app.geminal.check.Require;

/**
 * One thing done at the fire, as it was tapped.
 *
 * @param id made where it was tapped
 * @param act what
 * @param atS second of the session; from −3600 for what was done before lighting up
 */
public record Deed(String id, Act act, double atS) {
  /** Checks every field. */
  public Deed {
    Require.text("id", id, 64);
    Require.present("act", act);
    Require.number("atS", atS, -3600, 30 * 24 * 3600.0, " s");
  }
}

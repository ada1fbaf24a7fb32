package app.geminal.server.book;

import app.geminal.weld.MadeWeld;
import app.geminal.weld.OxygenSchool;
import app.geminal.weld.WeldOutcome;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A weld as the Book shows it.
 *
 * @param fireSession the session at the fire that wrote it, null where it was typed
 */
public record WeldView(
    long id,
    long billetId,
    String billetName,
    String stepKey,
    String stepTitle,
    Instant madeAt,
    double temperatureC,
    OxygenSchool school,
    WeldOutcome outcome,
    String note,
    @Nullable Long fireSession,
    String madeBy) {

  /** The weld as the core knows it. */
  public MadeWeld made() {
    return new MadeWeld(stepKey, madeAt, temperatureC, school, outcome, note);
  }
}

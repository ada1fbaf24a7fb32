package app.geminal.server.book;

import app.geminal.weld.MadeWeld;
import app.geminal.weld.OxygenSchool;
import app.geminal.weld.WeldOutcome;
import java.time.Instant;

/** A weld as the Book shows it. */
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
    String madeBy) {

  /** The weld as the core knows it. */
  public MadeWeld made() {
    return new MadeWeld(stepKey, madeAt, temperatureC, school, outcome, note);
  }
}

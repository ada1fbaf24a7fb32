package app.geminal.weld;

import app.geminal.validation.Require;
import java.time.Instant;

/**
 * A weld that was made.
 *
 * @param stepKey path of the step of the plan it belongs to: names of the parts it is in, then its
 *     key, with strokes between
 * @param madeAt when
 * @param temperatureC as read, 600 to 1500 °C
 * @param protection how oxygen was kept out
 * @param outcome what became of it
 * @param note free words, may be empty, at most 2000 characters
 */
public record WeldRecord(
    String stepKey,
    Instant madeAt,
    double temperatureC,
    AtmosphereProtection protection,
    WeldOutcome outcome,
    String note) {
  /** Coldest and hottest readings that can be meant, °C. */
  public static final double COLDEST_C = 600;

  public static final double HOTTEST_C = 1500;

  /** Checks every field. */
  public WeldRecord {
    Require.text("stepKey", stepKey, 120);
    Require.present("madeAt", madeAt);
    Require.temperature("temperatureC", temperatureC, COLDEST_C, HOTTEST_C);
    Require.present("protection", protection);
    Require.present("outcome", outcome);
    if (!note.isEmpty()) {
      Require.text("note", note, 2000);
    }
  }

  /** The same weld, something else having become of it. */
  public WeldRecord withOutcome(WeldOutcome newOutcome) {
    return new WeldRecord(stepKey, madeAt, temperatureC, protection, newOutcome, note);
  }
}

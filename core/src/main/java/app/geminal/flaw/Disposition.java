package app.geminal.flaw;

import app.geminal.validation.Require;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What is to become of a flaw.
 *
 * @param flawId the flaw it is about
 * @param decision what
 * @param stepKey the step of the plan that does it; null where there is none yet
 * @param at when
 * @param note free words, may be empty, at most 500 characters
 */
public record Disposition(
    String flawId, Decision decision, @Nullable String stepKey, Instant at, String note) {

  /** The ways out. */
  public enum Decision {
    TRIM,
    GRIND,
    REWELD,
    WATCH,
    SET_ASIDE,
    SCRAP;
  }

  /** Checks every field; what was not said is nothing. */
  public Disposition(
      String flawId,
      Decision decision,
      @Nullable String stepKey,
      Instant at,
      @Nullable String note) {
    this.flawId = Require.text("flawId", flawId, 40);
    this.decision = Require.present("decision", decision);
    this.stepKey = stepKey == null ? null : Require.text("stepKey", stepKey, 120);
    this.at = Require.present("at", at);
    this.note = Require.note(note, 500);
  }
}

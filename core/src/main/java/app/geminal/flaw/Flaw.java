package app.geminal.flaw;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.weld.WeldOutcome;
import org.jspecify.annotations.Nullable;

/**
 * Something wrong with a bar, and where.
 *
 * @param id names it for as long as it is remembered
 * @param kind what it is
 * @param state {@link WeldOutcome#OPEN} or {@link WeldOutcome#SUSPECT}
 * @param joint which of the joints that the weld closed, from 1 at the underside; null where it is
 *     in none or no one can say
 * @param spot at the stage it was found
 * @param note free words, may be empty, at most 500 characters
 */
public record Flaw(
    String id, FlawKind kind, WeldOutcome state, @Nullable Integer joint, Spot spot, String note) {

  /** Checks every field. */
  public Flaw {
    Require.text("id", id, 40);
    Require.present("kind", kind);
    if (Require.present("state", state) == WeldOutcome.HELD) {
      throw new InvalidValue("state", FlawText.SOUND_JOINT_IS_NOT_FLAW.with());
    }
    if (joint != null) {
      Require.count("joint", joint, 1, 10_000);
    }
    Require.present("spot", spot);
    if (!Require.present("note", note).isEmpty()) {
      Require.text("note", note, 500);
    }
  }
}

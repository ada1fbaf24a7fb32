package app.geminal.server.book;

import app.geminal.flaw.Disposition;
import app.geminal.flaw.Inspection;
import app.geminal.hardening.Treatment;
import app.geminal.measurement.Measurement;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import com.fasterxml.jackson.annotation.JsonAlias;
import java.time.Instant;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What an entry of the Book says, beside the welds: exactly one of these.
 *
 * @param inspection a look at the bar and the flaws it found
 * @param disposition what is to become of a flaw
 * @param measured a bar as measured after a step
 * @param treated work after the weld
 */
public record EntryBody(
    @JsonAlias("looked") @Nullable Inspection inspection,
    @JsonAlias("decided") @Nullable Disposition disposition,
    @Nullable MeasuredBar measured,
    @Nullable Treatment treated) {

  /**
   * A bar as measured.
   *
   * @param stepKey key of the step
   * @param at when
   * @param sizes the sizes measured
   * @param note notes, may be empty, at most 2000 characters
   */
  public record MeasuredBar(String stepKey, Instant at, Measurement sizes, String note) {
    /** Checks every field; what was not said is nothing. */
    public MeasuredBar(String stepKey, Instant at, Measurement sizes, @Nullable String note) {
      this.stepKey = Require.text("stepKey", stepKey, 120);
      this.at = Require.present("at", at);
      this.sizes = Require.present("sizes", sizes);
      this.note = Objects.requireNonNullElse(note, "");
      if (!this.note.isEmpty()) {
        Require.text("note", this.note, 500);
      }
    }
  }

  /** What kind of entry. */
  public enum Kind {
    LOOKED,
    DECIDED,
    MEASURED,
    TREATED
  }

  /** Exactly one of them is said. */
  public EntryBody {
    if (Stream.of(inspection, disposition, measured, treated).filter(Objects::nonNull).count()
        != 1) {
      throw new InvalidValue("", BookText.ENTRY.with());
    }
  }

  /** What kind of entry it makes. */
  public Kind kind() {
    return inspection != null
        ? Kind.LOOKED
        : disposition != null ? Kind.DECIDED : measured != null ? Kind.MEASURED : Kind.TREATED;
  }

  /** The step it belongs to, null where it belongs to the billet as a whole. */
  public @Nullable String stepKey() {
    return inspection != null
        ? inspection.stepKey()
        : disposition != null
            ? disposition.stepKey()
            : measured != null ? measured.stepKey() : null;
  }

  /** When it was. */
  public Instant at() {
    return inspection != null
        ? inspection.at()
        : disposition != null
            ? disposition.at()
            : measured != null ? measured.at() : Objects.requireNonNull(treated).at();
  }
}

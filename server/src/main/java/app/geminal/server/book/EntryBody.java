package app.geminal.server.book;

import app.geminal.asmade.PatternMade;
import app.geminal.counted.LayersCounted;
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
 * @param noted something about a step, perhaps that it is done
 * @param counted layers counted on a bar
 * @param fitted what steps came out as by a photograph of the pattern
 */
public record EntryBody(
    @JsonAlias("looked") @Nullable Inspection inspection,
    @JsonAlias("decided") @Nullable Disposition disposition,
    @Nullable MeasuredBar measured,
    @Nullable Treatment treated,
    @Nullable StepNote noted,
    @Nullable LayersCounted counted,
    @Nullable PatternMade fitted) {

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
      this.note = Require.note(note, 500);
    }
  }

  /**
   * Something about a step.
   *
   * @param stepKey path of the step: names of the parts it is in, then its key
   * @param at when
   * @param done whether the step is done
   * @param note free words, may be empty, at most 500 characters
   */
  public record StepNote(String stepKey, Instant at, boolean done, String note) {
    /** Checks every field; what was not said is nothing. */
    public StepNote(String stepKey, Instant at, boolean done, @Nullable String note) {
      this.stepKey = Require.text("stepKey", stepKey, 120);
      this.at = Require.present("at", at);
      this.done = done;
      this.note = Require.note(note, 500);
    }
  }

  /** What kind of entry. */
  public enum Kind {
    LOOKED,
    DECIDED,
    MEASURED,
    TREATED,
    NOTED,
    COUNTED,
    FITTED
  }

  /** Exactly one of them is said. */
  public EntryBody {
    if (Stream.of(inspection, disposition, measured, treated, noted, counted, fitted)
            .filter(Objects::nonNull)
            .count()
        != 1) {
      throw new InvalidValue("", BookText.ENTRY.with());
    }
  }

  /** What every kind of entry has. */
  private record Common(Kind kind, @Nullable String stepKey, Instant at) {}

  private Common common() {
    if (inspection != null) {
      return new Common(Kind.LOOKED, inspection.stepKey(), inspection.at());
    }
    if (disposition != null) {
      return new Common(Kind.DECIDED, disposition.stepKey(), disposition.at());
    }
    if (measured != null) {
      return new Common(Kind.MEASURED, measured.stepKey(), measured.at());
    }
    if (noted != null) {
      return new Common(Kind.NOTED, noted.stepKey(), noted.at());
    }
    if (counted != null) {
      return new Common(Kind.COUNTED, counted.stepKey(), counted.at());
    }
    if (fitted != null) {
      return new Common(Kind.FITTED, fitted.stepKey(), fitted.at());
    }
    return new Common(Kind.TREATED, null, Objects.requireNonNull(treated).at());
  }

  /** What kind of entry it makes. */
  public Kind kind() {
    return common().kind();
  }

  /** The step it belongs to, null where it belongs to the billet as a whole. */
  public @Nullable String stepKey() {
    return common().stepKey();
  }

  /** When it was. */
  public Instant at() {
    return common().at();
  }
}

package app.geminal.hardening;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Something done to a finished piece, or found out about it.
 *
 * @param kind what
 * @param at when
 * @param temperatureC of the heat; null where there was none
 * @param minutes at heat or in the bath; null where no one counted
 * @param cycles of normalizing, tempering or etching; null for one
 * @param medium quenched in, or etched in; may be empty, at most 80 characters
 * @param hrc readings of a tester; 0 to 20
 * @param file how a file behaved on the edge, null where none was tried
 * @param note free words, may be empty, at most 2000 characters
 */
public record Treatment(
    Kind kind,
    Instant at,
    @Nullable Double temperatureC,
    @Nullable Double minutes,
    @Nullable Integer cycles,
    String medium,
    List<Double> hrc,
    @Nullable File file,
    String note) {

  /** What was done. */
  public enum Kind {
    NORMALIZED,
    HARDENED,
    TESTED,
    TEMPERED,
    ETCHED;
  }

  /** How a file behaved. */
  public enum File {
    SKATES,
    BITES_A_LITTLE,
    BITES
  }

  /** Checks every field; what was not said is nothing. */
  public Treatment(
      Kind kind,
      Instant at,
      @Nullable Double temperatureC,
      @Nullable Double minutes,
      @Nullable Integer cycles,
      @Nullable String medium,
      @Nullable List<Double> hrc,
      @Nullable File file,
      @Nullable String note) {
    this.kind = Require.present("kind", kind);
    this.at = Require.present("at", at);
    if (temperatureC != null) {
      Require.temperature("temperatureC", temperatureC, -200, 1300);
    }
    this.temperatureC = temperatureC;
    if (minutes != null) {
      Require.minutes("minutes", minutes, 0, 7 * 24 * 60);
    }
    this.minutes = minutes;
    if (cycles != null) {
      Require.count("cycles", cycles, 1, 60);
    }
    this.cycles = cycles;
    this.medium = text("medium", medium, 80);
    this.hrc = Require.list("hrc", Objects.requireNonNullElse(hrc, List.of()), 0, 20);
    for (int i = 0; i < this.hrc.size(); i++) {
      Require.quantity(QuantityKind.HARDNESS, "hrc/" + i, this.hrc.get(i), 0, 72);
    }
    this.file = file;
    this.note = text("note", note, 2000);
  }

  private static String text(String field, @Nullable String said, int most) {
    String there = Objects.requireNonNullElse(said, "");
    return there.isEmpty() ? there : Require.text(field, there, most);
  }
}

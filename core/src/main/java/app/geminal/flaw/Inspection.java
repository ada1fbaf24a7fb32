package app.geminal.flaw;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.OrderedCopies;
import app.geminal.validation.Require;
import app.geminal.weld.WeldOutcome;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A look at a bar after a step: how, and what was found.
 *
 * @param stepKey path of the step it was after: names of the parts it is in, then its key
 * @param at when
 * @param ways how it was looked at; one at least
 * @param brightShare of the broken face that is bright, 0 to 1; null where nothing was broken
 * @param flaws 0 to 60; none where nothing was found
 * @param note free words, may be empty, at most 2000 characters
 */
public record Inspection(
    String stepKey,
    Instant at,
    Set<InspectionMethod> ways,
    @Nullable Double brightShare,
    List<Flaw> flaws,
    String note) {

  /** Checks every field; what was not said is nothing. */
  public Inspection(
      String stepKey,
      Instant at,
      Set<InspectionMethod> ways,
      @Nullable Double brightShare,
      @Nullable List<Flaw> flaws,
      @Nullable String note) {
    this.stepKey = Require.text("stepKey", stepKey, 120);
    this.at = Require.present("at", at);
    if (Require.present("ways", ways).isEmpty()) {
      throw new InvalidValue("ways", FlawText.CHOOSE_INSPECTION_METHOD.with());
    }
    this.ways = OrderedCopies.copyOf(ways);
    this.brightShare =
        brightShare == null
            ? null
            : Double.valueOf(Require.number("brightShare", brightShare, 0, 1));
    this.flaws = Require.list("flaws", Objects.requireNonNullElse(flaws, List.of()), 0, 60);
    if (new HashSet<>(this.flaws.stream().map(Flaw::id).toList()).size() < this.flaws.size()) {
      throw new InvalidValue("flaws", FlawText.TWO_FLAWS_HAVE_SAME_ID.with());
    }
    this.note = Require.note(note, 2000);
  }

  /** What it says of the weld: the worst that was found. */
  public WeldOutcome outcome() {
    return flaws.stream().map(Flaw::state).anyMatch(s -> s == WeldOutcome.OPEN)
        ? WeldOutcome.OPEN
        : flaws.isEmpty() ? WeldOutcome.HELD : WeldOutcome.SUSPECT;
  }

  /** What it says of one joint, counted from 1 at the underside. */
  public WeldOutcome ofJoint(int joint) {
    return flaws.stream()
        .filter(f -> Objects.equals(f.joint(), joint))
        .map(Flaw::state)
        .reduce((a, b) -> a == WeldOutcome.OPEN ? a : b)
        .orElse(WeldOutcome.HELD);
  }
}

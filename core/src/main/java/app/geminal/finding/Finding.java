package app.geminal.finding;

import app.geminal.layup.Stack;
import app.geminal.operation.Operation;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One thing found. Sentences may hold measure marks.
 *
 * @param id the check's name, stable
 * @param strength how much it weighs
 * @param hazard whether people can be hurt; shown first
 * @param stage index into the Run's stages: 0 is the stack
 * @param about the piece, joint, face or part it speaks about, empty for the whole step
 * @param actual what is planned, in the limit's unit, where it is a figure
 * @param limit where the line is drawn, where it is a figure
 * @param what the finding in a few words
 * @param why value, limit and reason
 * @param mend what to do
 * @param remedy the same as an edit of the plan, where one exists
 */
public record Finding(
    String id,
    Strength strength,
    boolean hazard,
    int stage,
    String about,
    OptionalDouble actual,
    OptionalDouble limit,
    String what,
    String why,
    String mend,
    Optional<Remedy> remedy) {

  static Builder of(String id, Strength strength, int stage) {
    return new Builder(id, strength, stage);
  }

  /** Puts a finding together; what is not said stays empty. Package use only. */
  @SuppressWarnings("AnnotateFormatMethod")
  static final class Builder {
    private final String id;
    private final Strength strength;
    private final int stage;
    private boolean hazard;
    private String about = "";
    private OptionalDouble actual = OptionalDouble.empty();
    private OptionalDouble limit = OptionalDouble.empty();
    private String what = "";
    private String why = "";
    private Optional<Remedy> remedy = Optional.empty();

    private Builder(String id, Strength strength, int stage) {
      this.id = id;
      this.strength = strength;
      this.stage = stage;
    }

    Builder hazard() {
      hazard = true;
      return this;
    }

    Builder about(String thing) {
      about = thing;
      return this;
    }

    Builder against(double actually, double most) {
      actual = OptionalDouble.of(actually);
      limit = OptionalDouble.of(most);
      return this;
    }

    Builder what(String words, Object... figures) {
      what = filled(words, figures);
      return this;
    }

    Builder why(String words, Object... figures) {
      why = filled(words, figures);
      return this;
    }

    private static String filled(String words, Object... figures) {
      return figures.length == 0 ? words : String.format(Locale.ROOT, words, figures);
    }

    Builder instead(String label, Operation operation) {
      remedy = Optional.of(new Remedy(label, new Remedy.Instead(operation)));
      return this;
    }

    Builder before(String label, Operation operation) {
      remedy = Optional.of(new Remedy(label, new Remedy.Before(operation)));
      return this;
    }

    Builder restacked(String label, Stack stack) {
      remedy = Optional.of(new Remedy(label, new Remedy.Restacked(stack)));
      return this;
    }

    Builder remedy(Optional<Remedy> one) {
      remedy = one;
      return this;
    }

    Finding mend(String words, Object... figures) {
      return new Finding(
          id,
          strength,
          hazard,
          stage,
          about,
          actual,
          limit,
          what,
          why,
          filled(words, figures),
          remedy);
    }
  }
}

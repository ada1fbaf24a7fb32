package app.geminal.billet;

import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What should be done: a stack, then steps in order; parts with plans of their own that some step
 * lays to it, and what the finished bar should yield.
 *
 * @param stack what is laid up
 * @param steps 0 to 200, keys all different
 * @param parts 0 to 12, names all different; parts of parts up to 4 deep
 * @param wanted 0 to 20 kinds of pieces
 */
public record Plan(Stack stack, List<Step> steps, List<Part> parts, List<WantedPieces> wanted) {
  /** No bar survives more heats than this. */
  public static final int MOST_STEPS = 200;

  private static final int MOST_PARTS = 12;
  private static final int DEEPEST = 4;

  /** Checks every field and copies the lists; parts and wanted pieces may be missing. */
  public Plan(
      Stack stack,
      List<Step> steps,
      @Nullable List<Part> parts,
      @Nullable List<WantedPieces> wanted) {
    this.stack = Require.present("stack", stack);
    this.steps = Require.list("steps", steps, 0, MOST_STEPS);
    this.parts = Require.list("parts", Objects.requireNonNullElse(parts, List.of()), 0, MOST_PARTS);
    this.wanted = Require.list("wanted", Objects.requireNonNullElse(wanted, List.of()), 0, 20);
    requireDifferent(
        "steps/%d/key", this.steps.stream().map(Step::key).toList(), BilletText.STEP_KEY_TWICE);
    requireDifferent(
        "parts/%d/name", this.parts.stream().map(Part::name).toList(), BilletText.PART_NAME_TWICE);
    if (depth(this.parts) > DEEPEST) {
      throw new InvalidValue("parts", BilletText.NESTED_TOO_DEEP.with("deepest", DEEPEST));
    }
  }

  private static void requireDifferent(String path, List<String> names, BilletText why) {
    Set<String> seen = new HashSet<>();
    for (int i = 0; i < names.size(); i++) {
      if (!seen.add(names.get(i))) {
        throw new InvalidValue(
            path.replace("%d", Integer.toString(i)), why.with("name", names.get(i)));
      }
    }
  }

  private static int depth(List<Part> parts) {
    return parts.stream().mapToInt(p -> 1 + depth(p.plan().parts())).max().orElse(0);
  }

  /** A plan with keys s1, s2, … and no parts; for plans written in code. */
  public static Plan of(Stack stack, List<? extends Operation> operations) {
    return new Plan(
        stack,
        IntStream.range(0, operations.size())
            .mapToObj(i -> Step.of("s" + (i + 1), operations.get(i)))
            .toList(),
        List.of(),
        List.of());
  }

  /** The plan with one more step; {@code after} counts from 0 (the stack) up. */
  public Plan withStepAfter(int after, Operation operation) {
    List<Step> more = new ArrayList<>(steps);
    more.add(after, Step.of(StepKeys.free(steps), operation));
    return withSteps(more);
  }

  /** The same with other steps. */
  public Plan withSteps(List<Step> newSteps) {
    return new Plan(stack, newSteps, parts, wanted);
  }

  /** The same from another stack. */
  public Plan withStack(Stack newStack) {
    return new Plan(newStack, steps, parts, wanted);
  }

  /** The same with other parts. */
  public Plan withParts(List<Part> newParts) {
    return new Plan(stack, steps, newParts, wanted);
  }

  /** The same for other pieces. */
  public Plan withWanted(List<WantedPieces> newWanted) {
    return new Plan(stack, steps, parts, newWanted);
  }

  /** The part of that name. */
  public Optional<Part> part(String name) {
    return parts.stream().filter(p -> p.name().equals(name)).findFirst();
  }

  /** The plan at a path of part names, {@code edge/core}; the plan itself for an empty one. */
  public Optional<Plan> at(String path) {
    if (path.isEmpty()) {
      return Optional.of(this);
    }
    int stroke = path.indexOf('/');
    String first = stroke < 0 ? path : path.substring(0, stroke);
    String rest = stroke < 0 ? "" : path.substring(stroke + 1);
    return part(first).flatMap(p -> p.plan().at(rest));
  }

  /**
   * The same with the plan at a path of part names made another way; the whole for an empty one. A
   * part that was picked from another billet and is changed is that bar no more.
   */
  public Plan with(String path, Plan changed) {
    if (path.isEmpty()) {
      return changed;
    }
    int stroke = path.indexOf('/');
    String first = stroke < 0 ? path : path.substring(0, stroke);
    String rest = stroke < 0 ? "" : path.substring(stroke + 1);
    return withParts(
        parts.stream()
            .map(p -> p.name().equals(first) ? Part.of(first, p.plan().with(rest, changed)) : p)
            .toList());
  }

  /**
   * The same work with the keys of {@code earlier} kept for every step that is still there, so that
   * retyping the shorthand does not cut the Book's ties.
   */
  public Plan withKeysOf(Plan earlier) {
    return new Plan(
        stack,
        StepKeys.kept(earlier.steps(), steps),
        parts.stream().map(p -> earlier.part(p.name()).map(p::keptFrom).orElse(p)).toList(),
        wanted);
  }

  /** Every designation the plan and its parts ask for, in the order of first use. */
  public List<String> steels() {
    return Stream.concat(
            parts.stream().flatMap(p -> p.plan().steels().stream()),
            Stream.concat(stack.pieces().stream(), laidPieces()).map(Piece::steel))
        .distinct()
        .toList();
  }

  private Stream<Piece> laidPieces() {
    return steps.stream()
        .flatMap(s -> s.operation().laid().values().stream())
        .flatMap(List::stream)
        .flatMap(Plan::pieces);
  }

  private static Stream<Piece> pieces(Laid laid) {
    return switch (laid) {
      case Piece piece -> Stream.of(piece);
      case PartBar bar -> bar.shims().stream();
    };
  }

  /** A step and where it is: the names of the parts it is in, then its key. */
  public record Placed(String path, Step step) {}

  /** All steps that are done, those of parts first. */
  public List<Placed> allSteps() {
    List<Placed> all = new ArrayList<>();
    collect("", all);
    return all;
  }

  private void collect(String prefix, List<Placed> into) {
    parts.forEach(p -> p.plan().collect(prefix + p.name() + "/", into));
    steps.stream().filter(s -> !s.off()).forEach(s -> into.add(new Placed(prefix + s.key(), s)));
  }

  /** The set welds of the plan and its parts, in the order they come. */
  public List<Placed> setWelds() {
    return allSteps().stream().filter(s -> s.step().operation() instanceof SetWeld).toList();
  }
}

package app.geminal.billet;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What shall be done: a stack, then steps in order.
 *
 * @param stack what is laid up
 * @param steps 0 to 200, keys all different
 */
public record Plan(Stack stack, List<Step> steps) {
  /** No bar survives more heats than this. */
  public static final int MOST_STEPS = 200;

  /** Checks both fields and copies the list. */
  public Plan {
    Require.present("stack", stack);
    steps = Require.list("steps", steps, 0, MOST_STEPS);
    Set<String> seen = new HashSet<>();
    for (int i = 0; i < steps.size(); i++) {
      if (!seen.add(steps.get(i).key())) {
        throw new BadValue("steps/" + i + "/key", "Two steps have the same key.");
      }
    }
  }

  /** A plan with keys s1, s2, …; for plans written in code and shorthand. */
  public static Plan of(Stack stack, List<? extends Operation> operations) {
    return new Plan(
        stack,
        IntStream.range(0, operations.size())
            .mapToObj(i -> new Step("s" + (i + 1), operations.get(i)))
            .toList());
  }

  /** The plan with one more step; {@code after} counts from 0 (the stack) up. */
  public Plan withStepAfter(int after, Operation operation) {
    List<Step> more = new ArrayList<>(steps);
    more.add(after, new Step(freeKey(), operation));
    return new Plan(stack, more);
  }

  /**
   * The same work with the keys of {@code earlier} kept for every step that is still there, so that
   * retyping the shorthand does not cut the Book's ties. Steps are matched from both ends; what is
   * left in the middle keeps keys in order where the kind of step is the same.
   */
  public Plan withKeysOf(Plan earlier) {
    List<Step> old = earlier.steps();
    int fore = 0;
    while (fore < Math.min(old.size(), steps.size()) && same(old.get(fore), steps.get(fore))) {
      fore++;
    }
    int aft = 0;
    while (aft < Math.min(old.size(), steps.size()) - fore
        && same(old.get(old.size() - 1 - aft), steps.get(steps.size() - 1 - aft))) {
      aft++;
    }
    Set<String> taken = old.stream().map(Step::key).collect(Collectors.toCollection(HashSet::new));
    List<Step> rekeyed = new ArrayList<>();
    int next = fore;
    for (int i = 0; i < steps.size(); i++) {
      Operation operation = steps.get(i).operation();
      boolean inMiddle = i >= fore && i < steps.size() - aft;
      int twin = i < fore ? i : i - steps.size() + old.size();
      if (inMiddle) {
        twin = nextOfKind(old.subList(0, old.size() - aft), next, operation);
        next = twin < 0 ? next : twin + 1;
      }
      String key = twin < 0 ? freeKey(taken) : old.get(twin).key();
      taken.add(key);
      rekeyed.add(new Step(key, operation));
    }
    return new Plan(stack, rekeyed);
  }

  /** Every designation the plan asks for, in the order of first use. */
  public List<String> steels() {
    List<Piece> pieces = new ArrayList<>(stack.pieces());
    steps.forEach(s -> {
      if (s.operation() instanceof Restack restack) {
        pieces.addAll(restack.between());
      }
    });
    return pieces.stream().map(Piece::steel).distinct().toList();
  }

  /** The steps that are set welds, in order. */
  public List<Step> setWelds() {
    return steps.stream().filter(s -> s.operation() instanceof SetWeld).toList();
  }

  private String freeKey() {
    return freeKey(steps.stream().map(Step::key).collect(Collectors.toSet()));
  }

  private static String freeKey(Set<String> taken) {
    int n = taken.size() + 1;
    while (taken.contains("s" + n)) {
      n++;
    }
    return "s" + n;
  }

  private static boolean same(Step a, Step b) {
    return a.operation().equals(b.operation());
  }

  private static int nextOfKind(List<Step> steps, int from, Operation operation) {
    for (int i = from; i < steps.size(); i++) {
      if (steps.get(i).operation().getClass() == operation.getClass()) {
        return i;
      }
    }
    return -1;
  }
}

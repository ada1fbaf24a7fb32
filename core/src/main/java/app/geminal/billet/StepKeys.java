package app.geminal.billet;

import app.geminal.operation.Operation;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Names steps so that a step keeps its name for as long as it exists. Package use only. */
final class StepKeys {
  private StepKeys() {}

  /** A key none of the steps has. */
  static String free(List<Step> steps) {
    return free(steps.stream().map(Step::key).collect(Collectors.toSet()));
  }

  private static String free(Set<String> taken) {
    int n = taken.size() + 1;
    while (taken.contains("s" + n)) {
      n++;
    }
    return "s" + n;
  }

  /**
   * New steps with the keys of old ones: matched from both ends; what is left in the middle keeps
   * keys in order where the kind of step is the same.
   */
  static List<Step> kept(List<Step> old, List<Step> steps) {
    int fore = 0;
    while (fore < Math.min(old.size(), steps.size()) && old.get(fore).sameWork(steps.get(fore))) {
      fore++;
    }
    int aft = 0;
    while (aft < Math.min(old.size(), steps.size()) - fore
        && old.get(old.size() - 1 - aft).sameWork(steps.get(steps.size() - 1 - aft))) {
      aft++;
    }
    Set<String> taken = old.stream().map(Step::key).collect(Collectors.toCollection(HashSet::new));
    List<Step> rekeyed = new ArrayList<>();
    int next = fore;
    for (int i = 0; i < steps.size(); i++) {
      boolean inMiddle = i >= fore && i < steps.size() - aft;
      int twin = i < fore ? i : i - steps.size() + old.size();
      if (inMiddle) {
        twin = nextOfKind(old.subList(0, old.size() - aft), next, steps.get(i).operation());
        next = twin < 0 ? next : twin + 1;
      }
      String key = twin < 0 ? free(taken) : old.get(twin).key();
      taken.add(key);
      rekeyed.add(steps.get(i).withKey(key));
    }
    return rekeyed;
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

package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.operation.SetWeld;
import app.geminal.pair.Member;
import app.geminal.pair.Pairing;
import app.geminal.pair.Question;
import app.geminal.pair.Reason;
import app.geminal.pair.Role;
import app.geminal.pair.Weight;
import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the pair of steels says about each weld: asked once for every new combination of steels and
 * school, as a mixed pattern for a blade, since a plan does not say yet which layer is the edge.
 */
final class PairChecks {
  private PairChecks() {}

  static List<Finding> of(Run run, Steels steels) {
    List<Finding> found = new ArrayList<>();
    Set<Object> asked = new HashSet<>();
    for (int i = 1; i < run.stages().size(); i++) {
      int stage = i;
      Stage before = run.stages().get(i - 1);
      Set<String> stacked = before.bars().layers().thicknessBySteel().keySet();
      boolean fits = stacked.size() >= 2 && stacked.size() <= Question.MOST;
      if (run.stages().get(i).step().orElseThrow().operation() instanceof SetWeld weld
          && fits
          && asked.add(List.of(stacked, weld.school()))) {
        Pairing.of(question(before, weld, steels)).reasons().stream()
            .map(r -> finding(stage, r))
            .forEach(found::add);
      }
    }
    return found;
  }

  private static Question question(Stage before, SetWeld weld, Steels steels) {
    List<Member> members =
        before.bars().layers().thicknessBySteel().entrySet().stream()
            .map(e -> new Member(steels.get(e.getKey()), Role.MIXED, e.getValue()))
            .toList();
    return new Question(members, weld.school(), true);
  }

  private static Finding finding(int stage, Reason r) {
    return new Finding(
        r.id(), strength(r), r.hazard(), stage, r.what(), r.why(), r.mend(), Optional.empty());
  }

  /** On a plan only what ruins the weld itself will fail; the rest is what the smith may intend. */
  private static Strength strength(Reason r) {
    return switch (r.id()) {
      case "no-weld-window", "zinc-or-lead" -> Strength.WILL_FAIL;
      case "oxide-will-not-lift", "copper-runs" ->
          r.weight() == Weight.STOP ? Strength.WILL_FAIL : Strength.AT_RISK;
      default -> r.weight() == Weight.NOTE ? Strength.WORTH_KNOWING : Strength.AT_RISK;
    };
  }
}

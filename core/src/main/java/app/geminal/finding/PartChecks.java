package app.geminal.finding;

import app.geminal.billet.Origin;
import app.geminal.billet.Part;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layup.PartBar;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Checks of bars that were set aside in another billet. */
final class PartChecks {
  private PartChecks() {}

  static List<Finding> of(Run run, ShopKnowledge known) {
    List<Finding> found = new ArrayList<>();
    for (Part part : run.plan().parts()) {
      Origin origin = part.origin();
      Run made = run.parts().get(part.name());
      Integer free = origin == null ? null : known.free().get(origin);
      if (origin != null && made != null && free != null) {
        int wanted = made.last().bars().count();
        if (wanted > free) {
          found.add(
              Finding.of(FindingKind.PIECE_USED_TWICE, Severity.ERROR, usedAt(run, part.name()))
                  .about(part.name())
                  .against(wanted, free)
                  .figures(
                      "part",
                      part.name(),
                      "wanted",
                      wanted,
                      "billet",
                      origin.billet(),
                      "free",
                      free)
                  .found());
        }
      }
    }
    return found;
  }

  private static int usedAt(Run run, String part) {
    for (int i = 1; i < run.stages().size(); i++) {
      Optional<Step> step = run.stages().get(i).step();
      boolean uses =
          step.map(s ->
                  s.operation().laid().values().stream()
                      .flatMap(List::stream)
                      .anyMatch(l -> l instanceof PartBar bar && bar.part().equals(part)))
              .orElse(false);
      if (uses) {
        return i;
      }
    }
    List<Stage> stages = run.stages();
    return stages.size() - 1;
  }
}

package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Runs every check on a worked-through plan. */
public final class Checks {
  private Checks() {}

  /** All findings, hazards first, then by strength, then down the Run. */
  public static List<Finding> of(Run run, Steels steels, Limits limits) {
    List<Finding> found = new ArrayList<>();
    for (int i = 0; i < run.stages().size(); i++) {
      Stage now = run.stages().get(i);
      found.addAll(LayerChecks.merging(run, i));
      found.addAll(LayerChecks.gone(run, i));
      if (i > 0) {
        Stage before = run.stages().get(i - 1);
        found.addAll(step(i, now.step().orElseThrow().operation(), before, now, steels, limits));
      }
    }
    found.addAll(LayerChecks.fineness(run, limits));
    found.addAll(PairChecks.of(run, steels));
    found.sort(
        Comparator.comparing((Finding f) -> !f.hazard())
            .thenComparing(Finding::strength)
            .thenComparingInt(Finding::stage));
    return List.copyOf(found);
  }

  private static List<Finding> step(
      int stage, Operation operation, Stage before, Stage now, Steels steels, Limits limits) {
    return switch (operation) {
      case SetWeld weld -> WeldChecks.of(stage, weld, before, steels, limits);
      case Cut _ -> {
        List<Finding> found = new ArrayList<>(WeldChecks.notSet(stage, "Cutting", before));
        found.addAll(SizeChecks.pieceLength(stage, now, limits));
        yield found;
      }
      case Draw _ -> WeldChecks.notSet(stage, "Drawing", before);
      case Fold _ -> WeldChecks.notSet(stage, "Folding", before);
      case Trim _, Grind _, Restack _ -> List.of();
    };
  }
}

package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.operation.Fold;
import app.geminal.operation.Lay;
import app.geminal.operation.Restack;
import app.geminal.units.Measure;
import java.util.List;
import java.util.Optional;

/** Checks of the layers: what merges, what is ground off, what is too fine to see. */
final class LayerChecks {
  /** 1/16 in: as thin as bright steel is commonly had. */
  private static final double SHEET_MM = 1.5875;

  private LayerChecks() {}

  static List<Finding> merging(Run run, int index) {
    Stage now = run.stages().get(index);
    if (index == 0 || now.merged() == 0) {
      return List.of();
    }
    boolean fold = now.step().map(s -> s.operation() instanceof Fold).orElse(false);
    boolean alike = alikeOnBothFaces(run, index);
    String mend =
        fold
            ? "A fold always does this. Cut and lay the same way up to avoid it."
            : alike
                ? "Turning bars over changes nothing here. One sheet of another steel in each joint keeps them apart."
                : "Lay all bars the same way up: then unlike faces meet.";
    Optional<Remedy> remedy =
        now.step()
            .map(Step::operation)
            .filter(o -> o instanceof Restack r && r.between().isEmpty())
            .flatMap(o ->
                alike
                    ? sheets((Restack) o, run.stages().get(index - 1).bars().layers())
                    : Optional.of(new Remedy("Lay the same way up", Restack.of(Lay.SAME))));
    return List.of(
        new Finding(
            "joints-merge",
            Strength.WORTH_KNOWING,
            false,
            index,
            "%d %s double line%s."
                .formatted(now.merged(), fold ? "new" : "thick", now.merged() == 1 ? "" : "s"),
            "At %d of %d joints two faces of one steel become one layer."
                .formatted(now.merged(), now.joints()),
            mend,
            remedy));
  }

  /** A sheet of the bar's other steel in every joint, where it has just one other. */
  private static Optional<Remedy> sheets(Restack restack, LayerSequence bar) {
    List<String> others =
        bar.thicknessBySteel().keySet().stream().filter(s -> !s.equals(bar.topSteel())).toList();
    return others.size() == 1
        ? Optional.of(
            new Remedy(
                "Add sheets of " + others.getFirst(),
                new Restack(restack.lay(), List.of(new Piece(others.getFirst(), SHEET_MM)))))
        : Optional.empty();
  }

  private static boolean alikeOnBothFaces(Run run, int index) {
    var bar = run.stages().get(index - 1).bars().layers();
    return bar.bottomSteel().equals(bar.topSteel());
  }

  static List<Finding> gone(Run run, int index) {
    Stage now = run.stages().get(index);
    if (now.gone() == 0) {
      return List.of();
    }
    return List.of(
        new Finding(
            "layers-lost-to-grinding",
            Strength.WORTH_KNOWING,
            false,
            index,
            "%d whole layer%s go%s here."
                .formatted(now.gone(), now.gone() == 1 ? "" : "s", now.gone() == 1 ? "es" : ""),
            "Scale and grinding in this step reach through the outside layers; each bar shows %,d after it."
                .formatted(now.visibleCount()),
            "Put thicker pieces outside, or take less off.",
            Optional.empty()));
  }

  static List<Finding> fineness(Run run, Limits limits) {
    Stage last = run.last();
    double mean = last.bars().heightMm() / last.visibleCount();
    boolean fine = mean < limits.finestLayerMm();
    boolean many = last.visibleCount() > limits.mostLayersSeen();
    if (!fine && !many) {
      return List.of();
    }
    return List.of(
        new Finding(
            "layers-too-fine",
            Strength.WORTH_KNOWING,
            false,
            run.stages().size() - 1,
            "The eye will read grey.",
            "%,d layers of %s on average; lines go grey under %s or past %,d."
                .formatted(
                    last.visibleCount(),
                    Measure.mm(mean),
                    Measure.mm(limits.finestLayerMm()),
                    limits.mostLayersSeen()),
            "Leave a restack out, or finish thicker.",
            Optional.empty()));
  }
}

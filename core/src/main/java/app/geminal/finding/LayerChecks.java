package app.geminal.finding;

import app.geminal.bar.Section;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.shop.Limits;
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
    Operation operation = now.step().map(Step::operation).orElseThrow();
    LayerSequence bar = run.stages().get(index - 1).bars().layers();
    boolean fold = operation instanceof Fold;
    // Turning bars over helps only where the faces that meet are of two steels in turn.
    boolean alike =
        bar.bottomSteel().equals(bar.topSteel()) || (now.gone() > 0 && now.meeting().size() == 1);
    String mend =
        fold
            ? "A fold always does this. Cut and lay the same way up to avoid it."
            : alike
                ? "Turning bars over changes nothing here. One sheet of another steel in each joint keeps them apart."
                : "Lay all bars the same way up: then unlike faces meet.";
    Optional<Remedy> remedy =
        operation instanceof Restack restack && restack.between().isEmpty()
            ? alike ? sheets(restack, bar, now) : sameWayUp(restack)
            : Optional.empty();
    return List.of(
        Finding.of("joints-merge", Strength.WORTH_KNOWING, index)
            .against((double) now.merged(), 0)
            .what(
                "%d %s double line%s.",
                now.merged(), fold ? "new" : "thick", now.merged() == 1 ? "" : "s")
            .why(
                "At %d of %d joints two faces of one steel become one layer.",
                now.merged(), Math.max(now.joints(), now.merged()))
            .remedy(remedy)
            .mend(mend));
  }

  private static Optional<Remedy> sameWayUp(Restack restack) {
    return Optional.of(
        new Remedy("Lay the same way up", new Remedy.Instead(restack.withTurns(Restack.ALL_SAME))));
  }

  /** A sheet of the bar's other steel in every joint, where it has just one other. */
  private static Optional<Remedy> sheets(Restack restack, LayerSequence bar, Stage laid) {
    List<String> others =
        bar.thicknessBySteel().keySet().stream().filter(s -> !laid.meeting().contains(s)).toList();
    return others.size() == 1
        ? Optional.of(
            new Remedy(
                "Add sheets of " + others.getFirst(),
                new Remedy.Instead(
                    restack.withBetween(List.of(new Piece(others.getFirst(), SHEET_MM))))))
        : Optional.empty();
  }

  static List<Finding> gone(Run run, int index) {
    Stage now = run.stages().get(index);
    if (now.gone() == 0) {
      return List.of();
    }
    boolean one = now.gone() == 1;
    return List.of(
        Finding.of("layers-lost-to-grinding", Strength.WORTH_KNOWING, index)
            .against((double) now.gone(), 0)
            .what("%d whole layer%s go%s here.", now.gone(), one ? "" : "s", one ? "es" : "")
            .why(
                "Scale and grinding in this step reach through the outside layers; each bar shows %,d after it.",
                now.visibleCount())
            .mend("Put thicker pieces outside, or take less off."));
  }

  static List<Finding> fineness(Run run, Limits limits) {
    Stage last = run.last();
    Section section = last.bars().section();
    double across = section.isCountedAcross() ? section.widthMm() : section.heightMm();
    double mean = across / last.visibleCount();
    boolean fine = mean < limits.finestLayerMm();
    boolean many = last.visibleCount() > limits.mostLayersSeen();
    if (!fine && !many) {
      return List.of();
    }
    return List.of(
        Finding.of("layers-too-fine", Strength.WORTH_KNOWING, run.stages().size() - 1)
            .against(
                fine ? mean : (double) last.visibleCount(),
                fine ? limits.finestLayerMm() : limits.mostLayersSeen())
            .what("The eye will read grey.")
            .why(
                "%,d layers of %s on average; lines go grey under %s or past %,d.",
                last.visibleCount(),
                Measure.mm(mean),
                Measure.mm(limits.finestLayerMm()),
                limits.mostLayersSeen())
            .mend("Leave a restack out, or finish thicker."));
  }
}

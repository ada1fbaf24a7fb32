package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layup.Piece;
import app.geminal.operation.Bench;
import app.geminal.operation.Blade;
import app.geminal.operation.Done;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.pattern.BandWidth;
import app.geminal.shop.Limits;
import app.geminal.shop.Practice;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Checks of the layers: what merges, what is ground off, what is too fine to see. */
final class LayerChecks {
  /** 1/16 in: as thin as bright steel is commonly had. */
  private static final double SHEET_MM = 1.5875;

  private static final String SAME_WAY_UP = "Lay the same way up";

  private static final double LEAST_DEG = 0.01;

  private LayerChecks() {}

  static List<Finding> merging(Run run, int index, Practice practice) {
    Stage now = run.stages().get(index);
    if (index == 0 || now.merged() == 0) {
      return List.of();
    }
    Operation operation = now.step().map(Step::operation).orElseThrow();
    boolean fold = operation instanceof Fold;
    Optional<Remedy> remedy =
        operation instanceof Restack restack && restack.between().isEmpty()
            ? Stream.of(sameWayUp(restack), sheets(restack, run.stages().get(index - 1), now))
                .flatMap(Optional::stream)
                .filter(r -> keepsApart(run.stages().get(index - 1), r, practice))
                .findFirst()
            : Optional.empty();
    String mend =
        fold
            ? "A fold always does this. Cut and lay the same way up to avoid it."
            : remedy
                .map(Remedy::label)
                .filter(SAME_WAY_UP::equals)
                .map(_ -> "Lay all bars the same way up: then unlike faces meet.")
                .orElse("One sheet of another steel in each joint keeps like faces apart.");
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
    return restack.turns().equals(Restack.ALL_SAME)
        ? Optional.empty()
        : Optional.of(
            new Remedy(SAME_WAY_UP, new Remedy.Instead(restack.withTurns(Restack.ALL_SAME))));
  }

  /** A sheet of the bar's other steel in every joint, where it has just one other. */
  private static Optional<Remedy> sheets(Restack restack, Stage before, Stage laid) {
    List<String> others =
        before.bars().layers().thicknessBySteel().keySet().stream()
            .filter(s -> !laid.meeting().contains(s))
            .toList();
    return others.size() == 1
        ? Optional.of(
            new Remedy(
                "Add sheets of " + others.getFirst(),
                new Remedy.Instead(
                    restack.withBetween(List.of(new Piece(others.getFirst(), SHEET_MM))))))
        : Optional.empty();
  }

  /**
   * Whether nothing merges any more. Tried and not guessed: which faces meet depends on what is
   * ground off them. Neither remedy lays a part, so that the bars at hand are all it takes.
   */
  private static boolean keepsApart(Stage before, Remedy remedy, Practice practice) {
    return remedy.edit() instanceof Remedy.Instead instead
        && instead.operation().applyTo(before.bars(), Bench.of(practice)) instanceof Done done
        && done.layers() instanceof Done.Layers.Joined joined
        && joined.before() <= done.bars().visibleCount();
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

  /** Judged where the plan ends: on the bevel of a blade, else on the end of the bar. */
  static List<Finding> fineness(Run run, Limits limits) {
    Stage last = run.last();
    double mean = last.bars().layers().thicknessMm() / last.visibleCount();
    return last.step().map(Step::operation).orElse(null) instanceof Blade blade
        ? onBevel(run, blade, mean, limits)
        : onEnd(run, mean, limits);
  }

  /**
   * A bevel cuts flat layers at a shallow angle and shows them wider; those on edge as they are.
   */
  private static List<Finding> onBevel(Run run, Blade blade, double meanMm, Limits limits) {
    Stage last = run.last();
    boolean across = last.bars().section().isCountedAcross();
    double degrees = Math.max(LEAST_DEG, blade.bevelDeg());
    double shown = across ? meanMm : BandWidth.mm(meanMm, degrees);
    if (shown >= limits.finestLayerMm()) {
      return List.of();
    }
    return List.of(
        tooFine(run, shown, limits.finestLayerMm())
            .why(
                across
                    ? Text.of(
                        "%,d layers stand on edge and show %s wide on the bevel; lines go grey under %s.",
                        last.visibleCount(), Measure.mm(shown), Measure.mm(limits.finestLayerMm()))
                    : Text.of(
                        "%,d layers of %s on average show %s wide on a bevel of %.1f°; lines go grey under %s.",
                        last.visibleCount(),
                        Measure.mm(meanMm),
                        Measure.mm(shown),
                        degrees,
                        Measure.mm(limits.finestLayerMm())))
            .mend("Leave a restack out, or a lower and flatter bevel."));
  }

  private static List<Finding> onEnd(Run run, double meanMm, Limits limits) {
    Stage last = run.last();
    boolean fine = meanMm < limits.finestLayerMm();
    boolean many = last.visibleCount() > limits.mostLayersSeen();
    if (!fine && !many) {
      return List.of();
    }
    return List.of(
        tooFine(
                run,
                fine ? meanMm : (double) last.visibleCount(),
                fine ? limits.finestLayerMm() : limits.mostLayersSeen())
            .why(
                "%,d layers of %s on average; on the end of the bar lines go grey under %s or past %,d. A bevel shows them wider: add the blade to the plan to judge it.",
                last.visibleCount(),
                Measure.mm(meanMm),
                Measure.mm(limits.finestLayerMm()),
                limits.mostLayersSeen())
            .mend("Leave a restack out, or finish thicker."));
  }

  private static Finding.Builder tooFine(Run run, double actual, double limit) {
    return Finding.of("layers-too-fine", Strength.WORTH_KNOWING, run.stages().size() - 1)
        .against(actual, limit)
        .what("The eye will read grey.");
  }
}

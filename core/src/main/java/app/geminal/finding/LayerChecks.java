package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layup.Piece;
import app.geminal.operation.Blade;
import app.geminal.operation.Done;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationContext;
import app.geminal.operation.Restack;
import app.geminal.pattern.BandWidth;
import app.geminal.shop.Limits;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Checks of the layers: what merges, what is ground off, what is too fine to see. */
final class LayerChecks {
  /** 1/16 in: as thin as bright steel is commonly had. */
  private static final double SHEET_MM = 1.5875;

  private static final double LEAST_DEG = 0.01;

  private LayerChecks() {}

  static List<Finding> merging(Run run, int index, ShopDefaults defaults) {
    Stage now = run.stages().get(index);
    if (index == 0 || now.merged() == 0) {
      return List.of();
    }
    Operation operation = now.step().map(Step::operation).orElseThrow();
    Optional<Remedy> remedy =
        operation instanceof Restack restack && restack.between().isEmpty()
            ? Stream.of(sameWayUp(restack), sheets(restack, run.stages().get(index - 1), now))
                .flatMap(Optional::stream)
                .filter(r -> keepsApart(run.stages().get(index - 1), r, defaults))
                .findFirst()
            : Optional.empty();
    return List.of(
        Finding.of(FindingKind.JOINTS_MERGE, Severity.NOTE, index)
            .against((double) now.merged(), 0)
            .figures(
                "merged", now.merged(),
                "joints", Math.max(now.joints(), now.merged()),
                "how", how(operation, remedy))
            .figures(remedy.map(LayerChecks::sheet).orElse(Map.of()))
            .remedy(remedy)
            .found());
  }

  /** Why they merge, or what keeps them apart. */
  private enum How {
    FOLD,
    TURN,
    SHEET
  }

  private static How how(Operation operation, Optional<Remedy> remedy) {
    if (operation instanceof Fold) {
      return How.FOLD;
    }
    return remedy.filter(r -> sheet(r).isEmpty()).isPresent() ? How.TURN : How.SHEET;
  }

  /** Steel of the sheets that a remedy lays between, where it does. */
  private static Map<String, Object> sheet(Remedy remedy) {
    return remedy instanceof Remedy.Instead instead
            && instead.operation() instanceof Restack restack
            && !restack.between().isEmpty()
            && restack.between().getFirst() instanceof Piece sheet
        ? Map.of("steel", sheet.steel())
        : Map.of();
  }

  private static Optional<Remedy> sameWayUp(Restack restack) {
    return restack.turns().equals(Restack.ALL_SAME)
        ? Optional.empty()
        : Optional.of(new Remedy.Instead(restack.withTurns(Restack.ALL_SAME)));
  }

  /** A sheet of the bar's other steel in every joint, where it has just one other. */
  private static Optional<Remedy> sheets(Restack restack, Stage before, Stage laid) {
    List<String> others =
        before.bars().layers().thicknessBySteel().keySet().stream()
            .filter(s -> !laid.meeting().contains(s))
            .toList();
    return others.size() == 1
        ? Optional.of(
            new Remedy.Instead(
                restack.withBetween(List.of(new Piece(others.getFirst(), SHEET_MM)))))
        : Optional.empty();
  }

  /**
   * Whether nothing merges any more. Tried and not guessed: which faces meet depends on what is
   * ground off them. Neither remedy lays a part, so that the bars at hand are all it takes.
   */
  private static boolean keepsApart(Stage before, Remedy remedy, ShopDefaults defaults) {
    return remedy instanceof Remedy.Instead instead
        && instead.operation().applyTo(before.bars(), OperationContext.of(defaults))
            instanceof Done done
        && done.layers() instanceof Done.Layers.Joined joined
        && joined.before() <= done.bars().visibleCount();
  }

  static List<Finding> gone(Run run, int index) {
    Stage now = run.stages().get(index);
    if (now.gone() == 0) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.LAYERS_LOST, Severity.NOTE, index)
            .against((double) now.gone(), 0)
            .figures("lost", now.gone(), "left", now.visibleCount())
            .found());
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
        tooFine(run, FindingKind.LAYERS_FINE_ON_BEVEL, shown, limits.finestLayerMm())
            .figures(
                "across", across,
                "layers", last.visibleCount(),
                "mean", Quantity.mm(meanMm),
                "shown", Quantity.mm(shown),
                "bevel", Quantity.angle(degrees),
                "limit", Quantity.mm(limits.finestLayerMm()))
            .found());
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
                FindingKind.LAYERS_FINE_ON_END,
                fine ? meanMm : (double) last.visibleCount(),
                fine ? limits.finestLayerMm() : limits.mostLayersSeen())
            .figures(
                "layers", last.visibleCount(),
                "mean", Quantity.mm(meanMm),
                "limit", Quantity.mm(limits.finestLayerMm()),
                "most", limits.mostLayersSeen())
            .found());
  }

  private static Finding.Builder tooFine(Run run, FindingKind kind, double actual, double limit) {
    return Finding.of(kind, Severity.NOTE, run.stages().size() - 1).against(actual, limit);
  }
}

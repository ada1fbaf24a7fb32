package app.geminal.billet;

import app.geminal.bar.Bars;
import app.geminal.layup.PartBar;
import app.geminal.layup.Stack;
import app.geminal.operation.SetAside;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Bars that leave a Run for another billet.
 *
 * @param stepKey path of the step that sets them aside
 * @param bars what left
 * @param source the plan they left, down to the step that set them aside
 * @param before what lay on the bench before that step
 */
public record LeavingBars(String stepKey, Bars bars, Plan source, Bars before) {

  /** Everything a Run sets aside, its parts first. */
  public static List<LeavingBars> of(Run run) {
    List<LeavingBars> leaving = new ArrayList<>();
    collect(run, "", leaving);
    return leaving;
  }

  private static void collect(Run run, String prefix, List<LeavingBars> into) {
    for (Part part : run.plan().parts()) {
      // What a picked bar's history set aside waits where the bar came from, not here.
      Run made = run.parts().get(part.name());
      if (part.origin() == null && made != null) {
        collect(made, prefix + part.name() + "/", into);
      }
    }
    for (int i = 1; i < run.stages().size(); i++) {
      Stage stage = run.stages().get(i);
      Step step = stage.step().orElseThrow();
      Bars before = run.stages().get(i - 1).bars();
      Plan source = down(run.plan(), i);
      stage
          .aside()
          .ifPresent(bars -> into.add(new LeavingBars(prefix + step.key(), bars, source, before)));
    }
  }

  /** The plan's first steps, and only the parts they use. */
  private static Plan down(Plan plan, int steps) {
    List<Step> done = plan.steps().subList(0, steps);
    Set<String> used =
        done.stream()
            .flatMap(s -> s.operation().laid().values().stream())
            .flatMap(List::stream)
            .filter(PartBar.class::isInstance)
            .map(l -> ((PartBar) l).part())
            .collect(Collectors.toSet());
    return plan.withSteps(done)
        .withParts(plan.parts().stream().filter(p -> used.contains(p.name())).toList())
        .withWanted(List.of());
  }

  /**
   * The history of so many of the bars as a plan of its own: the same work, and in its last step
   * everything else is what leaves.
   */
  public Plan history(int count) {
    Require.count("count", count, 1, bars.count());
    Step last = source.steps().getLast();
    SetAside set = (SetAside) last.operation();
    List<Step> steps = new ArrayList<>(source.steps());
    steps.removeLast();
    if (!set.which().isEmpty()) {
      others(last.key(), set.which().subList(0, count), steps);
    } else if (set.pieces() > 0) {
      others(before.count() - count, last.key(), steps);
    } else {
      double rest = before.lengthMm() - set.lengthMm() - set.kerfMm();
      steps.add(
          Step.of(last.key(), SetAside.length(Math.min(Stack.LONGEST_MM, rest), set.kerfMm())));
      others(before.count() - count, StepKeys.free(source.steps()), steps);
    }
    return source.withSteps(steps);
  }

  private void others(String key, List<Integer> kept, List<Step> steps) {
    List<Integer> others =
        IntStream.rangeClosed(1, before.count()).filter(n -> !kept.contains(n)).boxed().toList();
    if (!others.isEmpty()) {
      steps.add(Step.of(key, SetAside.these(others)));
    }
  }

  private static void others(int count, String key, List<Step> steps) {
    if (count > 0) {
      steps.add(Step.of(key, SetAside.bars(count)));
    }
  }
}

package app.geminal.billet;

import app.geminal.operation.SetWeld;
import app.geminal.weld.MadeWeld;
import app.geminal.weld.WeldOutcome;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * How far a billet has come, from its plan and the welds in the Book. Of several welds logged for
 * one step the latest counts: an open joint that was cleaned and welded again is held.
 *
 * @param weldsMade set welds of the plan that have been made and not found open
 * @param weldsPlanned set welds in the plan
 * @param nextWeld index into the plan's steps of the first set weld still to make, empty when none
 * @param flaw index into the plan's steps of the first set weld found open or suspect
 * @param flawKind what was found there
 */
public record Standing(
    int weldsMade,
    int weldsPlanned,
    Optional<Integer> nextWeld,
    Optional<Integer> flaw,
    Optional<WeldOutcome> flawKind) {

  /** Where the billet stands; {@code welds} may come in any order. */
  public static Standing of(Plan plan, List<MadeWeld> welds) {
    Map<String, WeldOutcome> latest =
        welds.stream()
            .collect(
                Collectors.toMap(
                    MadeWeld::stepKey,
                    w -> w,
                    BinaryOperator.maxBy(Comparator.comparing(MadeWeld::madeAt))))
            .entrySet()
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().outcome()));
    List<Integer> planned =
        IntStream.range(0, plan.steps().size())
            .filter(i -> plan.steps().get(i).operation() instanceof SetWeld)
            .boxed()
            .toList();
    Optional<Integer> flaw =
        planned.stream()
            .filter(i ->
                latest.getOrDefault(plan.steps().get(i).key(), WeldOutcome.HELD)
                    != WeldOutcome.HELD)
            .findFirst();
    return new Standing(
        (int)
            planned.stream()
                .filter(i -> {
                  WeldOutcome found = latest.get(plan.steps().get(i).key());
                  return found != null && found != WeldOutcome.OPEN;
                })
                .count(),
        planned.size(),
        planned.stream().filter(i -> !latest.containsKey(plan.steps().get(i).key())).findFirst(),
        flaw,
        flaw.map(i -> latest.get(plan.steps().get(i).key())));
  }
}

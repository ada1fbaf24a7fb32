package app.geminal.billet;

import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;

/**
 * How far a billet has come, from its plan and the welds in the Book. Of several welds logged for
 * one step the latest counts: an open joint that was cleaned and welded again is held.
 *
 * @param weldsMade set welds of the plan and its parts that have been made and not found open
 * @param weldsPlanned set welds in the plan and its parts
 * @param nextWeld path of the first set weld still to make, empty when none
 * @param flaw path of the first set weld found open or suspect
 * @param flawKind what was found there
 */
public record BilletProgress(
    int weldsMade,
    int weldsPlanned,
    Optional<String> nextWeld,
    Optional<String> flaw,
    Optional<WeldOutcome> flawKind) {

  /** Where the billet is; {@code welds} may come in any order. */
  public static BilletProgress of(Plan plan, List<WeldRecord> welds) {
    Map<String, WeldOutcome> latest =
        welds.stream()
            .collect(
                Collectors.toMap(
                    WeldRecord::stepKey,
                    w -> w,
                    BinaryOperator.maxBy(Comparator.comparing(WeldRecord::madeAt))))
            .entrySet()
            .stream()
            .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().outcome()));
    List<String> planned = plan.setWelds().stream().map(Plan.Placed::path).toList();
    Optional<String> flaw =
        planned.stream()
            .filter(path -> latest.getOrDefault(path, WeldOutcome.HELD) != WeldOutcome.HELD)
            .findFirst();
    return new BilletProgress(
        (int)
            planned.stream()
                .filter(path -> {
                  WeldOutcome found = latest.get(path);
                  return found != null && found != WeldOutcome.OPEN;
                })
                .count(),
        planned.size(),
        planned.stream().filter(path -> !latest.containsKey(path)).findFirst(),
        flaw,
        flaw.map(latest::get));
  }
}

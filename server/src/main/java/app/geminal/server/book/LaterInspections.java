package app.geminal.server.book;

import app.geminal.evidence.WeldObservation;
import app.geminal.flaw.Inspection;
import app.geminal.weld.WeldOutcome;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What later looks say of welds: the newest look at the same step of the same billet, before the
 * step was welded once more, says what became of a weld.
 */
final class LaterInspections {
  private final Map<At, List<Inspection>> looks;
  private final Map<At, TreeSet<Instant>> made;

  /** A step of a billet. */
  private record At(long billetId, String stepKey) {}

  /** A look at a billet. */
  record Look(long billetId, Inspection inspection) {}

  private LaterInspections(List<WeldView> welds, List<Look> looks) {
    this.looks =
        looks.stream()
            .collect(
                Collectors.groupingBy(
                    l -> new At(l.billetId(), l.inspection().stepKey()),
                    Collectors.mapping(Look::inspection, Collectors.toList())));
    this.made =
        welds.stream()
            .collect(
                Collectors.groupingBy(
                    LaterInspections::at,
                    Collectors.mapping(WeldView::madeAt, Collectors.toCollection(TreeSet::new))));
  }

  /** The welds with what was found of them. */
  static List<WeldView> judged(List<WeldView> welds, List<Look> looks) {
    LaterInspections at = new LaterInspections(welds, looks);
    return welds.stream().map(w -> at.look(w).map(l -> w.found(l.outcome())).orElse(w)).toList();
  }

  /** The welds as the evidence reads them. */
  static List<WeldObservation> past(List<WeldView> welds, List<Look> looks) {
    LaterInspections at = new LaterInspections(welds, looks);
    return welds.stream()
        .map(w -> {
          Optional<Inspection> look = at.look(w);
          return new WeldObservation(
              w.steels(),
              w.protection(),
              w.temperatureC(),
              w.how(),
              w.madeBy(),
              look.map(Inspection::outcome).orElse(w.outcome()),
              look.map(l -> joints(l, w.how().joints())).orElse(List.of()));
        })
        .toList();
  }

  private static List<WeldOutcome> joints(Inspection look, int joints) {
    boolean placed = look.flaws().stream().allMatch(f -> f.joint() != null);
    return placed ? IntStream.rangeClosed(1, joints).mapToObj(look::ofJoint).toList() : List.of();
  }

  private static At at(WeldView weld) {
    return new At(weld.billetId(), weld.stepKey());
  }

  private Optional<Inspection> look(WeldView weld) {
    List<Inspection> here = looks.getOrDefault(at(weld), List.of());
    if (here.isEmpty()) {
      return Optional.empty();
    }
    Instant next = made.getOrDefault(at(weld), new TreeSet<>()).higher(weld.madeAt());
    return here.stream()
        .filter(l -> !l.at().isBefore(weld.madeAt()) && (next == null || l.at().isBefore(next)))
        .max(Comparator.comparing(Inspection::at));
  }
}

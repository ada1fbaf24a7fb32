package app.geminal.server.book;

import app.geminal.evidence.Past;
import app.geminal.flaw.Looked;
import app.geminal.weld.WeldOutcome;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What later looks say of welds: the newest look at the same step of the same billet, before the
 * step was welded once more, tells what became of a weld.
 */
final class LookedAt {
  private LookedAt() {}

  /** The welds with what was found of them. */
  static List<WeldView> judged(List<WeldView> welds, List<EntryView> entries) {
    return welds.stream()
        .map(w -> look(w, welds, entries).map(l -> w.found(l.outcome())).orElse(w))
        .toList();
  }

  /** The welds as the evidence reads them. */
  static List<Past> past(
      List<WeldView> welds, List<EntryView> entries, Map<Long, Set<String>> steels) {
    return welds.stream()
        .map(w -> {
          Optional<Looked> look = look(w, welds, entries);
          return new Past(
              steels.getOrDefault(w.id(), Set.of()),
              w.school(),
              w.temperatureC(),
              w.how(),
              w.madeBy(),
              look.map(Looked::outcome).orElse(w.outcome()),
              look.map(l -> joints(l, w.how().joints())).orElse(List.of()));
        })
        .toList();
  }

  private static List<WeldOutcome> joints(Looked look, int joints) {
    boolean placed = look.flaws().stream().allMatch(f -> f.joint() != null);
    return placed ? IntStream.rangeClosed(1, joints).mapToObj(look::ofJoint).toList() : List.of();
  }

  private static Optional<Looked> look(
      WeldView weld, List<WeldView> welds, List<EntryView> entries) {
    Optional<WeldView> next =
        welds.stream()
            .filter(w -> isSameStep(w, weld) && w.madeAt().isAfter(weld.madeAt()))
            .min(Comparator.comparing(WeldView::madeAt));
    return entries.stream()
        .filter(e ->
            e.billetId() == weld.billetId()
                && weld.stepKey().equals(e.stepKey())
                && !e.at().isBefore(weld.madeAt())
                && next.map(n -> e.at().isBefore(n.madeAt())).orElse(true))
        .filter(e -> e.kind() == Written.Kind.LOOKED)
        .max(Comparator.comparing(EntryView::at))
        .map(e -> Objects.requireNonNull(e.says().looked()));
  }

  private static boolean isSameStep(WeldView one, WeldView other) {
    return one.billetId() == other.billetId() && one.stepKey().equals(other.stepKey());
  }
}

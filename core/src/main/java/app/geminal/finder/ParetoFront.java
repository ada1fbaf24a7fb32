package app.geminal.finder;

import app.geminal.schedule.Cost;
import app.geminal.schedule.Criterion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;

/** Candidates none of which is beaten by another in everything; ties stay. Not for threads. */
final class ParetoFront implements Shortlist {
  /** No one reads more; a question as wide as a million layers has tens of thousands. */
  static final int MOST_SHOWN = 600;

  private final List<Candidate> kept = new ArrayList<>();

  @Override
  public void offer(Cost cost, Supplier<Candidate> candidate) {
    if (!isBeaten(cost)) {
      Candidate made = candidate.get();
      if (kept.stream().anyMatch(k -> k.cost().equals(cost) && k.isSameAs(made))) {
        return;
      }
      kept.removeIf(k -> cost.dominates(k.cost()));
      kept.add(made);
    }
  }

  private boolean isBeaten(Cost cost) {
    for (int i = 0; i < kept.size(); i++) {
      if (kept.get(i).cost().dominates(cost)) {
        // What beats one beats its neighbours in the search too: ask it first the next time.
        Collections.swap(kept, i, i / 2);
        return true;
      }
    }
    return false;
  }

  void addAll(ParetoFront that) {
    that.kept.forEach(c -> offer(c.cost(), () -> c));
  }

  /** How many there are. */
  int size() {
    return kept.size();
  }

  /**
   * In the order of {@link Candidate#ORDER}; where there are more than {@value #MOST_SHOWN}, the
   * best by each criterion.
   */
  List<Candidate> shown() {
    if (kept.size() <= MOST_SHOWN) {
      return kept.stream().sorted(Candidate.ORDER).toList();
    }
    int each = MOST_SHOWN / Criterion.values().length;
    return Arrays.stream(Criterion.values())
        .flatMap(by ->
            kept.stream()
                .sorted(
                    Comparator.<Candidate>comparingLong(c -> c.cost().at(by))
                        .thenComparing(Candidate.ORDER))
                .limit(each))
        .distinct()
        .sorted(Candidate.ORDER)
        .toList();
  }
}

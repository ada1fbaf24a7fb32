package app.geminal.schedule;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Supplier;

/** Candidates none of which is beaten by another in everything; ties stay. Not for threads. */
final class Front implements Shortlist {
  private final List<Candidate> kept = new ArrayList<>();

  @Override
  public void offer(Cost cost, Supplier<Candidate> candidate) {
    if (!isBeaten(cost)) {
      kept.removeIf(k -> cost.dominates(k.cost()));
      kept.add(candidate.get());
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

  void addAll(Front that) {
    that.kept.forEach(c -> offer(c.cost(), () -> c));
  }

  /** In the order of {@link Candidate#ORDER}. */
  List<Candidate> sorted() {
    return kept.stream().sorted(Candidate.ORDER).toList();
  }
}

package app.geminal.finder;

import app.geminal.schedule.Census;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.Limit;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Counts what is ruled out, and remembers what only just was. Not for threads. */
final class ExclusionTally {
  private static final Limit[] LIMITS = Limit.values();

  private long calculated;
  private long reaching;
  private long keeping;
  private long tooThin;
  private final Map<Limit, Count> out = new EnumMap<>(Limit.class);

  /** The one that breaks fewest limits, and those least. */
  private @Nullable LimitFigures closest;

  private int closestBroken = Integer.MAX_VALUE;
  private double closestExcess = Double.POSITIVE_INFINITY;

  /** How often a limit was broken, how often alone, and what came nearest then. */
  private static final class Count {
    private long times;
    private long alone;
    private double nearest;

    private Count(Limit limit) {
      nearest = limit.farthest();
    }
  }

  ExclusionTally() {
    for (Limit limit : LIMITS) {
      out.put(limit, new Count(limit));
    }
  }

  private Count of(Limit limit) {
    return Objects.requireNonNull(out.get(limit));
  }

  void calculated() {
    calculated++;
  }

  void tooThin() {
    reaching++;
    tooThin++;
  }

  void keeping() {
    reaching++;
    keeping++;
  }

  /** A schedule that reaches the count and is left, with all that would follow on it. */
  void tooCoarse(double percent) {
    Count count = of(Limit.COARSE);
    count.times++;
    count.nearest = Limit.COARSE.nearer(count.nearest, percent);
  }

  /** A schedule that breaks at least one limit. */
  void ruledOut(LimitFigures reached, FinderQuestion question) {
    reaching++;
    int broken = 0;
    Limit last = LIMITS[0];
    for (Limit limit : LIMITS) {
      if (reached.breaks(limit, question)) {
        broken++;
        last = limit;
        of(limit).times++;
      }
    }
    if (broken == 1) {
      Count count = of(last);
      count.alone++;
      count.nearest = last.nearer(count.nearest, reached.at(last));
    }
    if (broken <= closestBroken) {
      double excess = 0;
      for (Limit limit : LIMITS) {
        excess += Math.max(0, reached.excess(limit, question));
      }
      closer(broken, excess, reached);
    }
  }

  private void closer(int broken, double excess, @Nullable LimitFigures reached) {
    if (broken < closestBroken || (broken == closestBroken && excess < closestExcess)) {
      closestBroken = broken;
      closestExcess = excess;
      closest = reached;
    }
  }

  void add(ExclusionTally that) {
    calculated += that.calculated;
    reaching += that.reaching;
    keeping += that.keeping;
    tooThin += that.tooThin;
    for (Limit limit : LIMITS) {
      Count count = of(limit);
      Count more = that.of(limit);
      count.times += more.times;
      count.alone += more.alone;
      count.nearest = limit.nearer(count.nearest, more.nearest);
    }
    closer(that.closestBroken, that.closestExcess, that.closest);
  }

  long reaching() {
    return reaching;
  }

  Census census() {
    List<Census.RuledOut> most =
        out.entrySet().stream()
            .filter(e -> e.getValue().times > 0)
            .map(e -> {
              Count count = e.getValue();
              return new Census.RuledOut(e.getKey(), count.times, count.alone, count.nearest);
            })
            .sorted(Comparator.comparingLong(Census.RuledOut::count).reversed())
            .toList();
    return new Census(calculated, reaching, keeping, tooThin, most);
  }

  /** What the closest of those ruled out has of each limit it breaks; empty when none was. */
  Map<Limit, Double> closest(FinderQuestion question) {
    Map<Limit, Double> broken = new EnumMap<>(Limit.class);
    LimitFigures there = closest;
    if (there != null) {
      for (Limit limit : LIMITS) {
        if (there.breaks(limit, question)) {
          broken.put(limit, there.at(limit));
        }
      }
    }
    return broken;
  }
}

package app.geminal.rotation;

import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A day's order of work for two or three billets, one forge, one press and one person.
 *
 * <p>Each billet wants so many heats one after the other, and after each some minutes of press and
 * person. A bar returns into the fire at once unless there is no place, or it would lie there ready
 * for longer than its limit; then it waits beside the forge and wants part of a cold soak again.
 * The search passes over all interleavings of what the press does, keeping the {@value #KEPT} best
 * ways to every state; exact for the usual two or three heats each, and never worse than one billet
 * after the other, which is one of them.
 *
 * <p>Best is, in this order: no prepared stack without its first weld when the day ends; no minute
 * over a soak limit; the earliest end; the least idle press. Times in minutes of the day.
 */
public final class Rotation {
  private static final int KEPT = 12;
  private static final double WAITING_COOLS_MIN = 10;
  private static final double SLACK = 1e-6;

  private Rotation() {}

  /**
   * One heat of a billet.
   *
   * @param title what it is
   * @param soakMin to an even core, going straight back into the fire
   * @param coldMin to an even core from cold
   * @param pressMin press and person afterwards
   * @param limitMin it may lie ready in the fire
   */
  public record Heat(
      String title, double soakMin, double coldMin, double pressMin, double limitMin) {
    /** Checks every field. */
    public Heat {
      Require.minutes("soakMin", soakMin, 0, 600);
      Require.minutes("coldMin", coldMin, 0, 600);
      Require.minutes("pressMin", pressMin, 0, 240);
      Require.minutes("limitMin", limitMin, 0, 600);
    }
  }

  /**
   * A billet's work.
   *
   * @param name which
   * @param heats 1 to 40, those still to do
   * @param firstWeld how many of the heats its first weld takes; 0 for a stack that has had it
   * @param inFireSince when it went into the fire, for one that is there now; negative otherwise
   */
  public record Job(String name, List<Heat> heats, int firstWeld, double inFireSince) {
    /** Checks every field. */
    public Job {
      heats = Require.list("heats", heats, 0, 40);
      Require.count("firstWeld", firstWeld, 0, heats.size());
    }
  }

  /**
   * One heat in its place in the day.
   *
   * @param job index of the billet
   * @param heat index of its heat
   * @param inMin into the fire
   * @param readyMin even
   * @param pressMin to the press
   * @param doneMin off the press
   */
  public record Turn(
      int job, int heat, double inMin, double readyMin, double pressMin, double doneMin) {}

  /**
   * The day.
   *
   * @param turns in the order the press takes them
   * @param endsMin when the last is done
   * @param overMin minutes that billets lie ready past their limits
   * @param late names of prepared stacks without their first weld when the day ends
   * @param pressIdleMin minutes the press is idle between its first and last use
   */
  public record Day(
      List<Turn> turns, double endsMin, double overMin, List<String> late, double pressIdleMin) {
    /** Copies the lists. */
    public Day {
      turns = List.copyOf(turns);
      late = List.copyOf(late);
    }
  }

  /**
   * The best order from now on.
   *
   * @param jobs 1 to 4
   * @param places in the forge at once, 1 to 4
   * @param nowMin minute of the day
   * @param endMin when the day ends
   */
  public static Day of(List<Job> jobs, int places, double nowMin, double endMin) {
    Require.list("jobs", jobs, 1, 4);
    Require.count("places", places, 1, 4);
    Map<List<Integer>, List<Order>> states = new HashMap<>();
    states.put(jobs.stream().map(j -> 0).toList(), List.of(Order.start(jobs.size(), nowMin)));
    int all = jobs.stream().mapToInt(j -> j.heats().size()).sum();
    for (int done = 0; done < all; done++) {
      Map<List<Integer>, List<Order>> further = new HashMap<>();
      states.forEach((counts, ways) -> {
        for (int job = 0; job < jobs.size(); job++) {
          if (counts.get(job) < jobs.get(job).heats().size()) {
            List<Integer> then = new ArrayList<>(counts);
            then.set(job, counts.get(job) + 1);
            List<Order> into = further.computeIfAbsent(List.copyOf(then), k -> new ArrayList<>());
            for (Order way : ways) {
              into.add(way.with(jobs, job, counts.get(job), places, nowMin, endMin));
            }
          }
        }
      });
      further.replaceAll((k, ways) -> ways.stream().sorted(Order.BEST_FIRST).limit(KEPT).toList());
      states = further;
    }
    Order best = states.values().stream().flatMap(List::stream).min(Order.BEST_FIRST).orElseThrow();
    return best.day(jobs, endMin);
  }

  /**
   * One order, as far as it is laid out: its last turn and the order before it.
   *
   * @param freeFrom when each billet is off the press
   */
  private record Order(
      @Nullable Order before,
      @Nullable Turn last,
      List<Double> freeFrom,
      double pressFree,
      double overMin,
      int late,
      double idle) {
    static final Comparator<Order> BEST_FIRST =
        Comparator.comparingInt(Order::late)
            .thenComparingDouble(w -> Math.rint(w.overMin() * 100))
            .thenComparingDouble(w -> Math.rint(w.pressFree() * 100))
            .thenComparingDouble(Order::idle);

    static Order start(int jobs, double now) {
      return new Order(null, null, Collections.nCopies(jobs, now), now, 0, 0, 0);
    }

    Order with(List<Job> jobs, int job, int heat, int places, double now, double endMin) {
      Job of = jobs.get(job);
      Heat h = of.heats().get(heat);
      boolean inside = heat == 0 && of.inFireSince() >= 0;
      double earliest = inside ? of.inFireSince() : placeFree(freeFrom.get(job), places);
      double in = earliest;
      double soak = soak(h, heat, in - freeFrom.get(job), inside);
      double ready = in + soak;
      if (!inside && ready + h.limitMin() < pressFree) {
        in = pressFree - h.limitMin() - soak;
        soak = soak(h, heat, in - freeFrom.get(job), false);
        in = Math.max(earliest, pressFree - h.limitMin() - soak);
        ready = in + soak;
      }
      double press = Math.max(Math.max(ready, pressFree), now);
      double done = press + h.pressMin();
      List<Double> free = new ArrayList<>(freeFrom);
      free.set(job, done);
      boolean isLate = of.firstWeld() > 0 && heat == of.firstWeld() - 1 && done > endMin + SLACK;
      return new Order(
          this,
          new Turn(job, heat, in, ready, press, done),
          free,
          done,
          overMin + Math.max(0, press - ready - h.limitMin()),
          late + (isLate ? 1 : 0),
          idle + (last == null ? 0 : press - pressFree));
    }

    private static double soak(Heat h, int heat, double waited, boolean inside) {
      if (heat == 0 || inside) {
        return h.soakMin();
      }
      double cooled = 1 - Math.exp(-Math.max(0, waited) / WAITING_COOLS_MIN);
      return h.soakMin() + Math.max(0, h.coldMin() - h.soakMin()) * cooled;
    }

    /** From when on one of the places is free, for the whole time from then on. */
    private double placeFree(double from, int places) {
      List<Turn> after = turnsPressedAfter(from);
      if (after.size() < places) {
        return from;
      }
      return Stream.concat(Stream.of(from), after.stream().map(Turn::pressMin))
          .filter(at -> isFreeFrom(after, at, places))
          .min(Comparator.naturalOrder())
          .orElseThrow();
    }

    /** Only those can still take up a place; the press takes them in order. */
    private List<Turn> turnsPressedAfter(double from) {
      List<Turn> after = new ArrayList<>();
      for (Order w = this; w != null && w.last != null; w = w.before) {
        if (w.last.pressMin() <= from + SLACK) {
          break;
        }
        after.add(w.last);
      }
      return after;
    }

    private static boolean isFreeFrom(List<Turn> turns, double at, int places) {
      return Stream.concat(Stream.of(at), turns.stream().map(Turn::inMin))
          .filter(moment -> moment >= at)
          .allMatch(moment -> inside(turns, moment) < places);
    }

    private static long inside(List<Turn> turns, double moment) {
      return turns.stream()
          .filter(t -> t.inMin() <= moment + SLACK && t.pressMin() > moment + SLACK)
          .count();
    }

    Day day(List<Job> jobs, double endMin) {
      List<Turn> turns = turnsPressedAfter(Double.NEGATIVE_INFINITY).reversed();
      List<String> lateNames = new ArrayList<>();
      for (Turn t : turns) {
        Job of = jobs.get(t.job());
        if (of.firstWeld() > 0 && t.heat() == of.firstWeld() - 1 && t.doneMin() > endMin + SLACK) {
          lateNames.add(of.name());
        }
      }
      return new Day(turns, pressFree, overMin, lateNames, idle);
    }
  }
}

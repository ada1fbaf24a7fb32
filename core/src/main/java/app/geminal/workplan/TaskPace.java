package app.geminal.workplan;

import app.geminal.validation.OrderedCopies;
import app.geminal.validation.Require;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How a shop's work compares with what was planned for it.
 *
 * @param factors what planned minutes are multiplied by, by kind of work; 1 where there is none
 */
public record TaskPace(Map<TaskKind, Double> factors) {
  /** Fewer records of a kind say nothing yet. */
  public static final int LEAST_RECORDS = 4;

  /** Nothing is known. */
  public static final TaskPace USUAL = new TaskPace(Map.of());

  private static final int DAY_MIN = 1440;

  /**
   * A task that was done.
   *
   * @param plannedMin by the shop's task times, before any learning; above 0
   * @param actualMin that it took; above 0
   */
  public record Taken(TaskKind kind, double plannedMin, double actualMin) {
    /** Checks both figures. */
    public Taken {
      Require.number("plannedMin", plannedMin, 0.1, DAY_MIN);
      Require.number("actualMin", actualMin, 0.1, DAY_MIN);
    }
  }

  /** Copies the factors. */
  public TaskPace {
    factors = OrderedCopies.copyOf(factors);
  }

  /** The middle one of what each kind took, from {@value #LEAST_RECORDS} records of it on. */
  public static TaskPace of(List<Taken> records) {
    Map<TaskKind, Double> factors = new EnumMap<>(TaskKind.class);
    for (TaskKind kind : TaskKind.values()) {
      double[] ratios =
          records.stream()
              .filter(r -> r.kind() == kind)
              .mapToDouble(r -> r.actualMin() / r.plannedMin())
              .sorted()
              .toArray();
      if (ratios.length >= LEAST_RECORDS) {
        factors.put(kind, middle(ratios));
      }
    }
    return new TaskPace(factors);
  }

  private static double middle(double[] sorted) {
    return Arrays.stream(sorted, (sorted.length - 1) / 2, sorted.length / 2 + 1)
        .average()
        .orElse(1);
  }

  /** Whole minutes of work that is planned with so many. */
  int minutes(TaskKind kind, double planned) {
    return (int) Math.clamp(Math.ceil(planned * factors.getOrDefault(kind, 1.0)), 1, DAY_MIN);
  }
}

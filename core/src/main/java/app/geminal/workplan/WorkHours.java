package app.geminal.workplan;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.OrderedCopies;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * When someone works.
 *
 * @param weekly hours of each day of the week, minutes of the day in order; none on days left out
 * @param exceptions hours of single days, which then do not follow the week
 */
public record WorkHours(Map<DayOfWeek, List<Span>> weekly, Map<LocalDate, List<Span>> exceptions) {
  private static final int DAY_MIN = 24 * 60;

  /** Checks that hours are within the day and do not overlap. */
  public WorkHours {
    weekly = OrderedCopies.copyOf(weekly);
    exceptions = OrderedCopies.copyOf(exceptions);
    weekly.forEach((day, spans) -> require("weekly/" + day, spans));
    exceptions.forEach((day, spans) -> require("exceptions/" + day, spans));
  }

  private static void require(String field, List<Span> spans) {
    int free = 0;
    for (Span span : spans) {
      if (span.fromMin() < free || span.toMin() > DAY_MIN) {
        throw new InvalidValue(field, WorkPlanText.HOURS_OVERLAP.with());
      }
      free = span.toMin();
    }
  }

  /** Hours of a day, in order. */
  public List<Span> on(LocalDate day) {
    List<Span> exception = exceptions.get(day);
    return exception == null ? weekly.getOrDefault(day.getDayOfWeek(), List.of()) : exception;
  }
}

package app.geminal.cli;

import app.geminal.validation.InvalidValue;
import app.geminal.workplan.Span;
import app.geminal.workplan.WorkHours;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Hours of work, days and dates as they are written in a shell. */
final class HoursText {
  private static final DateTimeFormatter DAY =
      new DateTimeFormatterBuilder()
          .parseCaseInsensitive()
          .appendPattern("EEE")
          .toFormatter(Locale.US);
  private static final Pattern TIMES =
      Pattern.compile("(\\d{1,2}):([0-5]\\d)-(\\d{1,2}):([0-5]\\d)");
  private static final int HOUR_MIN = 60;

  private HoursText() {}

  /**
   * Hours of a week, {@code Mon-Thu 18:00-21:00, Sat 8:00-12:00 13:00-17:00}.
   *
   * @throws InvalidValue when a day or a time cannot be read
   */
  static WorkHours week(String option, String text, Map<LocalDate, List<Span>> exceptions) {
    Map<DayOfWeek, List<Span>> weekly = new EnumMap<>(DayOfWeek.class);
    for (String part : text.split(",", -1)) {
      String[] words = part.strip().split("\\s+", 2);
      if (words.length < 2) {
        throw unreadable(option, part.strip());
      }
      List<Span> spans = spans(option, words[1]);
      days(option, words[0]).forEach(day -> weekly.put(day, spans));
    }
    return new WorkHours(weekly, exceptions);
  }

  /** Hours of single days, each {@code 2026-12-12 9:00-18:00} or {@code 2026-12-10 off}. */
  static Map<LocalDate, List<Span>> exceptions(String option, List<String> texts) {
    Map<LocalDate, List<Span>> days = new TreeMap<>();
    for (String text : texts) {
      String[] words = text.strip().split("\\s+", 2);
      if (words.length < 2) {
        throw unreadable(option, text);
      }
      List<Span> hours = words[1].equalsIgnoreCase("off") ? List.of() : spans(option, words[1]);
      days.put(date(option, words[0]), hours);
    }
    return days;
  }

  /** Days of the week, {@code Sat} or {@code Mon-Thu}, separated by commas. */
  static Set<DayOfWeek> daysOfWeek(String option, String text) {
    Set<DayOfWeek> days = new TreeSet<>();
    for (String part : text.split(",", -1)) {
      days.addAll(days(option, part.strip()));
    }
    return days;
  }

  /** A date, {@code 2026-12-12}. */
  static LocalDate date(String option, String text) {
    try {
      return LocalDate.parse(text.strip());
    } catch (DateTimeParseException bad) {
      throw unreadable(option, text);
    }
  }

  private static List<DayOfWeek> days(String option, String text) {
    String[] ends = text.split("-", 2);
    DayOfWeek first = day(option, ends[0]);
    DayOfWeek last = day(option, ends[ends.length - 1]);
    List<DayOfWeek> days = new ArrayList<>(List.of(first));
    while (!days.getLast().equals(last)) {
      days.add(days.getLast().plus(1));
    }
    return days;
  }

  private static DayOfWeek day(String option, String text) {
    try {
      return DAY.parse(text, DayOfWeek::from);
    } catch (DateTimeParseException bad) {
      throw unreadable(option, text);
    }
  }

  private static List<Span> spans(String option, String text) {
    List<Span> spans = new ArrayList<>();
    for (String part : text.strip().split("\\s+", -1)) {
      Matcher matcher = TIMES.matcher(part);
      if (!matcher.matches()) {
        throw unreadable(option, part);
      }
      spans.add(
          new Span(
              minute(matcher.group(1), matcher.group(2)),
              minute(matcher.group(3), matcher.group(4))));
    }
    return spans;
  }

  private static int minute(String hours, String minutes) {
    return Integer.parseInt(hours) * HOUR_MIN + Integer.parseInt(minutes);
  }

  private static InvalidValue unreadable(String option, String text) {
    return new InvalidValue(option, CliText.WRITE_AS_IN_HELP.with("given", text));
  }
}

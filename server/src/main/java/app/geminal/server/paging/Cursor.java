package app.geminal.server.paging;

import app.geminal.validation.InvalidValue;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A place in a list that is in the order of two numbers; what comes next is asked for by it.
 *
 * @param first what the list is ordered by
 * @param second what distinguishes those that are alike in it
 */
public record Cursor(long first, long second) {
  private static final Pattern TEXT = Pattern.compile("(-?\\d{1,18})\\.(\\d{1,18})");

  /** A place in a list by time, to the millisecond as times are stored, then by number. */
  public static Cursor at(Instant at, long id) {
    return new Cursor(at.toEpochMilli(), id);
  }

  /**
   * The place a page names as the next.
   *
   * @throws InvalidValue when it is none
   */
  public static @Nullable Cursor parse(@Nullable String text) {
    if (text == null) {
      return null;
    }
    Matcher numbers = TEXT.matcher(text);
    if (!numbers.matches()) {
      throw new InvalidValue("after", PagingText.USE_LINK_HEADER_OF_PREVIOUS_PAGE.with());
    }
    return new Cursor(Long.parseLong(numbers.group(1)), Long.parseLong(numbers.group(2)));
  }

  /** {@link #first} as a time of the database. */
  public LocalDateTime time() {
    return LocalDateTime.ofInstant(Instant.ofEpochMilli(first), ZoneOffset.UTC);
  }

  String text() {
    return first + "." + second;
  }
}

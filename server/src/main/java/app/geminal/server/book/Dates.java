package app.geminal.server.book;

import app.geminal.validation.InvalidValue;
import java.time.Instant;

/** Dates the Book takes. */
final class Dates {
  private static final Instant EARLIEST = Instant.parse("1900-01-01T00:00:00Z");

  private Dates() {}

  /**
   * A date that can be meant and stored.
   *
   * @throws InvalidValue for one before 1900
   */
  static void require(String field, Instant at) {
    if (at.isBefore(EARLIEST)) {
      throw new InvalidValue(field, BookText.THIS_DATE_IS_BEFORE_1900.with());
    }
  }
}

package app.geminal.server.stored;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Reads a stored thing that may have been damaged or written under other rules. */
public final class StoredRow {
  private static final Logger LOG = LoggerFactory.getLogger(StoredRow.class);

  private StoredRow() {}

  /** Reads; {@code E} is what a database throws while it does. */
  public interface Reading<T, E extends Exception> {
    /** Reads it. */
    T read() throws E;
  }

  /**
   * What was read; where it cannot be, the log says why and there is nothing.
   *
   * @param what kind of thing, for the log
   * @param id its number, for the log
   */
  public static <T, E extends Exception> Optional<T> of(
      String what, Object id, Reading<T, E> reading) throws E {
    return of(what, id, reading, _ -> {});
  }

  /**
   * The same, telling also someone else why.
   *
   * @param whyNot receives why, as a sentence
   */
  public static <T, E extends Exception> Optional<T> of(
      String what, Object id, Reading<T, E> reading, Consumer<Message> whyNot) throws E {
    try {
      return Optional.of(reading.read());
    } catch (RuntimeException e) {
      LOG.warn("The stored {} {} cannot be read: {}", what, id, e.toString());
      whyNot.accept(why(e));
      return Optional.empty();
    }
  }

  /** The reason in words: what breaks a rule with its whole place, else what is innermost. */
  private static Message why(RuntimeException e) {
    Throwable t = e;
    while (!(t instanceof InvalidValue) && t.getCause() != null) {
      t = t.getCause();
    }
    if (t instanceof InvalidValue bad) {
      return bad.path().isEmpty()
          ? bad.words()
          : StoredText.AT_PLACE.with("place", bad.path(), "why", bad.words());
    }
    String words = t.getMessage();
    return words == null || words.isBlank()
        ? StoredText.NOT_AS_EXPECTED.with()
        : Message.written(words.lines().findFirst().orElse(""));
  }
}

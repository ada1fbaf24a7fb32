package app.geminal.server.stored;

import app.geminal.units.Text;
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
      String what, Object id, Reading<T, E> reading, Consumer<String> whyNot) throws E {
    try {
      return Optional.of(reading.read());
    } catch (RuntimeException e) {
      LOG.warn("The stored {} {} cannot be read: {}", what, id, e.toString());
      whyNot.accept(why(e));
      return Optional.empty();
    }
  }

  /** The reason in words: what breaks a rule with its whole place, else what is innermost. */
  private static String why(RuntimeException e) {
    Throwable t = e;
    while (!(t instanceof InvalidValue) && t.getCause() != null) {
      t = t.getCause();
    }
    String words =
        t instanceof InvalidValue bad && !bad.path().isEmpty()
            ? Text.of("“%s”: %s", bad.path(), bad.words())
            : t.getMessage();
    return words == null || words.isBlank()
        ? "It is not as this release expects."
        : words.lines().findFirst().orElse("");
  }
}

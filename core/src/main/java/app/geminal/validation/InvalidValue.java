package app.geminal.validation;

import java.util.function.Supplier;

/**
 * A value that breaks the rule of its field. {@link #path} says where, in the plain words of a JSON
 * pointer without the leading slash ({@code steps/3/kerfMm}); the message gives rule, value and
 * remedy.
 */
public final class InvalidValue extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private final String path;

  /**
   * @param path the field, empty when the whole value is meant
   * @param message rule, value and remedy in one or two sentences; may hold measure marks
   */
  public InvalidValue(String path, String message) {
    super(message);
    this.path = path;
  }

  /** Where the value is, relative to what was checked. */
  public String path() {
    return path;
  }

  /** The same complaint seen from one level further out. */
  public InvalidValue inside(String outer) {
    InvalidValue moved = new InvalidValue(path.isEmpty() ? outer : outer + "/" + path, words());
    moved.initCause(this);
    return moved;
  }

  /** Does some work; what it complains of is reported from one level further out. */
  public static <T> T within(String outer, Supplier<T> work) {
    try {
      return work.get();
    } catch (InvalidValue bad) {
      throw bad.inside(outer);
    }
  }

  /** The message, never null. */
  public String words() {
    String message = getMessage();
    return message == null ? "" : message;
  }
}

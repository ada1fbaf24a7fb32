package app.geminal.validation;

import app.geminal.text.Message;
import java.util.function.Supplier;

/**
 * A value that breaks the rule of its field. {@link #path} says where, in the plain words of a JSON
 * pointer without the leading slash ({@code steps/3/kerfMm}); the message gives rule, value and
 * remedy.
 */
public final class InvalidValue extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private final String path;
  private final transient Message words;

  /**
   * @param path the field, empty when the whole value is meant
   * @param words rule, value and remedy in one or two sentences
   */
  public InvalidValue(String path, Message words) {
    super(words.marked());
    this.path = path;
    this.words = words;
  }

  /** A value that must be there and is not. */
  public static InvalidValue missing(String path) {
    return new InvalidValue(path, ValidationText.THIS_IS_MISSING.with());
  }

  /** A number that no one can calculate with. */
  public static InvalidValue unusableNumber(String path) {
    return new InvalidValue(path, ValidationText.NOT_USABLE.with());
  }

  /** Where the value is, relative to what was checked. */
  public String path() {
    return path;
  }

  /** Rule, value and remedy. */
  public Message words() {
    return words;
  }

  /** The same complaint seen from one level further out. */
  public InvalidValue inside(String outer) {
    InvalidValue moved = new InvalidValue(path.isEmpty() ? outer : outer + "/" + path, words);
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
}

package app.geminal.server.stored;

import app.geminal.validation.InvalidValue;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A stored object being read, field by field under its stored name. Lenient: what is not asked for
 * is passed over, what is missing has the value that is stated for it, a whole number may be
 * written 3 or 3.0. What cannot be meant is a {@link InvalidValue} with its place.
 */
public final class DocumentReader {
  private final JsonNode object;

  DocumentReader(JsonNode object) {
    if (!object.isObject()) {
      throw new InvalidValue("", StoredText.EXPECTED_OBJECT_WITH_NAMED_VALUES.with());
    }
    this.object = object;
  }

  /** Whether anything is said under this name. */
  public boolean has(String name) {
    JsonNode value = object.get(name);
    return value != null && !value.isNull();
  }

  /** A figure that must be there. */
  public double number(String name) {
    return Objects.requireNonNull(numberOrNull(required(name)));
  }

  /** A figure, or another where none is said. */
  public double number(String name, double otherwise) {
    Double said = numberOrNull(name);
    return said == null ? otherwise : said;
  }

  /** A figure, or null where none is said. */
  public @Nullable Double numberOrNull(String name) {
    return has(name) ? number(name, object.get(name)) : null;
  }

  /** A whole number that must be there. */
  public int whole(String name) {
    return Objects.requireNonNull(wholeOrNull(required(name)));
  }

  /** A whole number, or another where none is said. */
  public int whole(String name, int otherwise) {
    Integer said = wholeOrNull(name);
    return said == null ? otherwise : said;
  }

  /** A whole number, or null where none is said. */
  public @Nullable Integer wholeOrNull(String name) {
    return has(name) ? whole(name, object.get(name)) : null;
  }

  /** Yes or no; another where nothing is said. */
  public boolean is(String name, boolean otherwise) {
    if (!has(name)) {
      return otherwise;
    }
    JsonNode value = object.get(name);
    if (!value.isBoolean()) {
      throw new InvalidValue(name, StoredText.EXPECTED_TRUE_OR_FALSE.with());
    }
    return value.asBoolean();
  }

  /** Words that must be there. */
  public String text(String name) {
    return Objects.requireNonNull(textOrNull(required(name)));
  }

  /** Words, or others where none are said. */
  public String text(String name, String otherwise) {
    String said = textOrNull(name);
    return said == null ? otherwise : said;
  }

  /** Words, or null where none are said. */
  public @Nullable String textOrNull(String name) {
    return has(name) ? text(name, object.get(name)) : null;
  }

  /** A decimal figure that was written as text, so that every digit stays; it must be there. */
  public BigDecimal decimal(String name) {
    try {
      return new BigDecimal(text(name));
    } catch (NumberFormatException e) {
      throw new InvalidValue(name, StoredText.EXPECTED_NUMBER.with());
    }
  }

  /** A moment that must be there. */
  public Instant at(String name) {
    try {
      return Instant.parse(text(name));
    } catch (DateTimeParseException e) {
      throw new InvalidValue(name, StoredText.EXPECTED_TIME_SUCH_AS_2026_02.with());
    }
  }

  /** One of several things by its stored name; it must be said. */
  public <E extends Enum<E>> E one(String name, Names<E> names) {
    return names.read(name, text(name));
  }

  /** One of several things by its stored name, or another where none is said. */
  public <E extends Enum<E>> E one(String name, Names<E> names, E otherwise) {
    E said = oneOrNull(name, names);
    return said == null ? otherwise : said;
  }

  /** One of several things by its stored name, or null where none is said. */
  public <E extends Enum<E>> @Nullable E oneOrNull(String name, Names<E> names) {
    return has(name) ? names.read(name, text(name)) : null;
  }

  /** What an object under this name holds; it must be there. */
  public <T> T in(String name, Function<DocumentReader, T> read) {
    return Objects.requireNonNull(inOrNull(required(name), read));
  }

  /** What an object under this name holds, or null where there is none. */
  public <T> @Nullable T inOrNull(String name, Function<DocumentReader, T> read) {
    return has(name)
        ? InvalidValue.within(name, () -> read.apply(new DocumentReader(object.get(name))))
        : null;
  }

  /** What an object under this name holds, or something else where there is none. */
  public <T> T in(String name, Function<DocumentReader, T> read, T otherwise) {
    T said = inOrNull(name, read);
    return said == null ? otherwise : said;
  }

  /** What the objects of a list hold; none where there is no list. */
  public <T> List<T> list(String name, Function<DocumentReader, T> read) {
    return each(name, (_, value) -> read.apply(new DocumentReader(value)));
  }

  /** Figures of a list; none where there is no list. */
  public List<Double> numbers(String name) {
    return each(name, (_, value) -> number("", value));
  }

  /** Whole numbers of a list; none where there is no list. */
  public List<Integer> wholes(String name) {
    return each(name, (_, value) -> whole("", value));
  }

  /** Words of a list; none where there is no list. */
  public List<String> texts(String name) {
    return each(name, (_, value) -> text("", value));
  }

  /** Things of a list by their stored names; none where there is no list. */
  public <E extends Enum<E>> List<E> ones(String name, Names<E> names) {
    return each(name, (_, value) -> names.read("", text("", value)));
  }

  private interface Element<T> {
    T of(int at, JsonNode value);
  }

  private <T> List<T> each(String name, Element<T> element) {
    if (!has(name)) {
      return List.of();
    }
    JsonNode list = object.get(name);
    if (!list.isArray()) {
      throw new InvalidValue(name, StoredText.EXPECTED_LIST.with());
    }
    List<T> read = new ArrayList<>(list.size());
    for (int i = 0; i < list.size(); i++) {
      int at = i;
      read.add(InvalidValue.within(name + "/" + i, () -> element.of(at, list.get(at))));
    }
    return read;
  }

  private String required(String name) {
    if (!has(name)) {
      throw InvalidValue.missing(name);
    }
    return name;
  }

  private static double number(String name, JsonNode value) {
    if (!value.isNumber() || !Double.isFinite(value.doubleValue())) {
      throw new InvalidValue(name, StoredText.EXPECTED_NUMBER.with());
    }
    return value.doubleValue();
  }

  private static int whole(String name, JsonNode value) {
    double number = number(name, value);
    if (number != Math.rint(number) || Math.abs(number) > Integer.MAX_VALUE) {
      throw new InvalidValue(name, StoredText.EXPECTED_WHOLE_NUMBER.with("number", number));
    }
    return (int) number;
  }

  private static String text(String name, JsonNode value) {
    if (!value.isString()) {
      throw new InvalidValue(name, StoredText.EXPECTED_TEXT.with());
    }
    return value.asString();
  }
}

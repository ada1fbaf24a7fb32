package app.geminal.server.stored;

import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A stored object being written, field by field under its stored name; null is left out. */
public final class DocumentWriter {
  private final ObjectNode object = JsonNodeFactory.instance.objectNode();

  /** The object so far. */
  ObjectNode object() {
    return object;
  }

  /** A figure. */
  public DocumentWriter number(String name, @Nullable Double value) {
    if (value != null) {
      object.put(name, value.doubleValue());
    }
    return this;
  }

  /** A whole number. */
  public DocumentWriter whole(String name, @Nullable Integer value) {
    if (value != null) {
      object.put(name, value.intValue());
    }
    return this;
  }

  /** Yes or no. */
  public DocumentWriter is(String name, boolean value) {
    object.put(name, value);
    return this;
  }

  /** Words. */
  public DocumentWriter text(String name, @Nullable String value) {
    if (value != null) {
      object.put(name, value);
    }
    return this;
  }

  /** A moment. */
  public DocumentWriter at(String name, Instant value) {
    object.put(name, value.toString());
    return this;
  }

  /** One of several things, by its stored name. */
  public <E extends Enum<E>> DocumentWriter one(String name, @Nullable E value, Names<E> names) {
    return text(name, value == null ? null : names.of(value));
  }

  /** An object. */
  public <T> DocumentWriter in(String name, @Nullable T value, Function<T, DocumentWriter> write) {
    if (value != null) {
      object.set(name, write.apply(value).object());
    }
    return this;
  }

  /** A list of objects. */
  public <T> DocumentWriter list(
      String name, List<? extends T> values, Function<T, DocumentWriter> write) {
    ArrayNode list = object.putArray(name);
    values.forEach(v -> list.add(write.apply(v).object()));
    return this;
  }

  /** A list of figures. */
  public DocumentWriter numbers(String name, List<Double> values) {
    ArrayNode list = object.putArray(name);
    values.forEach(list::add);
    return this;
  }

  /** A list of whole numbers. */
  public DocumentWriter wholes(String name, List<Integer> values) {
    ArrayNode list = object.putArray(name);
    values.forEach(list::add);
    return this;
  }

  /** A list of words. */
  public DocumentWriter texts(String name, List<String> values) {
    ArrayNode list = object.putArray(name);
    values.forEach(list::add);
    return this;
  }

  /** A list of things by their stored names. */
  public <E extends Enum<E>> DocumentWriter ones(String name, List<E> values, Names<E> names) {
    return texts(name, values.stream().map(names::of).toList());
  }
}

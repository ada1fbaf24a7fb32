package app.geminal.server.stored;

import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A stored object being written, field by field under its stored name; null is left out. */
public final class Out {
  private final ObjectNode object = JsonNodeFactory.instance.objectNode();

  /** The object so far. */
  ObjectNode object() {
    return object;
  }

  /** A figure. */
  public Out number(String name, @Nullable Double value) {
    if (value != null) {
      object.put(name, value.doubleValue());
    }
    return this;
  }

  /** A whole number. */
  public Out whole(String name, @Nullable Integer value) {
    if (value != null) {
      object.put(name, value.intValue());
    }
    return this;
  }

  /** Yes or no. */
  public Out is(String name, boolean value) {
    object.put(name, value);
    return this;
  }

  /** Words. */
  public Out text(String name, @Nullable String value) {
    if (value != null) {
      object.put(name, value);
    }
    return this;
  }

  /** A moment. */
  public Out at(String name, Instant value) {
    object.put(name, value.toString());
    return this;
  }

  /** One of several things, by its stored name. */
  public <E extends Enum<E>> Out one(String name, @Nullable E value, Names<E> names) {
    return text(name, value == null ? null : names.of(value));
  }

  /** An object. */
  public <T> Out in(String name, @Nullable T value, Function<T, Out> write) {
    if (value != null) {
      object.set(name, write.apply(value).object());
    }
    return this;
  }

  /** A list of objects. */
  public <T> Out list(String name, List<? extends T> values, Function<T, Out> write) {
    ArrayNode list = object.putArray(name);
    values.forEach(v -> list.add(write.apply(v).object()));
    return this;
  }

  /** A list of figures. */
  public Out numbers(String name, List<Double> values) {
    ArrayNode list = object.putArray(name);
    values.forEach(list::add);
    return this;
  }

  /** A list of whole numbers. */
  public Out wholes(String name, List<Integer> values) {
    ArrayNode list = object.putArray(name);
    values.forEach(list::add);
    return this;
  }

  /** A list of words. */
  public Out texts(String name, List<String> values) {
    ArrayNode list = object.putArray(name);
    values.forEach(list::add);
    return this;
  }

  /** A list of things by their stored names. */
  public <E extends Enum<E>> Out ones(String name, List<E> values, Names<E> names) {
    return texts(name, values.stream().map(names::of).toList());
  }
}

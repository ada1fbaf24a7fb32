package app.geminal.operation;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One field of a kind of step.
 *
 * @param name of the record's component that holds it
 * @param type what it holds
 * @param storedName its name in stored plans
 * @param otherwise what it was in plans stored before there was such a field, null where every plan
 *     has it
 * @param leftOut what is not written into stored plans, null where everything is
 */
public record OperationField(
    String name,
    FieldType type,
    String storedName,
    @Nullable Object otherwise,
    @Nullable Object leftOut) {

  /** A field that every stored plan has. */
  static OperationField of(String name, FieldType type) {
    return new OperationField(name, type, name, null, null);
  }

  /** What it was before there was such a field. */
  OperationField otherwise(Object value) {
    return new OperationField(name, type, storedName, value, leftOut);
  }

  /** Has another name in stored plans. */
  OperationField stored(String as) {
    return new OperationField(name, type, as, otherwise, leftOut);
  }

  /** Where it is that, stored plans do not say so. */
  OperationField leftOut(Object value) {
    return new OperationField(name, type, storedName, value, value);
  }

  /** What it is in a stored plan that does not have it; empty where every plan has it. */
  public Optional<Object> missing() {
    return Optional.ofNullable(otherwise);
  }
}

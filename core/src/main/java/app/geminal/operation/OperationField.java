package app.geminal.operation;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One field of a kind of step.
 *
 * @param name of the record's component that holds it
 * @param type what it holds
 * @param said how shorthand says it
 * @param storedName its name in stored plans
 * @param otherwise what it was in plans stored before there was such a field, null where every plan
 *     has it
 * @param leftOut what is not written into stored plans, null where everything is
 * @param shows how the pattern shows what it came out as, null where it does not
 */
public record OperationField(
    String name,
    FieldType type,
    Said said,
    String storedName,
    @Nullable Object otherwise,
    @Nullable Object leftOut,
    @Nullable Shows shows) {

  /** How a pattern shows a figure of a step. */
  public enum Shows {
    /** By how often something comes back along the bar. */
    BY_REPEAT,
    /** By the shape of each mark. */
    BY_SHAPE
  }

  /** A field that every stored plan has. */
  public static OperationField of(String name, FieldType type, Said said) {
    return new OperationField(name, type, said, name, null, null, null);
  }

  /** What it was before there was such a field. */
  public OperationField otherwise(Object value) {
    return new OperationField(name, type, said, storedName, value, leftOut, shows);
  }

  /** Has another name in stored plans. */
  public OperationField stored(String as) {
    return new OperationField(name, type, said, as, otherwise, leftOut, shows);
  }

  /** Where it is that, stored plans do not say so. */
  public OperationField leftOut(Object value) {
    return new OperationField(name, type, said, storedName, value, value, shows);
  }

  /** The pattern shows what it came out as: a figure that a photograph can be searched for. */
  public OperationField shown(Shows how) {
    return new OperationField(name, type, said, storedName, otherwise, leftOut, how);
  }

  /** What it is in a stored plan that does not have it; empty where every plan has it. */
  public Optional<Object> missing() {
    return Optional.ofNullable(otherwise);
  }
}

package app.geminal.library.plan;

import app.geminal.units.Text;
import app.geminal.validation.InvalidValue;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * What is wrong with a JSON document, and where.
 *
 * @param kind of fault
 * @param pointer JSON pointer to the place, empty for the whole document
 * @param reason rule and value in a sentence; may hold measure marks
 */
public record JsonFault(Kind kind, String pointer, String reason) {
  /** What sort of fault it is. */
  public enum Kind {
    /** It is not JSON, or not of the shape that is read. */
    UNREADABLE,
    /** A value breaks its rule. */
    BAD_VALUE,
    /** Larger or deeper than anything that can be meant. */
    TOO_LARGE
  }

  /** Makes one out of what reading threw. */
  public static JsonFault of(Throwable thrown) {
    Optional<JacksonException> json = find(thrown, JacksonException.class);
    String where = json.map(j -> pointer(j.getPath())).orElse("");
    Optional<InvalidValue> bad = find(thrown, InvalidValue.class);
    if (bad.isPresent()) {
      String path = bad.get().path();
      return new JsonFault(
          Kind.BAD_VALUE, path.isEmpty() ? where : where + "/" + path, bad.get().words());
    }
    if (find(thrown, StreamConstraintsException.class).isPresent()) {
      return new JsonFault(Kind.TOO_LARGE, where, "This is too large for a plan or record.");
    }
    return new JsonFault(
        Kind.UNREADABLE,
        where,
        json.map(JsonFault::words).orElse("The request body cannot be read."));
  }

  private static String words(JacksonException json) {
    return switch (json) {
      case UnrecognizedPropertyException unknown ->
          Text.of("“%s” is not known.", unknown.getPropertyName());
      case InvalidTypeIdException type when type.getTypeId() != null ->
          Text.of("“%s” is not a kind of step.", type.getTypeId());
      case InvalidTypeIdException _ ->
          "Enter a piece with steel and thickness, or a bar of a part.";
      case MismatchedInputException mismatch
          when mismatch.getTargetType() != null && isNumber(mismatch.getTargetType()) ->
          "Write a number here.";
      case MismatchedInputException mismatch
          when mismatch.getTargetType() != null && mismatch.getTargetType().isEnum() ->
          Text.of("Use one of %s.", List.of(mismatch.getTargetType().getEnumConstants()));
      case MismatchedInputException _ -> "The value here is missing or of the wrong type.";
      default -> "From here on this is not JSON.";
    };
  }

  private static boolean isNumber(Class<?> type) {
    return Number.class.isAssignableFrom(
        java.lang.invoke.MethodType.methodType(type).wrap().returnType());
  }

  private static String pointer(List<JacksonException.Reference> path) {
    return path.stream()
        .map(r -> "/" + (r.getPropertyName() != null ? r.getPropertyName() : r.getIndex()))
        .collect(Collectors.joining());
  }

  private static <T extends Throwable> Optional<T> find(Throwable from, Class<T> kind) {
    for (Throwable t = from; t != null; t = t.getCause()) {
      if (kind.isInstance(t)) {
        return Optional.of(kind.cast(t));
      }
    }
    return Optional.empty();
  }
}

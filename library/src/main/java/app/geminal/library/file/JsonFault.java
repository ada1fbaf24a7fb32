package app.geminal.library.file;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.util.Arrays;
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
 * @param reason rule and value in a sentence
 */
public record JsonFault(Kind kind, String pointer, Message reason) {
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
      return new JsonFault(Kind.TOO_LARGE, where, FileText.FILE_IS_TOO_LARGE.with());
    }
    return new JsonFault(
        Kind.UNREADABLE,
        where,
        json.map(JsonFault::words).orElse(FileText.REQUEST_BODY_CANNOT_BE_READ.with()));
  }

  private static Message words(JacksonException json) {
    return switch (json) {
      case UnrecognizedPropertyException unknown ->
          FileText.UNKNOWN_FIELD.with("name", unknown.getPropertyName());
      case InvalidTypeIdException type when type.getTypeId() != null ->
          FileText.UNKNOWN_STEP.with("name", type.getTypeId());
      case InvalidTypeIdException _ -> FileText.ENTER_PIECE_WITH_STEEL_AND_THICKNESS.with();
      case MismatchedInputException mismatch
          when mismatch.getTargetType() != null && isNumber(mismatch.getTargetType()) ->
          FileText.WRITE_NUMBER_HERE.with();
      case MismatchedInputException mismatch
          when mismatch.getTargetType() != null && mismatch.getTargetType().isEnum() ->
          FileText.USE_ONE_OF.with(
              "names",
              Arrays.stream(mismatch.getTargetType().getEnumConstants())
                  .map(String::valueOf)
                  .collect(Collectors.joining(", ")));
      case MismatchedInputException _ -> FileText.VALUE_HERE_IS_MISSING.with();
      default -> FileText.FROM_HERE.with();
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

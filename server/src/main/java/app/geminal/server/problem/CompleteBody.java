package app.geminal.server.problem;

import app.geminal.validation.InvalidValue;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * Refuses a request in which something is missing: a component of a record, at any depth, that is
 * null though it is not declared {@link Nullable}. So no controller meets a null that the compiler
 * says cannot be there. Refuses text that no page, file or print can show, too.
 */
@ControllerAdvice
class CompleteBody extends RequestBodyAdviceAdapter {
  private static final String OURS = "app.geminal.";

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public Object afterBodyRead(
      Object body,
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter) {
    check("", body);
    return body;
  }

  private static void check(String path, @Nullable Object value) {
    switch (value) {
      case null -> {}
      case Record record when record.getClass().getName().startsWith(OURS) ->
          checkRecord(path, record);
      case List<?> list -> {
        for (int i = 0; i < list.size(); i++) {
          check(at(path, i), list.get(i));
        }
      }
      case Map<?, ?> map -> map.forEach((key, item) -> check(at(path, key), item));
      case Optional<?> maybe -> check(path, maybe.orElse(null));
      case OptionalDouble maybe when maybe.isPresent() && !Double.isFinite(maybe.getAsDouble()) ->
          throw InvalidValue.unusableNumber(path);
      case String text when !isText(text) ->
          throw new InvalidValue(path, ProblemText.THIS_HAS_CHARACTER_THAT_CANNOT.with());
      default -> {}
    }
  }

  /** Neither control characters, but for tabs and line ends, nor half a character. */
  private static boolean isText(String text) {
    return text.codePoints()
        .noneMatch(c ->
            (Character.isISOControl(c) && c != '\t' && c != '\n' && c != '\r')
                || (c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE)
                || c == 0xfffe
                || c == 0xffff);
  }

  private static void checkRecord(String path, Record record) {
    for (RecordComponent component : record.getClass().getRecordComponents()) {
      Object value = value(record, component);
      String where = at(path, component.getName());
      if (value == null) {
        if (!isNullable(component.getAnnotatedType())) {
          throw missing(where);
        }
      } else {
        if (value instanceof List<?> list && !holdsNulls(component.getAnnotatedType())) {
          int gap = firstNull(list);
          if (gap >= 0) {
            throw missing(at(where, gap));
          }
        }
        check(where, value);
      }
    }
  }

  /** Immutable lists refuse to be asked for null. */
  private static int firstNull(List<?> list) {
    for (int i = 0; i < list.size(); i++) {
      if (list.get(i) == null) {
        return i;
      }
    }
    return -1;
  }

  private static InvalidValue missing(String where) {
    return InvalidValue.missing(where);
  }

  private static boolean isNullable(AnnotatedElement type) {
    return type.isAnnotationPresent(Nullable.class);
  }

  private static boolean holdsNulls(AnnotatedType type) {
    return type instanceof AnnotatedParameterizedType of
        && isNullable(of.getAnnotatedActualTypeArguments()[0]);
  }

  private static @Nullable Object value(Record record, RecordComponent component) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("A record's component cannot be read.", e);
    }
  }

  private static String at(String path, Object step) {
    return path.isEmpty() ? String.valueOf(step) : path + "/" + step;
  }
}

package app.geminal.server.api;

import app.geminal.operation.Operation;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.text.Message;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Describes the application's own records as they are read and written: each under a name of its
 * own, with what must be there, what may be null, and what represents what by its {@code kind}.
 */
@Component
class RecordSchemas implements ModelConverter {
  private static final String OURS = "app.geminal.";

  private final SchemaNames names = new SchemaNames();
  private final JsonMapper mapper;

  RecordSchemas(JsonMapper mapper) {
    this.mapper = mapper;
  }

  @Override
  public boolean isOpenapi31() {
    return true;
  }

  @Override
  public @Nullable Schema<?> resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
    if (raw == ProblemDetail.class) {
      return reference(ApiDescription.PROBLEM);
    }
    if (raw == JsonNode.class) {
      return new JsonSchema().types(Set.of("object"));
    }
    if (raw == Message.class) {
      return new JsonSchema().types(Set.of("string"));
    }
    if (raw == OptionalDouble.class) {
      return new JsonSchema().types(new TreeSet<>(Set.of("number", "null"))).format("double");
    }
    if (raw == OptionalInt.class) {
      return new JsonSchema().types(new TreeSet<>(Set.of("integer", "null"))).format("int32");
    }
    if (isOurs(raw)) {
      return reference(define(raw, context));
    }
    return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
  }

  private static boolean isOurs(Class<?> type) {
    return type.getName().startsWith(OURS)
        && type != Message.class
        && (type.isRecord() || type.isSealed() || type == Operation.class);
  }

  private static Schema<?> reference(String name) {
    return new JsonSchema().$ref("#/components/schemas/" + name);
  }

  private String define(Class<?> type, ModelConverterContext context) {
    String name = names.of(type);
    if (!context.getDefinedModels().containsKey(name)) {
      Schema<?> schema = new JsonSchema();
      // First, since it may hold others of its own kind.
      context.defineModel(name, schema);
      RecordWords.of(type).ifPresent(schema::description);
      if (type.isRecord()) {
        record(type, schema, context);
      } else {
        oneOf(type, schema, context);
      }
    }
    return name;
  }

  private void record(Class<?> type, Schema<?> schema, ModelConverterContext context) {
    schema.types(Set.of("object"));
    kind(type)
        .ifPresent(kind -> {
          schema.addProperty(
              kind.property(),
              new JsonSchema()
                  .types(Set.of("string"))
                  ._const(kind.name())
                  .description("which of several this is"));
          schema.addRequiredItem(kind.property());
        });
    for (RecordComponent component : type.getRecordComponents()) {
      // The context has no answer for what it is still busy with: a plan has parts, which have
      // plans.
      Schema<?> property =
          isOurs(component.getType())
              ? reference(define(component.getType(), context))
              : context.resolve(new AnnotatedType(component.getGenericType()).resolveAsRef(true));
      boolean optional = isNullable(component.getAnnotatedType());
      boolean empty = optional || component.getType() == Optional.class;
      Schema<?> described = empty ? orNull(property) : own(property);
      RecordWords.of(component).ifPresent(described::description);
      schema.addProperty(component.getName(), described);
      if (!isLeftOut(type, component)) {
        if (optional) {
          AlwaysWritten.mark(schema, component.getName());
        } else {
          schema.addRequiredItem(component.getName());
        }
      }
    }
  }

  /** A copy: what is resolved once is handed out to all, and described by each in its own words. */
  private static Schema<?> own(Schema<?> schema) {
    JsonSchema copy = new JsonSchema();
    if (schema.get$ref() != null) {
      return copy.$ref(schema.get$ref());
    }
    copy.setTypes(schema.getTypes());
    copy.setFormat(schema.getFormat());
    copy.setItems(schema.getItems());
    copy.setUniqueItems(schema.getUniqueItems());
    copy.setAdditionalProperties(schema.getAdditionalProperties());
    copy.setAnyOf(schema.getAnyOf());
    if (schema.getEnum() != null) {
      copy.setEnum(new ArrayList<>(schema.getEnum()));
    }
    return copy;
  }

  /** What may be null. The schema is left as it is: others may hold it too. */
  private static Schema<?> orNull(Schema<?> schema) {
    return new JsonSchema().anyOf(List.of(schema, new JsonSchema().types(Set.of("null"))));
  }

  private void oneOf(Class<?> type, Schema<?> schema, ModelConverterContext context) {
    Discriminator discriminator = new Discriminator();
    leaves(type)
        .distinct()
        .forEach(one -> {
          Schema<?> variant = reference(define(one, context));
          schema.addOneOfItem(variant);
          kind(one)
              .ifPresent(kind ->
                  discriminator
                      .propertyName(kind.property())
                      .mapping(kind.name(), variant.get$ref()));
        });
    if (discriminator.getMapping() != null) {
      schema.discriminator(discriminator);
    }
  }

  /** What a sealed type can be in the end; steps are of the kinds there are. */
  private static Stream<Class<?>> leaves(Class<?> type) {
    if (type == Operation.class) {
      return OperationKinds.ALL.stream().map(OperationKind::type);
    }
    return type.isSealed()
        ? Arrays.stream(type.getPermittedSubclasses()).flatMap(RecordSchemas::leaves)
        : Stream.of(type);
  }

  /** The property that says which of several a record is, and what it says. */
  private record Kind(String property, String name) {}

  private Optional<Kind> kind(Class<?> type) {
    return superTypes(type)
        .map(this::annotated)
        .filter(of -> {
          JsonTypeInfo info = of.getAnnotation(JsonTypeInfo.class);
          return info != null && info.use() == JsonTypeInfo.Id.NAME;
        })
        .flatMap(of ->
            name(type, of).stream()
                .map(name -> new Kind(of.getAnnotation(JsonTypeInfo.class).property(), name)))
        .findFirst();
  }

  private static Optional<String> name(Class<?> type, Class<?> among) {
    JsonSubTypes named = among.getAnnotation(JsonSubTypes.class);
    return named == null
        ? OperationKinds.ALL.stream()
            .filter(kind -> kind.type() == type)
            .<String>map(OperationKind::name)
            .findFirst()
        : Arrays.stream(named.value())
            .filter(sub -> sub.value() == type)
            .map(JsonSubTypes.Type::name)
            .findFirst();
  }

  private static Stream<Class<?>> superTypes(Class<?> type) {
    return Arrays.stream(type.getInterfaces())
        .flatMap(i -> Stream.concat(Stream.of(i), superTypes(i)));
  }

  /** Where the annotations of a class stand: beside it, where it has none of its own. */
  private Class<?> annotated(Class<?> type) {
    Class<?> beside = mapper.serializationConfig().findMixInClassFor(type);
    return beside == null ? type : beside;
  }

  private static boolean isNullable(AnnotatedElement element) {
    return element.isAnnotationPresent(Nullable.class);
  }

  /** Whether a component has a value that is not written, or need not be said. */
  private boolean isLeftOut(Class<?> type, RecordComponent component) {
    String name = component.getName();
    return Arrays.stream(annotated(type).getDeclaredMethods())
        .anyMatch(method ->
            (method.getName().equals(name) && method.isAnnotationPresent(JsonInclude.class))
                || isOptionalIn(method, name));
  }

  private static boolean isOptionalIn(Method creator, String name) {
    if (!creator.isAnnotationPresent(JsonCreator.class)) {
      return false;
    }
    for (Parameter parameter : creator.getParameters()) {
      JsonProperty property = parameter.getAnnotation(JsonProperty.class);
      if (property != null && property.value().equals(name)) {
        return isNullable(parameter.getAnnotatedType());
      }
    }
    return false;
  }
}

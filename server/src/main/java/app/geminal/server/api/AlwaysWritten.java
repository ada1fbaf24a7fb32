package app.geminal.server.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What may be null is optional of a request, but is always there in an answer. So it is required in
 * what only the server writes.
 */
final class AlwaysWritten {
  private static final String MARK = "x-always-written";
  private static final String REFERENCE = "#/components/schemas/";

  private AlwaysWritten() {}

  /** Notes that a member is always written, if perhaps as null. */
  static void mark(Schema<?> schema, String member) {
    List<String> marked = new ArrayList<>(marks(schema));
    marked.add(member);
    schema.addExtension(MARK, marked);
  }

  private static List<String> marks(Schema<?> schema) {
    Map<String, Object> all = schema.getExtensions();
    return all != null && all.get(MARK) instanceof List<?> names
        ? names.stream().map(String.class::cast).toList()
        : List.of();
  }

  /** Requires what was marked wherever no request holds it, and takes the marks away. */
  static void require(OpenAPI api) {
    Set<String> sent = sent(api);
    schemas(api)
        .forEach((name, schema) -> {
          List<String> marked = marks(schema);
          if (!sent.contains(name)) {
            marked.forEach(schema::addRequiredItem);
          }
          if (!marked.isEmpty()) {
            schema.getExtensions().remove(MARK);
          }
        });
  }

  @SuppressWarnings("rawtypes")
  private static Map<String, Schema> schemas(OpenAPI api) {
    return api.getComponents().getSchemas();
  }

  /** Names of what requests hold, and what that holds in turn. */
  private static Set<String> sent(OpenAPI api) {
    Set<String> found = new HashSet<>();
    Deque<Schema<?>> open = new ArrayDeque<>();
    api.getPaths().values().stream()
        .flatMap(path -> path.readOperations().stream())
        .filter(operation -> operation.getRequestBody() != null)
        .flatMap(operation -> operation.getRequestBody().getContent().values().stream())
        .map(type -> (Schema<?>) type.getSchema())
        .filter(Objects::nonNull)
        .forEach(open::add);
    while (!open.isEmpty()) {
      Schema<?> schema = open.remove();
      String reference = schema.get$ref();
      if (reference != null && found.add(reference.substring(REFERENCE.length()))) {
        Schema<?> meant = schemas(api).get(reference.substring(REFERENCE.length()));
        if (meant != null) {
          open.add(meant);
        }
      }
      inside(schema).forEach(open::add);
    }
    return found;
  }

  private static Stream<Schema<?>> inside(Schema<?> schema) {
    Stream<Schema<?>> more =
        Stream.of(
                some(schema.getAnyOf()),
                some(schema.getOneOf()),
                schema.getProperties() == null ? List.of() : schema.getProperties().values(),
                some(schema.getItems() == null ? null : List.of(schema.getItems())))
            .flatMap(Collection::stream)
            .map(one -> (Schema<?>) one);
    return schema.getAdditionalProperties() instanceof Schema<?> values
        ? Stream.concat(more, Stream.of(values))
        : more;
  }

  @SuppressWarnings("rawtypes")
  private static Collection<Schema> some(@Nullable List<Schema> all) {
    return all == null ? List.of() : all;
  }
}

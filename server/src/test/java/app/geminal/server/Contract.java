package app.geminal.server;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** docs/openapi.json, which every answer of the tests is held to. */
final class Contract {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final JsonNode SAID =
      JSON.readTree(Path.of("..", "docs", "openapi.json").toFile());

  private static final SchemaRegistry SCHEMAS =
      SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);

  private static final List<Operation> OPERATIONS =
      SAID.path("paths").properties().stream()
          .flatMap(path ->
              path.getValue().properties().stream()
                  .map(o ->
                      new Operation(
                          o.getKey().toUpperCase(Locale.ROOT),
                          Pattern.compile(path.getKey().replaceAll("\\{[^}]+}", "[^/]+")),
                          path.getKey(),
                          o.getValue().path("responses"))))
          // What is named in full comes before what has a place for anything.
          .sorted(java.util.Comparator.comparing(o -> o.template().contains("{")))
          .toList();

  private static final Map<String, Schema> COMPILED = new ConcurrentHashMap<>();

  private Contract() {}

  private record Operation(String verb, Pattern path, String template, JsonNode responses) {}

  /**
   * Holds an answer to what is said of it.
   *
   * @throws AssertionError where it is not as it is described
   */
  static void holds(HttpResponse<String> answer) {
    if ("1".equals(System.getenv("UPDATE_OPENAPI"))) {
      // It is about to be written again.
      return;
    }
    String type = answer.headers().firstValue("Content-Type").orElse("");
    if (!type.startsWith("application/json") && !type.startsWith("application/problem+json")) {
      return;
    }
    if (type.startsWith("application/problem") && answer.body().contains("[[")) {
      throw new AssertionError("a problem has marks in its words: " + answer.body());
    }
    String verb = answer.request().method();
    String path = answer.uri().getPath();
    OPERATIONS.stream()
        .filter(o -> o.verb().equals(verb) && o.path().matcher(path).matches())
        .findFirst()
        .ifPresent(o -> holds(o, type.replaceAll(";.*", ""), answer));
  }

  private static void holds(Operation operation, String type, HttpResponse<String> answer) {
    String status = String.valueOf(answer.statusCode());
    JsonNode said = operation.responses().path(status);
    JsonNode schema =
        (said.isMissingNode() ? operation.responses().path("default") : said)
            .path("content")
            .path(type)
            .path("schema");
    String what = operation.verb() + " " + operation.template() + " " + status;
    if (schema.isMissingNode()) {
      throw new AssertionError(what + " is not described as " + type);
    }
    var wrong =
        COMPILED
            .computeIfAbsent(what, _ -> compiled(schema))
            .validate(answer.body(), InputFormat.JSON);
    if (!wrong.isEmpty()) {
      throw new AssertionError(
          what + " is not as described: " + wrong.subList(0, Math.min(5, wrong.size())));
    }
  }

  private static Schema compiled(JsonNode schema) {
    ObjectNode whole = ((ObjectNode) schema).deepCopy();
    whole.set("components", SAID.path("components"));
    return SCHEMAS.getSchema(JSON.writeValueAsString(whole), InputFormat.JSON);
  }
}

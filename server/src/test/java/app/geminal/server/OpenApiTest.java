package app.geminal.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** docs/openapi.json is what the server says of itself; set UPDATE_OPENAPI=1 to write it again. */
class OpenApiTest extends ShopTest {
  private static final Path KEPT = Path.of("..", "docs", "openapi.json");
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  @Override
  protected String[] settings() {
    return new String[] {"--springdoc.api-docs.enabled=true"};
  }

  @Test
  void theKeptDescriptionIsUpToDate() throws IOException {
    JsonNode said = JSON.readTree(smith.get("/api/v1/openapi").body());
    ((ObjectNode) said).remove("servers");
    if ("1".equals(System.getenv("UPDATE_OPENAPI"))) {
      Files.writeString(KEPT, JSON.writeValueAsString(said) + "\n");
    }
    assertThat(JSON.readTree(KEPT.toFile())).isEqualTo(said);
    assertThat(said.at("/paths").propertyNames())
        .contains("/api/v1/billets/{id}", "/api/v1/runs", "/api/v1/book", "/api/v1/steels");
  }

  @Test
  void everyRecordHasANameOfItsOwnAndSaysWhatMustBeThere() throws IOException {
    JsonNode said = JSON.readTree(KEPT.toFile());
    Map<String, JsonNode> schemas = new TreeMap<>();
    said.at("/components/schemas").properties().forEach(e -> schemas.put(e.getKey(), e.getValue()));
    Set<String> operations = new TreeSet<>();
    List<String> faults = new ArrayList<>();
    said.path("paths")
        .forEach(path ->
            path.forEach(operation -> {
              String id = operation.path("operationId").asString("");
              if (!operations.add(id) || operation.at("/responses/default").isMissingNode()) {
                faults.add(id);
              }
            }));
    schemas.forEach((name, schema) -> {
      boolean oneOfSeveral = schema.has("oneOf");
      boolean mayBeEmpty =
          schema.path("properties").valueStream().allMatch(p -> p.toString().contains("null"));
      if (!oneOfSeveral && !mayBeEmpty && schema.path("required").isEmpty()) {
        faults.add(name + " says nothing of what must be there");
      }
      schema
          .path("properties")
          .properties()
          .forEach(p -> {
            if (p.getValue().path("description").asString("").isBlank()) {
              faults.add(name + "." + p.getKey() + " is not described");
            }
          });
    });
    Matcher reference = Pattern.compile("#/components/schemas/(\\w+)").matcher(said.toString());
    while (reference.find()) {
      if (!schemas.containsKey(reference.group(1))) {
        faults.add(reference.group(1) + " is missing");
      }
    }
    assertThat(faults).isEmpty();
    assertThat(schemas).hasSizeGreaterThan(200);
    assertThat(operations).hasSizeGreaterThan(100);
  }
}

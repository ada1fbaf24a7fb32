package app.geminal.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** docs/openapi.json is what the server says of itself; set UPDATE_OPENAPI=1 to write it anew. */
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
    JsonNode said = JSON.readTree(smith.get("/api/openapi").body());
    ((ObjectNode) said).remove("servers");
    if ("1".equals(System.getenv("UPDATE_OPENAPI"))) {
      Files.writeString(KEPT, JSON.writeValueAsString(said) + "\n");
    }
    assertThat(JSON.readTree(KEPT.toFile())).isEqualTo(said);
    assertThat(said.at("/paths").propertyNames())
        .contains("/api/billets/{id}", "/api/runs", "/api/book", "/api/steels");
  }
}

package app.geminal.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.TestShop;
import app.geminal.server.Visitor;
import app.geminal.server.Visitor.Answer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** An archive is restored over HTTP: inspected first, and only into an empty shop. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RestoreApiTest {
  private static final String LOOK = "/api/v1/archives";
  private static final String ZIP = "application/zip";

  @TempDir static Path folder;
  private TestShop full;
  private Path archive;

  @BeforeAll
  void open() throws IOException {
    full = TestShop.demo();
    archive = folder.resolve("shop.zip");
    try (OutputStream out = Files.newOutputStream(archive)) {
      full.bean(Archives.class).write(out);
    }
  }

  @AfterAll
  void close() {
    full.close();
  }

  @Test
  void whoHasTheCodeLooksIntoAnArchiveAndRestoresItIntoAnEmptyShop() throws IOException {
    Path file = folder.resolve("code");
    try (TestShop empty =
        TestShop.on(TestShop.emptyDatabase(), "--geminal.owner-code-file=" + file)) {
      String code = Files.readString(file);
      Visitor visitor = empty.visitor();
      var sent = BodyPublishers.ofFile(archive);
      assertThat(visitor.send("POST", LOOK, ZIP, sent).<String>at("$.where")).isEqualTo("/code");
      assertThat(visitor.withCode("WRONGWRONG22", LOOK, ZIP, sent).status()).isEqualTo(422);

      Answer contents = visitor.withCode(code, LOOK, ZIP, sent);
      assertThat(contents.status()).isEqualTo(200);
      assertThat(contents.<Integer>at("$.billets"))
          .isEqualTo((int) full.dump("billet").lines().count());
      assertThat(contents.<Boolean>at("$.empty")).isTrue();

      String restore = LOOK + "/" + contents.<String>at("$.id") + "/restore";
      assertThat(visitor.post(restore, "").status()).as("without the code").isEqualTo(422);
      var nothing = BodyPublishers.noBody();
      assertThat(visitor.withCode(code, LOOK + "/other/restore", ZIP, nothing).status())
          .isEqualTo(404);
      assertThat(visitor.withCode(code, restore, "application/json", nothing).status())
          .isEqualTo(204);
      for (String table : TableRepository.ALL) {
        assertThat(empty.dump(table)).as(table).isEqualTo(full.dump(table));
      }
      assertThat(visitor.withCode(code, LOOK, ZIP, sent).status())
          .as("the code when there is an owner")
          .isEqualTo(422);
      assertThat(visitor.post("/api/v1/owner", "{}").status()).isEqualTo(422);
    }
  }

  @Test
  void anOwnerLooksIntoAnArchiveAndKeepsTheShopThereIs() throws IOException {
    Visitor owner = full.smith();
    Answer contents = owner.send("POST", LOOK, ZIP, BodyPublishers.ofFile(archive));
    assertThat(contents.<Boolean>at("$.empty")).isFalse();
    Answer refused = owner.post(LOOK + "/" + contents.<String>at("$.id") + "/restore", "");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.<String>at("$.detail")).contains("There is already a shop here");
    assertThat(owner.get("/api/v1/billets").<List<?>>at("$")).isNotEmpty();
  }

  @Test
  void whatIsNoArchiveIsSaidToBeNone() {
    Visitor owner = full.smith();
    for (String no : List.of("", "{}", "PK")) {
      Answer refused = owner.send("POST", LOOK, ZIP, BodyPublishers.ofString(no));
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.<String>at("$.detail")).contains("not an archive");
    }
  }
}

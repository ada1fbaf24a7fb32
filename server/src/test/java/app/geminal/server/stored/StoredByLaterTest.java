package app.geminal.server.stored;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.JsonPath;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a later release has stored survives being edited by this one, and what it cannot read. */
class StoredByLaterTest extends ShopTest {
  private static String changed(String plan) {
    return "{\"version\": 1, \"name\": \"Bar\", \"purpose\": \"\", \"plan\": " + plan + "}";
  }

  private int billet() {
    return smith
        .post("/api/v1/billets", "{\"name\": \"Bar\", \"purpose\": \"\", \"plan\": " + PLAN + "}")
        .at("$.id");
  }

  private void later(String table, String column, int id, String path, String value) {
    assertThat(
            shop.update(
                "UPDATE %s SET %s = JSON_SET(%s, '%s', '%s') WHERE id = %d"
                    .formatted(table, column, column, path, value, id)))
        .isEqualTo(1);
  }

  @Test
  void inAPlan() {
    int id = billet();
    later("billet", "plan", id, "$.weather", "dry");
    later("billet", "plan", id, "$.steps[1].by", "M");
    later("billet", "plan", id, "$.stack.pieces[1].heat", "7");
    Answer billet = smith.get("/api/v1/billets/" + id);
    assertThat(billet.status()).isEqualTo(200);
    assertThat(billet.<List<String>>at("$.plan.steps[*].key")).containsExactly("a", "b", "c", "d");
    String thinner = PLAN.replace("\"heightMm\": 3.175", "\"heightMm\": 4");
    assertThat(smith.put("/api/v1/billets/" + id, changed(thinner)).status()).isEqualTo(200);
    String stored = smith.get("/api/v1/billets/%d/stored".formatted(id)).body();
    assertThat(JsonPath.<String>read(stored, "$.weather")).isEqualTo("dry");
    assertThat(JsonPath.<String>read(stored, "$.steps[1].by")).isEqualTo("M");
    assertThat(JsonPath.<Double>read(stored, "$.steps[1].operation.heightMm")).isEqualTo(4);
    assertThat(JsonPath.<String>read(stored, "$.stack.pieces[1].heat")).isEqualTo("7");
  }

  @Test
  void aStepThisReleaseDoesNotKnowIsSetAsideWithItsPlaceAndTheRestWorks() {
    int id = billet();
    later("billet", "plan", id, "$.steps[2].operation.kind", "anneal");
    Answer rack = smith.get("/api/v1/billets");
    assertThat(rack.<List<String>>at("$[?(@.id == %d)].unreadable".formatted(id)))
        .singleElement()
        .asString()
        .contains("steps/2/operation/kind")
        .contains("“anneal” is not known to this release");
    assertThat(rack.<List<Integer>>at("$[?(@.progress)].id")).hasSizeGreaterThan(5);
    String stored = smith.get("/api/v1/billets/%d/stored".formatted(id)).body();
    assertThat(JsonPath.<String>read(stored, "$.steps[2].operation.kind")).isEqualTo("anneal");
    later("billet", "plan", id, "$.steps[2].operation.kind", "cut");
    assertThat(smith.get("/api/v1/billets/" + id).status()).as("once it is known").isEqualTo(200);
  }

  @Test
  void inAPlanOfALaterFormat() {
    int id = billet();
    shop.update("UPDATE billet SET plan_format = 3 WHERE id = " + id);
    assertThat(
            smith
                .get("/api/v1/billets")
                .<List<String>>at("$[?(@.id == %d)].unreadable".formatted(id)))
        .singleElement()
        .asString()
        .contains("stored by a later release (format 3, here 2)");
  }

  @Test
  void inTheShop() {
    String same = JsonPath.parse(smith.get("/api/v1/shop").<Object>at("$.shop")).jsonString();
    int version = smith.get("/api/v1/shop").at("$.version");
    Answer kept =
        smith.put("/api/v1/shop", "{\"version\": %d, \"shop\": %s}".formatted(version, same));
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    later("shop", "shop", 1, "$.practice.apron", "leather");
    String edited = same.replace("\"airControl\":true", "\"airControl\":false");
    Answer put =
        smith.put("/api/v1/shop", "{\"version\": %d, \"shop\": %s}".formatted(version + 1, edited));
    assertThat(put.status()).as(put.body()).isEqualTo(200);
    assertThat(shop.dump("shop"))
        .contains("\"apron\":\"leather\"")
        .contains("\"airControl\":false");
  }

  @Test
  void inAnEntryOfTheBook() {
    int id = billet();
    String entry =
        """
        {"treated": {"kind": "ETCHED", "at": "2026-05-01T10:00:00Z", "cycles": %d, "note": ""}}\
        """;
    int etched =
        smith.post("/api/v1/billets/%d/entries".formatted(id), entry.formatted(3)).at("$.id");
    later("book_entry", "body", etched, "$.treated.coffee", "strong");
    Answer put =
        smith.put(
            "/api/v1/book/entries/" + etched,
            "{\"version\": 1, \"says\": " + entry.formatted(4) + "}");
    assertThat(put.status()).as(put.body()).isEqualTo(200);
    assertThat(shop.dump("book_entry")).contains("\"cycles\":4").contains("\"coffee\":\"strong\"");
  }
}

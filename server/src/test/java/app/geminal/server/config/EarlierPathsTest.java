package app.geminal.server.config;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What earlier releases called a path is still answered, by the same rules. */
class EarlierPathsTest extends ShopTest {
  @ParameterizedTest
  @CsvSource({
    "/api/v1/fires, /api/v1/forge-sessions",
    "/api/v1/fires?limit=1, /api/v1/forge-sessions?limit=1",
    "/api/v1/schools, /api/v1/protections",
    "/api/v1/put-away, /api/v1/removed-items",
  })
  void isReadUnderItsEarlierName(String then, String now) {
    assertThat(smith.get(then).status()).isEqualTo(200);
    assertThat(smith.get(then).body()).isEqualTo(smith.get(now).body());
    assertThat(shop.visitor().get(then).status()).isEqualTo(401);
  }

  @Test
  void whatWasStruckIsDeletedAndComesBack() {
    int weld = smith.get("/api/v1/book").at("$[0].id");
    int billet = smith.get("/api/v1/billets").at("$[0].id");
    String struck = "$[?(@.kind == 'WELD')].id";
    assertThat(smith.post("/api/v1/welds/" + weld + "/strike", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/removed-items").<java.util.List<String>>at(struck))
        .containsExactly(Integer.toString(weld));
    assertThat(smith.post("/api/v1/welds/" + weld + "/unstrike", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/welds/" + weld + "/before").status()).isEqualTo(200);
    assertThat(smith.post("/api/v1/billets/" + billet + "/off-rack", "").status()).isEqualTo(204);
    assertThat(smith.post("/api/v1/billets/" + billet + "/on-rack", "").status()).isEqualTo(204);
  }

  /** A page that was open during an update still sends its entries there. */
  @Test
  void entriesOfASessionAreHeldToTheSameRules() {
    assertThat(smith.post("/api/v1/fires/1/entries", "{\"entries\": []}").status())
        .isEqualTo(smith.post("/api/v1/forge-sessions/1/entries", "{\"entries\": []}").status())
        .isEqualTo(422);
    assertThat(smith.forge("/api/v1/fires/1/end", "").status()).isEqualTo(403);
    assertThat(smith.get("/api/v1/firesides").status()).isEqualTo(404);
  }
}

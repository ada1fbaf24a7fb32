package app.geminal.server.steel;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.List;
import org.junit.jupiter.api.Test;

class SteelApiTest extends ShopTest {
  private static String spring(String id, String tests) {
    return """
    {"id": "%s", "name": "Leaf spring, first leaf", "origin": "RECLAIMED", "like": "leaf_spring",
     "composition": {"carbonMin": 0.5, "carbon": 0.6, "carbonMax": 0.7, "manganese": 0.85,
       "silicon": 0.25, "nickel": 0, "chromium": 0.8, "molybdenum": 0, "vanadium": 0,
       "tungsten": 0, "copper": 0, "phosphorus": 0},
     "tests": [%s],
     "given": {"solidusC": null, "weldFromC": null, "weldToC": null, "hardenFromC": null,
       "hardenToC": null, "quench": null, "etchTone": 0.31}}
    """
        .formatted(id, tests);
  }

  private static final String SPARK =
      "{\"kind\": \"SPARK\", \"seen\": \"short, forked\", \"value\": 0.62}";
  private static final String BREAK =
      "{\"kind\": \"HARDEN_AND_BREAK\", \"seen\": \"grey, fine\", \"value\": null}";

  @Test
  void everyShippedSteelComesWithItsSources() {
    Answer all = smith.get("/api/v1/steels");
    assertThat(all.<List<String>>at("$[?(@.ownId == null)].id")).hasSize(52);
    assertThat(all.<List<String>>at("$[?(@.id == '15N20')].solidus.basis"))
        .containsExactly("COMPUTED");
    assertThat(all.<List<String>>at("$[?(@.id == '15N20')].hardening.bladeQuench"))
        .containsExactly("fast oil");
    assertThat(all.<List<Double>>at("$[?(@.id == '15N20')].hardening.temper['200.0']"))
        .containsExactly(60.0);
  }

  @Test
  void reclaimedStockIsWorkedOutKeptChangedAndUnlisted() {
    Answer preview = smith.post("/api/v1/steels/own/preview", spring("hay_cart", ""));
    assertThat(preview.<String>at("$.confidence")).isEqualTo("LOW");
    assertThat(smith.get("/api/v1/steels").body()).doesNotContain("hay_cart");

    Answer added = smith.post("/api/v1/steels/own", spring("hay_cart", SPARK));
    assertThat(added.status()).isEqualTo(201);
    assertThat(added.<String>at("$.confidence")).isEqualTo("LOW");
    assertThat(added.number("$.composition.carbon")).isEqualTo(0.62);
    long id = ((Number) added.at("$.ownId")).longValue();

    String changed =
        "{\"version\": 1, \"steel\": " + spring("hay_cart", SPARK + ", " + BREAK) + "}";
    assertThat(smith.put("/api/v1/steels/own/" + id, changed).<String>at("$.confidence"))
        .isEqualTo("MEDIUM");
    Answer stale = smith.put("/api/v1/steels/own/" + id, changed);
    assertThat(stale.status()).isEqualTo(409);

    Answer billet =
        smith.post(
            "/api/v1/billets",
            "{\"name\": \"Spring bar\", \"purpose\": \"\", \"plan\": "
                + PLAN.replace("\"1075\"", "\"hay_cart\"")
                + "}");
    assertThat(billet.status()).isEqualTo(201);
    assertThat(smith.post("/api/v1/steels/own/" + id + "/unlist", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/steels").body()).doesNotContain("hay_cart");
    int number = billet.at("$.id");
    assertThat(smith.get("/api/v1/billets/" + number).status()).isEqualTo(200);
    assertThat(smith.post("/api/v1/steels/own/" + id + "/list", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/steels").body()).contains("hay_cart");
    smith.post("/api/v1/billets/" + number + "/archive", "");
  }

  @Test
  void aTakenNameAndAnUnknownLikenessAreReportedAtTheirPlace() {
    Answer taken = smith.post("/api/v1/steels/own", spring("1084", ""));
    assertThat(taken.status()).isEqualTo(422);
    assertThat(taken.<String>at("$.where")).isEqualTo("/id");
    Answer unlike =
        smith.post(
            "/api/v1/steels/own", spring("other", "").replace("\"leaf_spring\"", "\"unicorn\""));
    assertThat(unlike.status()).isEqualTo(422);
    assertThat(unlike.<String>at("$.detail")).contains("unicorn");
    assertThat(shop.dump("own_steel")).doesNotContain("unicorn");
  }

  @Test
  void aTableIsExportedAndImportedAndABadRowTakesNothing() {
    smith.post("/api/v1/steels/own", spring("quay_spring", SPARK));
    String table = smith.get("/api/v1/steels/own.csv").body();
    assertThat(table).contains("short_name,name,origin").contains("quay_spring");
    String row = table.lines().filter(l -> l.startsWith("quay_spring")).findFirst().orElseThrow();
    String head = table.lines().findFirst().orElseThrow();

    String before = shop.dump("own_steel");
    Answer bad =
        csv(
            head
                + "\r\n"
                + row.replace("quay_spring", "barge_spring")
                + "\r\n"
                + row.replace("quay_spring", "third").replace(",0.85,", ",plenty,")
                + "\r\n");
    assertThat(bad.status()).isEqualTo(422);
    assertThat(bad.<Integer>at("$.faults[0].line")).isEqualTo(3);
    assertThat(bad.<String>at("$.faults[0].column")).isEqualTo("Mn");
    assertThat(bad.<String>at("$.faults[0].reason")).contains("plenty");
    assertThat(shop.dump("own_steel")).isEqualTo(before);

    Answer good = csv(head + "\r\n" + row.replace("quay_spring", "barge_spring") + "\r\n" + row);
    assertThat(good.status()).isEqualTo(200);
    assertThat(good.<Integer>at("$.steels")).isEqualTo(2);
    assertThat(smith.get("/api/v1/steels").body()).contains("barge_spring");
    assertThat(csv(head + "\r\n" + row.replace("quay_spring", "1084")).status()).isEqualTo(422);
  }

  @Test
  void strangersSeeNoSteels() {
    assertThat(shop.visitor().get("/api/v1/steels").status()).isEqualTo(401);
    assertThat(shop.visitor().get("/api/v1/steels/own.csv").status()).isEqualTo(401);
  }

  private Answer csv(String table) {
    return smith.send("POST", "/api/v1/steels/own.csv", "text/csv", BodyPublishers.ofString(table));
  }
}

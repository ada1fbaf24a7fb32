package app.geminal.server.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import org.junit.jupiter.api.Test;

class ShopApiTest extends ShopTest {

  private static String changed(int version, String shop) {
    return "{\"version\": %d, \"shop\": %s}".formatted(version, shop);
  }

  private static String shopOf(Answer kept) {
    return com.jayway.jsonpath.JsonPath.parse(kept.<Object>at("$.shop")).jsonString();
  }

  @Test
  void habitsAndMachinesAreKeptAndPlansAreComputedWithThem() {
    Answer first = smith.get("/api/v1/shop");
    String shop = shopOf(first);
    int version = first.at("$.version");
    double before =
        smith.post("/api/v1/runs", "{\"plan\": " + PLAN + "}").number("$.ledger.finishedKg");
    String oxidising = shop.replace("\"atmosphere\":\"RICH\"", "\"atmosphere\":\"OXIDISING\"");
    assertThat(oxidising).isNotEqualTo(shop);
    Answer put = smith.put("/api/v1/shop", changed(version, oxidising));
    assertThat(put.status()).isEqualTo(200);
    assertThat(put.<Integer>at("$.version")).isEqualTo(version + 1);
    double after =
        smith.post("/api/v1/runs", "{\"plan\": " + PLAN + "}").number("$.ledger.finishedKg");
    assertThat(after).isLessThan(before);
    assertThat(smith.put("/api/v1/shop", changed(version, shop)).status()).isEqualTo(409);
    assertThat(smith.put("/api/v1/shop", changed(version + 1, shop)).status()).isEqualTo(200);
    assertThat(smith.post("/api/v1/runs", "{\"plan\": " + PLAN + "}").number("$.ledger.finishedKg"))
        .isCloseTo(before, within(1e-12));
  }

  @Test
  void outfitsAreShopsToStartFrom() {
    Answer presets = smith.get("/api/v1/shop/outfits");
    assertThat(presets.<Integer>at("$.length()")).isEqualTo(3);
    assertThat(presets.<Object>at("$[1].shop.press")).isNull();
    assertThat(presets.number("$[0].shop.press.boreMm")).isEqualTo(127);
  }

  @Test
  void absurdMachinesAreRefusedWithTheirPlace() {
    Answer kept = smith.get("/api/v1/shop");
    String before = shop.dump("shop");
    String absurd = shopOf(kept).replace("\"highestC\":1290", "\"highestC\":9000");
    Answer answer = smith.put("/api/v1/shop", changed(kept.at("$.version"), absurd));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.<String>at("$.where")).isEqualTo("/shop/forge/highestC");
    assertThat(shop.dump("shop")).isEqualTo(before);
  }
}

package app.geminal.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StockApiTest extends ShopTest {
  private static String bar(String steel, double thickness, String price) {
    return """
    {"steel": "%s", "widthMm": 38.1, "thicknessMm": %s, "lengthMm": 914.4, "pieces": 4, %s
     "source": "Ropewalk steel store", "note": ""}
    """
        .formatted(steel, thickness, price);
  }

  private static final String PRICED = "\"price\": 6.5, \"pricePer\": \"METRE\",";

  @Test
  void barsGoOnTheShelfChangeAndComeOff() {
    Answer added = smith.post("/api/v1/stock", bar("1084", 3.175, PRICED));
    assertThat(added.status()).isEqualTo(201);
    int id = added.at("$.id");
    String changed = "{\"version\": 1, \"bar\": " + bar("1084", 2.7, PRICED) + "}";
    assertThat(smith.put("/api/v1/stock/" + id, changed).number("$.bar.thicknessMm"))
        .isEqualTo(2.7);
    assertThat(smith.put("/api/v1/stock/" + id, changed).status()).isEqualTo(409);
    assertThat(smith.post("/api/v1/stock/" + id + "/archive", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/stock").body()).doesNotContain("\"thicknessMm\":2.7,");
    assertThat(smith.post("/api/v1/stock/" + id + "/restore", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/stock").body()).contains("\"thicknessMm\":2.7,");
    assertThat(smith.post("/api/v1/stock/99999/archive", "").status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          unicorn | 3 | "price": 1, "pricePer": "METRE", | /steel
          1084    | 0 | "price": 1, "pricePer": "METRE", | /thicknessMm
          1084    | 3 | "price": 1,                      | /pricePer
          1084    | 3 | "price": -1, "pricePer": "METRE",| /price
          """)
  void mistakesAreReportedAtTheirPlaceAndNothingIsKept(
      String steel, double thickness, String price, String where) {
    String before = shop.dump("stock");
    Answer answer = smith.post("/api/v1/stock", bar(steel, thickness, price));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.<String>at("$.where")).isEqualTo(where);
    assertThat(shop.dump("stock")).isEqualTo(before);
  }
}

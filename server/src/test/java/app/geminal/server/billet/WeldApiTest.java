package app.geminal.server.billet;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeldApiTest extends ShopTest {
  private static final String WELD =
      """
      {"stepKey": "a", "temperatureC": 1176.6666666666667, "school": "DRY", "outcome": "HELD",
       "note": "Clean."}
      """;

  private int billet() {
    return smith
        .post("/api/v1/billets", "{\"name\": \"B\", \"purpose\": \"\", \"plan\": " + PLAN + "}")
        .at("$.id");
  }

  @Test
  void aLoggedWeldIsInTheBookAndMovesTheBilletOn() {
    int id = billet();
    Answer logged = smith.post("/api/v1/billets/" + id + "/welds", WELD);
    assertThat(logged.status()).isEqualTo(201);
    Answer book = smith.get("/api/v1/book");
    assertThat(book.<Integer>at("$[0].billetId")).isEqualTo(id);
    assertThat(book.number("$[0].temperatureC")).isEqualTo((2150 - 32) * 5 / 9.0);
    assertThat(book.<String>at("$[0].stepTitle")).isEqualTo("Weld 1, step 1");
    assertThat(book.<String>at("$[0].madeBy")).isEqualTo("Wharf smithy");
    Answer opened = smith.get("/api/v1/billets/" + id);
    assertThat(opened.<Integer>at("$.progress.weldsMade")).isEqualTo(1);
    assertThat(opened.<Object>at("$.progress.nextWeld")).isNull();
    assertThat(opened.<Integer>at("$.welds.length()")).isEqualTo(1);
  }

  @Test
  void aDeletedWeldIsGoneUntilTheDeletionIsTakenBack() {
    int id = billet();
    int weld = smith.post("/api/v1/billets/" + id + "/welds", WELD).at("$.id");
    assertThat(smith.post("/api/v1/welds/" + weld + "/delete", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/billets/" + id).<Integer>at("$.welds.length()")).isZero();
    smith.post("/api/v1/welds/" + weld + "/restore", "");
    assertThat(smith.get("/api/v1/billets/" + id).<Integer>at("$.welds.length()")).isEqualTo(1);
    assertThat(smith.post("/api/v1/welds/999999/delete", "").status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"stepKey\": \"a\"|\"stepKey\": \"b\"|422|/stepKey",
        "\"stepKey\": \"a\"|\"stepKey\": \"zz\"|422|/stepKey",
        "1176.6666666666667|20|422|/temperatureC",
        "1176.6666666666667|\"hot\"|400|/temperatureC",
        "\"HELD\"|\"MAYBE\"|400|/outcome",
        "\"note\"|\"madeAt\": \"2199-01-01T00:00:00Z\", \"note\"|422|/madeAt",
      })
  void badEntriesAreRefusedAndNothingIsWritten(String good, String bad, int status, String where) {
    int id = billet();
    String before = shop.dump("weld");
    Answer answer = smith.post("/api/v1/billets/" + id + "/welds", WELD.replace(good, bad));
    assertThat(answer.status()).as(answer.body()).isEqualTo(status);
    assertThat(answer.<String>at("$.where")).isEqualTo(where);
    assertThat(shop.dump("weld")).isEqualTo(before);
  }
}

package app.geminal.server.removed;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is archived or deleted is found again, also after everything was fetched again. */
class PutAwayApiTest extends ShopTest {
  private static final String BAR =
      """
      {"steel": "1084", "widthMm": 41.5, "thicknessMm": 3.5, "lengthMm": 777, "pieces": 4,
       "price": null, "pricePer": null, "prepMinutes": null, "source": "Ropewalk steel store", "note": ""}
      """;

  private List<String> ids(String kind) {
    return smith.get("/api/v1/removed-items").at("$[?(@.kind == '%s')].id".formatted(kind));
  }

  @Test
  void aBilletOffTheRackAndBarsOffTheShelfAreInTheList() {
    int billet = smith.get("/api/v1/billets").at("$[0].id");
    String name = smith.get("/api/v1/billets/" + billet).at("$.name");
    smith.post("/api/v1/billets/" + billet + "/archive", "");
    int bar = smith.post("/api/v1/stock", BAR).at("$.id");
    smith.post("/api/v1/stock/" + bar + "/archive", "");
    Answer list = smith.get("/api/v1/removed-items");
    assertThat(list.status()).isEqualTo(200);
    assertThat(list.<List<String>>at("$[?(@.kind == 'BILLET')].what")).contains(name);
    assertThat(
            list.<List<Object>>at(
                "$[?(@.id == '%d' && @.kind == 'BAR')].sizesMm[*]".formatted(bar)))
        .containsExactly(41.5, 3.5, 777.0);
    smith.post("/api/v1/billets/" + billet + "/restore", "");
    smith.post("/api/v1/stock/" + bar + "/restore", "");
    assertThat(ids("BILLET")).doesNotContain(Integer.toString(billet));
    assertThat(ids("BAR")).doesNotContain(Integer.toString(bar));
  }

  @Test
  void deletedLinesOfTheBookAreInTheList() {
    int weld = smith.get("/api/v1/book").at("$[0].id");
    int entry = smith.get("/api/v1/book/entries").at("$[0].id");
    smith.post("/api/v1/welds/" + weld + "/delete", "");
    smith.post("/api/v1/book/entries/" + entry + "/delete", "");
    assertThat(ids("WELD")).containsExactly(Integer.toString(weld));
    assertThat(ids("ENTRY")).containsExactly(Integer.toString(entry));
    smith.post("/api/v1/welds/" + weld + "/restore", "");
    smith.post("/api/v1/book/entries/" + entry + "/restore", "");
    assertThat(ids("WELD")).isEmpty();
    assertThat(ids("ENTRY")).isEmpty();
  }

  @Test
  void whoIsNotSignedInSeesNothing() {
    assertThat(shop.visitor().get("/api/v1/removed-items").status()).isEqualTo(401);
  }
}

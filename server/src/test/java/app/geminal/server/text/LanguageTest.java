package app.geminal.server.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A made-up language, en-XA, in which every text of a catalogue is in brackets. */
class LanguageTest extends ShopTest {
  @BeforeEach
  void readsTheMadeUpLanguage() {
    smith.reads("en-XA");
  }

  @AfterEach
  void readsEnglish() {
    smith.reads("en");
  }

  private static void isTranslated(Answer refused) {
    assertThat(refused.status()).isGreaterThanOrEqualTo(400);
    for (String member : List.of("$.title", "$.detail", "$.remedy")) {
      String text = refused.at(member);
      assertThat(text.isEmpty() || text.startsWith("⟦") && text.endsWith("⟧"))
          .as(member + " of " + refused.body())
          .isTrue();
    }
  }

  @Test
  void refusalsOfEveryKindAreInTheReadersLanguage() {
    Map<String, String> asked =
        Map.of(
            "/api/v1/plans/read", "{\"line\":\"(1075 thick) 40 x 150\"}",
            "/api/v1/billets",
                "{\"name\":\"\",\"purpose\":\"\",\"plan\":{\"stack\":{},\"steps\":[]}}",
            "/api/v1/billets/1/welds", "{\"stepKey\":\"none\"}",
            "/api/v1/people", "{\"login\":\"a b\",\"name\":\"A\"}",
            "/api/v1/instruments", "not JSON");
    asked.forEach((path, body) -> isTranslated(smith.post(path, body)));
    isTranslated(smith.get("/api/v1/billets/999999"));
    isTranslated(smith.from("https://elsewhere.example", "/api/v1/billets"));
  }

  @Test
  void findingsAreToo() {
    List<String> found = smith.get("/api/v1/billets/1").at("$.run.findings[*].what");
    assertThat(found).isNotEmpty().allMatch(s -> s.startsWith("⟦"));
  }
}

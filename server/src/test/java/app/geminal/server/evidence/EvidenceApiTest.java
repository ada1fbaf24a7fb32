package app.geminal.server.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class EvidenceApiTest extends ShopTest {
  private int billet;

  @BeforeAll
  void weld() {
    billet =
        smith
            .post(
                "/api/v1/billets",
                "{\"name\": \"Caulking iron\", \"purpose\": \"\", \"plan\": " + PLAN + "}")
            .at("$.id");
    for (int i = 0; i < 40; i++) {
      log("DRY", i % 2 == 0 ? "OPEN" : "HELD", i);
      log("BORAX", i % 20 == 0 ? "OPEN" : "HELD", i);
    }
  }

  private void log(String protection, String outcome, int minute) {
    smith.post(
        "/api/v1/billets/" + billet + "/welds",
        """
        {"stepKey": "a", "madeAt": "2026-04-01T08:%02d:00Z", "temperatureC": 1170, "school": "%s",
         "outcome": "%s", "note": "", "how": {"soakMin": 10, "neededSoakMin": 14, "joints": 0,
         "later": false}}\
        """
            .formatted(minute, protection, outcome));
  }

  @Test
  void itCountsAndPredicts() {
    Answer evidence = smith.get("/api/v1/evidence");
    assertThat(evidence.number("$.all.open")).isGreaterThanOrEqualTo(22);
    assertThat(
            evidence.<List<Boolean>>at(
                "$.factors[?(@.factor == 'PROTECTION')].lines[?(@.level == 'DRY')].tally.tooFew"))
        .containsExactly(false);
    assertThat(
            evidence.<List<Integer>>at(
                "$.factors[?(@.factor == 'SOAK')].lines[?(@.level == 'short')].tally.open"))
        .containsExactly(27);
    assertThat(evidence.number("$.belief.mean")).isGreaterThan(0.85);
    double dry = smith.get("/api/v1/evidence/next?billet=" + billet + "&step=a").number("$.mean");
    int withBorax =
        smith
            .post(
                "/api/v1/billets",
                "{\"name\": \"Borax\", \"purpose\": \"\", \"plan\": "
                    + PLAN.replace("DRY", "BORAX")
                    + "}")
            .at("$.id");
    double borax =
        smith.get("/api/v1/evidence/next?billet=" + withBorax + "&step=a").number("$.mean");
    assertThat(dry).isLessThan(borax - 0.1);
    assertThat(evidence.body()).doesNotContainIgnoringCase("because");
  }

  @Test
  void findingsAreWhatTheBookSaysOfSuchWelds() {
    String hurried = PLAN.replace("\"soakMin\": 15", "\"soakMin\": 0");
    Answer run = smith.post("/api/v1/runs", "{\"plan\": " + hurried + "}");
    assertThat(run.<List<String>>at("$.findings[?(@.id == 'soak-short')].record").getFirst())
        .startsWith("In your Book")
        .contains("soaked too short delaminated", "90% range");
  }

  @Test
  void itComparesTwoWays() {
    Answer c = smith.get("/api/v1/evidence/compare?factor=PROTECTION&one=DRY&other=BORAX");
    assertThat(c.number("$.difference")).isGreaterThan(0.3);
    assertThat(c.number("$.needed")).isZero();
    assertThat(smith.get("/api/v1/evidence/compare?factor=PROTECTION&one=DRY&other=none").status())
        .isEqualTo(422);
  }

  @Test
  void measuredBarsAreOfferedAsTheShopsOwnFigures() {
    Answer losses = smith.get("/api/v1/evidence/losses");
    assertThat(losses.<List<String>>at("$[*].loss"))
        .containsExactly("KERF", "SCALE", "TRIM", "GRIND");
    assertThat(losses.number("$[0].now")).isCloseTo(1.6, within(1e-9));
    assertThat(losses.<Boolean>at("$[0].tooFew")).isTrue();
  }
}

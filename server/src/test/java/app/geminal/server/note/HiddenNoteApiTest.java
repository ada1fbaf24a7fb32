package app.geminal.server.note;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A note hidden for a billet or the shop, and shown again. */
class HiddenNoteApiTest extends ShopTest {
  private static final String NOTES = "/api/v1/hidden-notes";

  /** Two billets of the demo shop that have a note on double lines, and nothing hidden. */
  private List<Integer> billets() {
    List<Integer> ids = smith.get("/api/v1/billets").at("$[*].id");
    return ids.stream().filter(id -> !hidden(id).isEmpty()).limit(2).toList();
  }

  /** For each note on double lines whether it is hidden. */
  private List<Boolean> hidden(int billet) {
    return smith
        .get("/api/v1/billets/" + billet)
        .at("$.run.findings[?(@.id == 'joints-merge' && @.canBeHidden)].hidden");
  }

  private Answer hide(String family, Object billet) {
    return smith.post(NOTES, "{\"family\": \"%s\", \"billetId\": %s}".formatted(family, billet));
  }

  @Test
  void aNoteIsHiddenOnOneBilletAndComesBack() {
    List<Integer> ids = billets();
    Answer all = hide("joints-merge", ids.getFirst());
    assertThat(all.<List<String>>at("$[*].family")).containsExactly("joints-merge");
    assertThat(all.<String>at("$[0].what")).isEqualTo("Double lines");
    assertThat(all.<String>at("$[0].billet")).isNotBlank();
    assertThat(hidden(ids.getFirst())).containsOnly(true);
    assertThat(hidden(ids.getLast())).containsOnly(false);
    assertThat(hide("joints-merge", ids.getFirst()).<List<Object>>at("$")).hasSize(1);
    int note = all.at("$[0].id");
    assertThat(smith.post(NOTES + "/" + note + "/show", "").<List<Object>>at("$")).isEmpty();
    assertThat(hidden(ids.getFirst())).containsOnly(false);
    assertThat(smith.post(NOTES + "/" + note + "/show", "").status()).isEqualTo(404);
  }

  @Test
  void aNoteIsHiddenInTheWholeShop() {
    List<Integer> ids = billets();
    int note = hide("joints-merge", null).at("$[0].id");
    ids.forEach(id -> assertThat(hidden(id)).containsOnly(true));
    smith.post(NOTES + "/" + note + "/show", "");
    ids.forEach(id -> assertThat(hidden(id)).containsOnly(false));
  }

  @Test
  void errorsWarningsAndCautionsStay() {
    for (int id : smith.get("/api/v1/billets").<List<Integer>>at("$[*].id")) {
      Answer billet = smith.get("/api/v1/billets/" + id);
      List<Map<String, Object>> findings = billet.at("$.run.findings");
      for (Map<String, Object> finding : findings) {
        assertThat(finding.get("canBeHidden"))
            .isEqualTo(
                "NOTE".equals(finding.get("severity")) && finding.get("safety").equals(false));
      }
      assertThat(billet.<List<Boolean>>at("$.run.cautions[*].canBeHidden")).doesNotContain(true);
    }
    int note = hide("face-not-ground", null).at("$[0].id");
    for (int id : smith.get("/api/v1/billets").<List<Integer>>at("$[*].id")) {
      assertThat(
              smith
                  .get("/api/v1/billets/" + id)
                  .<List<Boolean>>at("$.run.findings[?(@.severity != 'NOTE')].hidden"))
          .doesNotContain(true);
    }
    smith.post(NOTES + "/" + note + "/show", "");
  }

  @Test
  void whatIsNoFindingOrNoBilletIsRefused() {
    assertThat(hide("no-such-thing", null).<String>at("$.where")).isEqualTo("/family");
    assertThat(hide("joints-merge", 999_999).status()).isEqualTo(404);
  }

  @Test
  void theThermocoupleIsSpokenOfWithTheShop() {
    assertThat(smith.get("/api/v1/shop").<List<String>>at("$.findings[*].id"))
        .containsExactly("gauge-not-calibrated");
  }
}

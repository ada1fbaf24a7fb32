package app.geminal.server.billet;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import org.junit.jupiter.api.Test;

class PlanApiTest extends ShopTest {

  @Test
  void shorthandIsReadInTheReadersUnits() {
    Answer read =
        smith.post(
            "/api/v1/plans/read",
            "{\"line\": \"13 (1075 1/8, 15N20 .062) 1 1/2 x 5 7/8 > set 3\"}");
    assertThat(read.number("$.plan.stack.widthMm")).isEqualTo(38.1);
    assertThat(read.number("$.plan.stack.pieces[1].thicknessMm")).isEqualTo(1.5748);
  }

  @Test
  void retypedStepsKeepTheirKeys() {
    Answer read =
        smith.post(
            "/api/v1/plans/read",
            "{\"line\": \"3 (1075 1/8, 15N20 1/16) 1 1/2 x 6 > set 4 > cut 5 > restack turned\","
                + " \"plan\": "
                + PLAN
                + "}");
    assertThat(read.<java.util.List<String>>at("$.plan.steps[*].key"))
        .containsExactly("a", "c", "d");
  }

  @Test
  void faultsInShorthandSayFromWhereToWhere() {
    Answer read = smith.post("/api/v1/plans/read", "{\"line\": \"3 (1075 1/8) 1 x 6 > bend 3\"}");
    assertThat(read.status()).isEqualTo(422);
    assertThat(read.<Integer>at("$.from")).isEqualTo(21);
    assertThat(read.<Integer>at("$.to")).isEqualTo(27);
  }

  @Test
  void aStepIsAddedFromItsNameOrFromShorthand() {
    Answer named = smith.post("/api/v1/plans/steps", step(4, "set"));
    assertThat(named.<String>at("$.plan.steps[4].operation.kind")).isEqualTo("set");
    assertThat(named.<String>at("$.plan.steps[4].key")).isEqualTo("s5");
    Answer typed = smith.post("/api/v1/plans/steps", step(2, "trim 1/2, 3/4"));
    assertThat(typed.number("$.plan.steps[2].operation.frontMm")).isEqualTo(12.7);
    assertThat(smith.post("/api/v1/plans/steps", step(9, "set")).<String>at("$.where"))
        .isEqualTo("/after");
    assertThat(smith.post("/api/v1/plans/steps", step(1, "bend")).status()).isEqualTo(422);
  }

  private static String step(int after, String words) {
    return "{\"plan\": %s, \"after\": %d, \"words\": \"%s\"}".formatted(PLAN, after, words);
  }

  @Test
  void anOutlineIsAWholePlan() {
    Answer outline =
        smith.post(
            "/api/v1/plans/outline",
            """
            {"stack": {"pieces": [{"steel": "1075", "thicknessMm": 3},
              {"steel": "15N20", "thicknessMm": 1.5}], "widthMm": 40, "lengthMm": 150},
             "restacks": [{"cut": 4, "turns": ["SAME"]}, {"cut": 3, "turns": ["SAME", "OVER"]}]}
            """);
    assertThat(outline.status()).isEqualTo(200);
    assertThat(outline.<java.util.List<String>>at("$.plan.steps[*].operation.kind"))
        .startsWith("set", "draw", "trim", "cut")
        .endsWith("restack", "set");
    assertThat(
            smith
                .post("/api/v1/plans/outline", outline.body().replace("\"plan\"", "\"stack\""))
                .status())
        .isEqualTo(400);
  }

  @Test
  void planFaultsPointIntoThePlan() {
    Answer run =
        smith.post("/api/v1/runs", "{\"plan\": " + PLAN.replace("\"15N20\"", "\"mystery\"") + "}");
    assertThat(run.<String>at("$.where")).isEqualTo("/plan/stack/pieces/1/steel");
  }
}

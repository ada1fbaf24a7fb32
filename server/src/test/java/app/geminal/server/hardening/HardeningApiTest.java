package app.geminal.server.hardening;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HardeningApiTest extends ShopTest {

  @Test
  void aFinishedPieceIsPlannedFromItsSteelsAndTheWorkIsWritten() {
    int id =
        smith
            .post(
                "/api/v1/billets",
                "{\"name\": \"Slick\", \"purpose\": \"\", \"plan\": " + PLAN + "}")
            .at("$.id");
    Answer plan = smith.get("/api/v1/billets/" + id + "/hardening");
    assertThat(plan.status()).as(plan.body()).isEqualTo(200);
    assertThat(plan.<List<Double>>at("$.normalizingC")).hasSize(3);
    assertThat(plan.<List<String>>at("$.steels[*].steel"))
        .containsExactlyInAnyOrder("1075", "15N20");
    assertThat(plan.number("$.hardenC")).isBetween(760.0, 860.0);
    List<Map<String, Object>> tempers = plan.at("$.tempers");
    assertThat(tempers).isNotEmpty();
    assertThat(plan.body()).contains("Ferric chloride");
    Answer written =
        smith.post(
            "/api/v1/billets/" + id + "/entries",
            """
            {"treated": {"kind": "TESTED", "at": "2026-05-01T10:00:00Z", "hrc": [60.5, 61],
              "file": "SKATES"}}\
            """);
    assertThat(written.status()).as(written.body()).isEqualTo(201);
    assertThat(written.<String>at("$.says.treated.file")).isEqualTo("SKATES");
  }
}

package app.geminal.server.compatibility;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;

class PairApiTest extends ShopTest {
  private Answer ask(String members, String process) {
    return smith.post(
        "/api/v1/pairs",
        "{\"members\": [%s], \"process\": \"%s\", \"cuttingEdge\": true}"
            .formatted(members, process));
  }

  @Test
  void aVerdictComesWithItsReasons() {
    Answer good = ask("{\"steel\": \"1084\"}, {\"steel\": \"15N20\"}", "BORAX");
    assertThat(good.<String>at("$.word")).isEqualTo("Excellent");
    assertThat(good.number("$.verdict.weld.fromC")).isEqualTo(1110);
    assertThat(good.number("$.verdict.hardness.temperC")).isEqualTo(200);
    Answer bad = ask("{\"steel\": \"D2\"}, {\"steel\": \"15N20\"}", "BORAX");
    assertThat(bad.<String>at("$.word")).isEqualTo("Stop");
    assertThat(bad.<List<String>>at("$.verdict.reasons[?(@.weight == 'STOP')].id"))
        .contains("oxide-will-not-lift", "hardening-does-not-overlap");
  }

  @Test
  void rolesChangeTheAnswer() {
    String sides = "{\"steel\": \"420\", \"role\": \"CLADDING\"}";
    Answer core = ask(sides + ", {\"steel\": \"1095\", \"role\": \"EDGE\"}, " + sides, "SEALED");
    assertThat(core.<String>at("$.word")).isNotEqualTo("Stop");
  }

  @Test
  void theMapHasEveryPairOnce() {
    Answer map =
        smith.post(
            "/api/v1/pairs/map",
            "{\"steels\": [\"1084\", \"15N20\", \"O2\", \"D2\"], \"process\": \"BORAX\"}");
    assertThat(map.<Integer>at("$.length()")).isEqualTo(6);
    assertThat(map.<List<String>>at("$[?(@.a == '15N20' && @.b == '1084')].grade"))
        .containsExactly("EXCELLENT");
  }

  @Test
  void mistakesAreReportedAtTheirPlace() {
    Answer unknown = ask("{\"steel\": \"1084\"}, {\"steel\": \"unicorn\"}", "BORAX");
    assertThat(unknown.status()).isEqualTo(422);
    assertThat(unknown.<String>at("$.where")).isEqualTo("/members/1/steel");
    assertThat(ask("{\"steel\": \"1084\"}", "BORAX").status()).isEqualTo(422);
    assertThat(ask("{\"steel\": \"1084\"}, {\"steel\": \"15N20\"}", "PRAYER").status())
        .isGreaterThanOrEqualTo(400);
  }
}

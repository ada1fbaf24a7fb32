package app.geminal.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.Visitor.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;

class DemoShopTest extends ShopTest {

  @Test
  void sevenBilletsAtDifferentStages() {
    Answer rack = smith.get("/api/v1/billets");
    assertThat(rack.<Integer>at("$.length()")).isEqualTo(7);
    assertThat(rack.<List<Boolean>>at("$[*].stops")).containsOnly(false);
    assertThat(rack.<List<Integer>>at("$[*].willFail")).containsOnly(0);
    assertThat(rack.<List<Integer>>at("$[*].progress.weldsMade"))
        .containsExactly(2, 1, 0, 1, 1, 0, 2);
    assertThat(rack.<List<String>>at("$[*].progress.flawKind")).contains("OPEN", "SUSPECT");
    assertThat(rack.<List<Integer>>at("$[*].end.visibleCount")).contains(61);
  }

  @Test
  void aBarWaitsForAnotherBilletAndOneBilletHasParts() {
    assertThat(smith.get("/api/v1/set-aside").<List<Integer>>at("$[*].free")).containsExactly(1);
    assertThat(smith.get("/api/v1/billets/5").<Integer>at("$.run.parts.length()")).isEqualTo(2);
  }

  @Test
  void oneStackHasThreeSteels() {
    Answer rack = smith.get("/api/v1/billets");
    assertThat(rack.<List<Integer>>at("$[*].end.section.bySteel.length()")).contains(3);
  }

  @Test
  void itIsTheSameEveryTime() {
    try (TestShop other = TestShop.demo()) {
      assertThat(withoutClock(other.smith().get("/api/v1/billets").body()))
          .isEqualTo(withoutClock(smith.get("/api/v1/billets").body()));
      assertThat(other.smith().get("/api/v1/book").body())
          .isEqualTo(smith.get("/api/v1/book").body());
    }
  }

  private static String withoutClock(String rack) {
    return rack.replaceAll("\"changedAt\":\"[^\"]*\"", "");
  }
}

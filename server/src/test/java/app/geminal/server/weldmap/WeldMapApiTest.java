package app.geminal.server.weldmap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.JsonPath;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

/** Weld maps of plans, over HTTP. */
class WeldMapApiTest extends ShopTest {
  private static final String COLD = "7 (1075 1/8, 15N20 1/16) 1 1/2 x 6 > set 2 6% borax 5min";

  private static final int BUSY = 503;

  private String plan(String line) {
    Answer read = smith.post("/api/v1/plans/read", "{\"line\": \"%s\"}".formatted(line));
    assertThat(read.status()).as(read.body()).isEqualTo(200);
    return JsonPath.parse(read.<Object>at("$.plan")).jsonString();
  }

  private Answer ask(String what, String plan, String step) {
    return smith.post(
        "/api/v1/plans/" + what, "{\"plan\": %s, \"step\": \"%s\"}".formatted(plan, step));
  }

  @Test
  void aWeldHasAMapAndARemedyThatHoldsWhatItPromises() {
    String plan = plan(COLD);
    Answer map = ask("weld-map", plan, "s1");
    assertThat(map.status()).as(map.body()).isEqualTo(200);
    assertThat(map.<Integer>at("$.joints.length()")).isEqualTo(6);
    assertThat(map.<Integer>at("$.joints[0].patches.length()")).isEqualTo(32);
    assertThat(map.<List<String>>at("$.joints[*].patches[*].cause")).contains("HEAT");
    assertThat(map.<String>at("$.weakest")).contains("of 6 from below").contains("[[");
    double chance = map.number("$.chance");
    assertThat(chance).isBetween(0.0, 0.9);

    Answer remedies = ask("weld-remedies", plan, "s1");
    double better = remedies.number("$[0].chance");
    assertThat(better).isGreaterThan(chance);
    String changed =
        JsonPath.parse(plan)
            .set("$.steps[0].operation", remedies.<Object>at("$[0].instead"))
            .jsonString();
    assertThat(ask("weld-map", changed, "s1").number("$.chance")).isCloseTo(better, within(1e-9));
  }

  /** Someone who edits on does not wait for what they asked before. */
  @Test
  void onlyTheLatestQuestionIsWorkedOn() throws Exception {
    String plan = plan(COLD);
    List<Future<Answer>> asked = new ArrayList<>();
    try (ExecutorService windows = Executors.newFixedThreadPool(3)) {
      for (int i = 0; i < 3; i++) {
        asked.add(windows.submit(() -> ask("weld-remedies", plan, "s1")));
      }
    }
    List<Integer> statuses = new ArrayList<>();
    for (Future<Answer> answer : asked) {
      statuses.add(answer.get().status());
    }
    assertThat(statuses).contains(200, BUSY).isSubsetOf(200, BUSY);
  }

  @Test
  void aRollHasNone() {
    String plan =
        plan("5 (1075 1/16, 15N20 1/16) 1 1/2 x 6 > set 3 > draw 1 5/8 x 5/32 > roll > set 3");
    Answer map = ask("weld-map", plan, "s4");
    assertThat(map.status()).as(map.body()).isEqualTo(200);
    assertThat(map.<Object>at("$.chance")).isNull();
    assertThat(map.<List<Object>>at("$.joints")).isEmpty();
    assertThat(ask("weld-remedies", plan, "s4").body()).isEqualTo("[]");
  }

  @Test
  void whyAJointIsOpenIsRankedWithACheck() {
    String body = "{\"plan\": %s, \"step\": \"s1\", \"joint\": 6, \"along\": 0.05, \"across\": %s}";
    Answer why = smith.post("/api/v1/plans/why-open", body.formatted(plan(COLD), "0.05"));
    assertThat(why.status()).as(why.body()).isEqualTo(200);
    assertThat(why.<String>at("$.suspects[0].cause")).isEqualTo("too cold when pressed");
    assertThat(why.number("$.suspects[0].weight")).isBetween(0.5, 1.0);
    assertThat(why.<String>at("$.suspects[0].evidence")).contains("welding heat there");
    assertThat(why.<String>at("$.check")).contains("Break a coupon");
    Answer outside = smith.post("/api/v1/plans/why-open", body.formatted(plan(COLD), "2"));
    assertThat(outside.status()).isEqualTo(422);
    assertThat(outside.<String>at("$.where")).isEqualTo("/across");
  }

  @Test
  void whatIsNoWeldIsRefused() {
    for (String step : List.of("s2", "s9", "edge/s1", "")) {
      Answer answer = ask("weld-map", plan(COLD + " > draw 1 x 1"), step);
      assertThat(answer.status()).as(step).isEqualTo(422);
      assertThat(answer.<String>at("$.where")).isEqualTo("/step");
    }
  }
}

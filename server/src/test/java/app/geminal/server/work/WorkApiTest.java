package app.geminal.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class WorkApiTest extends ShopTest {
  private int billet;

  @BeforeEach
  void start() {
    String plan =
        smith
            .post(
                "/api/v1/plans/read",
                "{\"line\":\"4 (1084 1/4, 15N20 1/16) 1 1/2 x 5 > set 3 > draw 1 1/4 x 3/8 > cut 4 > restack same > set 3\"}")
            .body();
    billet =
        smith
            .post(
                "/api/v1/billets",
                "{\"name\":\"Net needle\",\"purpose\":\"\","
                    + plan.substring(1, plan.length() - 1)
                    + "}")
            .at("$.id");
  }

  private String path(String what) {
    return "/api/v1/billets/" + billet + what;
  }

  private List<String> left() {
    return smith.get(path("/work")).at("$[?(@.done == false)].path");
  }

  private Answer note(String step, boolean done, String note) {
    return smith.post(
        path("/entries"),
        "{\"noted\":{\"stepKey\":\"%s\",\"at\":\"%s\",\"done\":%s,\"note\":\"%s\"}}"
            .formatted(step, Instant.now(), done, note));
  }

  @Test
  void aStepIsTickedOffAndTakenBack() {
    List<String> all = left();
    assertThat(all).hasSize(5);
    Answer entry = note(all.get(1), true, "by the squared end");
    assertThat(entry.status()).isEqualTo(201);
    assertThat(entry.<String>at("$.kind")).isEqualTo("NOTED");
    assertThat(entry.<String>at("$.stepTitle")).isEqualTo("Draw 1, step 2");
    assertThat(left()).isEqualTo(all.subList(2, 5));
    int id = entry.at("$.id");
    assertThat(smith.get(path("/work")).<List<Integer>>at("$[?(@.noteId != null)].noteId"))
        .containsExactly(id);
    smith.post("/api/v1/book/entries/" + id + "/delete", "");
    assertThat(left()).isEqualTo(all);
  }

  @Test
  void aNoteAloneIsNotATick() {
    List<String> all = left();
    note(all.get(0), false, "photograph of the edge");
    assertThat(left()).isEqualTo(all);
  }

  @Test
  void aWeldIsDoneWhenItWasLoggedAndNotFoundOpen() {
    List<String> all = left();
    String weld =
        "{\"stepKey\":\"%s\",\"temperatureC\":1180,\"protection\":\"BORAX\",\"outcome\":\"%s\",\"note\":\"\"}";
    assertThat(smith.post(path("/welds"), weld.formatted(all.getFirst(), "OPEN")).status())
        .isEqualTo(201);
    assertThat(left()).isEqualTo(all);
    smith.post(path("/welds"), weld.formatted(all.getFirst(), "HELD"));
    assertThat(left()).isEqualTo(all.subList(1, 5));
  }

  @Test
  void theTagIsAPageToPrint() {
    Answer tag = smith.get(path("/tag.pdf"));
    assertThat(tag.header("content-type")).startsWith("application/pdf");
    assertThat(tag.body()).startsWith("%PDF");
  }
}

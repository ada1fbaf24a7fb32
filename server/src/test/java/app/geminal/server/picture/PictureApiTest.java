package app.geminal.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.Configuration;
import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureApiTest extends ShopTest {

  private static String wanted(String look) {
    return """
    {"plan": %s, "path": "", "stage": 4, "bar": 0,
     "look": {"from": %s, "acrossMm": 0, "blade": null}, "part": null,
     "widthPx": 320, "heightPx": 200, "relief": false}
    """
        .formatted(PLAN, look);
  }

  private static String screen(String wanted) {
    return "{\"wanted\": %s, \"window\": null, \"frame\": 0, \"stays\": false}".formatted(wanted);
  }

  @ParameterizedTest
  @CsvSource({
    "'\"END\", \"atMm\": 20', 0",
    "'\"FACE\", \"atMm\": 0', 0",
    "'\"FACE\", \"atMm\": 3', 3",
    "'\"UNDER\", \"atMm\": 3', 3",
    "'\"ALONG\", \"atMm\": 12', 0",
  })
  void aPictureSaysWhatItShows(String look, long ground) {
    Answer answer = smith.post("/api/v1/pictures", screen(wanted(look)));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    assertThat(answer.header("Content-Type")).isEqualTo("image/png");
    assertThat(answer.body()).contains("PNG");
    assertThat(answer.header("Geminal-Pane").split(",")).hasSize(4);
    assertThat(answer.header("Geminal-View").split(",")).hasSize(2);
    assertThat(Long.parseLong(answer.header("Geminal-Layers-Ground"))).isEqualTo(ground);
  }

  @Test
  void aLineUpTheEndCrossesTheVisibleCount() {
    Answer run = smith.post("/api/v1/runs", "{\"plan\": " + PLAN + "}");
    double width = run.number("$.stages[4].widthMm");
    double height = run.number("$.stages[4].heightMm");
    Answer scan =
        smith.post(
            "/api/v1/pictures/scan",
            "{\"wanted\": %s, \"right\": %s, \"up\": 0, \"toRight\": %s, \"toUp\": %s}"
                .formatted(wanted("\"END\", \"atMm\": 20"), width / 2, width / 2, height));
    assertThat(scan.number("$.count")).isEqualTo(run.number("$.stages[4].visibleCount"));
    assertThat(scan.<List<Object>>at("$.layers")).hasSize((int) scan.number("$.count"));
  }

  @Test
  void filesAreToKeep() {
    String file = "{\"wanted\": %s, \"as\": \"%s\", \"title\": \"Spoke & Anvil\"}";
    String end = wanted("\"END\", \"atMm\": 20");
    Answer svg = smith.post("/api/v1/pictures/files", file.formatted(end, "SVG"));
    assertThat(svg.header("Content-Type")).startsWith("image/svg+xml");
    assertThat(svg.body()).contains("<title>Spoke &amp; Anvil</title>").contains("<rect");
    Answer png = smith.post("/api/v1/pictures/files", file.formatted(end, "PNG"));
    assertThat(png.header("Content-Type")).isEqualTo("image/png");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"END\", \"atMm\": -1     | /wanted/look/xMm",
        "\"BLADE\", \"atMm\": 0    | /wanted/look/blade",
        "\"SIDEWAYS\", \"atMm\": 1 | /wanted/look/from",
      })
  void whatCannotBeShownIsSaid(String look, String where) {
    Answer answer = smith.post("/api/v1/pictures", screen(wanted(look)));
    assertThat(answer.status()).isIn(400, 422);
    assertThat(answer.<String>at("$.where")).isEqualTo(where);
  }

  @Test
  void aStageOrPartThatIsNotThereIsNamed() {
    String huge = wanted("\"END\", \"atMm\": 1").replace("320", "2600").replace("200,", "1600,");
    assertThat(smith.post("/api/v1/pictures", screen(huge)).<String>at("$.where"))
        .isEqualTo("/wanted/widthPx");
    String nobody = wanted("\"END\", \"atMm\": 1").replace("\"path\": \"\"", "\"path\": \"x\"");
    assertThat(smith.post("/api/v1/pictures", screen(nobody)).<String>at("$.where"))
        .isEqualTo("/wanted/path");
    String late = wanted("\"END\", \"atMm\": 1").replace("\"stage\": 4", "\"stage\": 9");
    assertThat(smith.post("/api/v1/pictures", screen(late)).<String>at("$.where"))
        .isEqualTo("/wanted/stage");
    String impossible = wanted("\"END\", \"atMm\": 1").replace("3.175", "60");
    assertThat(smith.post("/api/v1/pictures", screen(impossible)).<String>at("$.detail"))
        .contains("larger section");
  }

  @Test
  void aNewerFrameCallsTheOlderOff() {
    Frames frames = new Frames();
    BooleanSupplier first = frames.asked("ana 1", 1);
    BooleanSupplier elsewhere = frames.asked("ana 2", 1);
    assertThat(first.getAsBoolean()).isFalse();
    BooleanSupplier second = frames.asked("ana 1", 2);
    assertThat(first.getAsBoolean()).isTrue();
    assertThat(second.getAsBoolean()).isFalse();
    assertThat(elsewhere.getAsBoolean()).isFalse();
    // One that comes late from the wire is old already.
    assertThat(frames.asked("ana 1", 1).getAsBoolean()).isTrue();
  }

  @Test
  void aPictureThatWasOvertakenIsNotDrawn() {
    String of = "{\"wanted\": %s, \"window\": \"w\", \"frame\": %d, \"stays\": false}";
    String end = wanted("\"END\", \"atMm\": 20");
    assertThat(smith.post("/api/v1/pictures", of.formatted(end, 7)).status()).isEqualTo(200);
    assertThat(smith.post("/api/v1/pictures", of.formatted(end, 6)).status()).isEqualTo(204);
    String coarse = of.formatted(end, 6).replace("\"stays\": false", "\"stays\": true");
    assertThat(smith.post("/api/v1/pictures", coarse).status()).isEqualTo(200);
    String large =
        end.replace("\"widthPx\": 320, \"heightPx\": 200", "\"widthPx\": 2000, \"heightPx\": 1990");
    CompletableFuture<Answer> slow =
        CompletableFuture.supplyAsync(() -> smith.post("/api/v1/pictures", of.formatted(large, 8)));
    int status = 0;
    for (int frame = 9; !slow.isDone(); frame++) {
      status = smith.post("/api/v1/pictures", of.formatted(end, frame)).status();
    }
    assertThat(slow.join().status()).isEqualTo(204);
    assertThat(status).isEqualTo(200);
  }

  @Test
  void namedPatternsRunThroughInThisShop() {
    Answer patterns = smith.get("/api/v1/patterns");
    List<Object> plans = patterns.at("$[*].plan");
    assertThat(plans).hasSize(12);
    for (Object plan : plans) {
      String json = Configuration.defaultConfiguration().jsonProvider().toJson(plan);
      Answer run = smith.post("/api/v1/runs", "{\"plan\": " + json + "}");
      assertThat(JsonPath.<Object>read(run.body(), "$.stop")).isNull();
    }
  }
}

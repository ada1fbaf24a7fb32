package app.geminal.server.billet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.io.ByteArrayInputStream;
import java.net.http.HttpRequest.BodyPublishers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BilletApiTest extends ShopTest {

  private int start() {
    Answer answer = smith.post("/api/v1/billets", billet("Test bar", PLAN));
    assertThat(answer.status()).isEqualTo(201);
    return answer.at("$.id");
  }

  private static String billet(String name, String plan) {
    return """
    {"name": "%s", "purpose": "", "plan": %s}
    """
        .formatted(name, plan);
  }

  private static String changed(int version, String name, String plan) {
    return """
    {"version": %d, "name": "%s", "purpose": "", "plan": %s}
    """
        .formatted(version, name, plan);
  }

  @Test
  void whatIsStoredIsWhatWasMeantToTheLastBit() {
    Answer opened = smith.get("/api/v1/billets/" + start());
    assertThat(opened.number("$.plan.stack.pieces[0].thicknessMm")).isEqualTo(2.38125);
    assertThat(opened.number("$.plan.steps[0].operation.temperatureC"))
        .isEqualTo((2150 - 32) * 5 / 9.0);
    assertThat(opened.<String>at("$.run.line"))
        .isEqualTo(
            "3 (1075 3/32, 15N20 1/16) 1 1/2 x 5 7/8 > set 3 2150F dry"
                + " > draw 1 1/2 x 1/8, 3 heats > cut 4 > restack same");
  }

  @Test
  void theRunComesWithBothCountsAndEverySize() {
    Answer run = smith.post("/api/v1/runs", "{\"plan\": " + PLAN + "}");
    assertThat(run.<Integer>at("$.stages.length()")).isEqualTo(5);
    assertThat(run.<Integer>at("$.stages[4].shopCount")).isEqualTo(12);
    assertThat(run.<Integer>at("$.stages[4].visibleCount")).isEqualTo(9);
    assertThat(run.<String>at("$.stages[4].why")).contains("12 − 3 = 9");
    assertThat(run.number("$.stages[4].heightMm")).isCloseTo(4 * 3.175, within(1e-9));
    assertThat(run.<Integer>at("$.stages[4].section.layers.thicknessMm.length()")).isEqualTo(9);
    assertThat(run.body()).contains("joints-merge");
    assertThat(run.<Object>at("$.stop")).isNull();
    double started = run.number("$.ledger.startedKg");
    double finished = run.number("$.ledger.finishedKg");
    java.util.List<Number> lost = run.at("$.ledger.lost[*].kg");
    assertThat(finished + lost.stream().mapToDouble(Number::doubleValue).sum())
        .isCloseTo(started, within(1e-9));
  }

  @Test
  void aSecondWindowCannotOverwriteTheFirst() {
    int id = start();
    assertThat(smith.put("/api/v1/billets/" + id, changed(1, "First", PLAN)).status())
        .isEqualTo(200);
    Answer second = smith.put("/api/v1/billets/" + id, changed(1, "Second", PLAN));
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.<Integer>at("$.storedVersion")).isEqualTo(2);
    assertThat(second.<String>at("$.remedy")).contains("Reload");
    assertThat(smith.get("/api/v1/billets/" + id).<String>at("$.name")).isEqualTo("First");
  }

  /** What is wrong, status, where the answer says it is; nothing stored may change. */
  @ParameterizedTest(name = "{0} → {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "\"widthMm\": 38.1, \"lengthMm\": 149.225|422|/plan/stack/widthMm|\"widthMm\": 0, \"lengthMm\": 149.225",
        "\"lengthMm\": 149.225|422|/plan/stack/lengthMm|\"lengthMm\": -5",
        "\"pieces\": 4|422|/plan/steps/2/operation/pieces|\"pieces\": 1",
        "\"pieces\": 4|400|/plan/steps/2/operation/pieces|\"pieces\": 4.5",
        "\"pieces\": 4|400|/plan/steps/2/operation/pieces|\"pieces\": \"four\"",
        "\"pieces\": 4|400|/plan/steps/2/operation/pieces|\"pieces\": \"4\"",
        "\"pieces\": 4|400|/plan/steps/2/operation/pieces|\"pieces\": null",
        "\"heightMm\": 3.175|400|/plan/steps/1/operation/heightMm|\"heightMm\": \"3/8\"",
        "\"heightMm\": 3.175|422|/plan/steps/1/operation/heightMm|\"heightMm\": 1e300",
        "\"heightMm\": 3.175|400|/plan/steps/1/operation|\"heightMm\": NaN",
        "\"steel\": \"15N20\"|422|/plan/stack/pieces/1/steel|\"steel\": \"unobtainium\"",
        "\"steel\": \"15N20\"|422|/plan/stack/pieces/1/steel|\"steel\": \"a b\"",
        "\"kind\": \"cut\"|400|/plan/steps/2/operation|\"kind\": \"bite\"",
        "\"protection\": \"DRY\"|400|/plan/steps/0/operation/protection|\"protection\": \"HOPE\"",
        "\"kerfMm\": 1.6|400|/plan/steps/2/operation/kerfMm|\"karfMm\": 1.6",
        "\"key\": \"b\"|422|/plan/steps/1/key|\"key\": \"a\"",
        "\"key\": \"b\"|422|/plan/steps/1/key|\"key\": \"B!\"",
        "{\"stack\"|422|/plan/stack|{\"stock\"",
      })
  void badInputIsNamedWithItsPlaceAndChangesNothing(
      String good, int status, String where, String bad) {
    int id = start();
    String before = shop.dump("billet");
    String plan = PLAN.replace(good, bad);
    assertThat(plan).isNotEqualTo(PLAN);
    Answer answer = smith.put("/api/v1/billets/" + id, changed(1, "Changed", plan));
    assertThat(answer.status()).as(answer.body()).isEqualTo(status);
    assertThat(answer.<String>at("$.where")).startsWith(where);
    assertThat(answer.<String>at("$.detail")).isNotEmpty();
    assertThat(answer.<String>at("$.remedy")).isNotEmpty();
    assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
    assertThat(shop.dump("billet")).isEqualTo(before);
  }

  @Test
  void aBillionLayersAreRefusedAtTheStepThatMakesThem() {
    StringBuilder steps = new StringBuilder();
    for (int i = 0; i < 5; i++) {
      steps.append(
          """
          , {"key": "x%d", "operation": {"kind": "cut", "pieces": 50, "kerfMm": 0, "eachMm": 0}}
          , {"key": "y%d", "operation": {"kind": "restack", "turns": ["SAME"], "between": [],
            "faceGrindMm": 0}}
          """
              .formatted(i, i));
    }
    String plan = PLAN.replace("\"faceGrindMm\": 0}}]", "\"faceGrindMm\": 0}}" + steps + "]");
    Answer answer = smith.post("/api/v1/billets", billet("Absurd", plan));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.<String>at("$.where")).isEqualTo("/plan/steps/11");
    assertThat(answer.<String>at("$.detail")).contains("10,000,000");
    assertThat(smith.get("/api/v1/billets").body()).doesNotContain("Absurd");
  }

  @Test
  void workTheBarDoesNotAllowIsAResultAndCanBeStored() {
    String plan = PLAN.replace("\"heightMm\": 3.175", "\"heightMm\": 31.75");
    Answer answer = smith.post("/api/v1/billets", billet("Too thick", plan));
    assertThat(answer.status()).isEqualTo(201);
    assertThat(answer.<Integer>at("$.run.stop.step")).isEqualTo(1);
    assertThat(answer.<String>at("$.run.stop.reason")).contains("[[mm 31.75]]");
    assertThat(answer.<Integer>at("$.run.stages.length()")).isEqualTo(2);
  }

  @Test
  void namesAreChecked() {
    assertThat(smith.post("/api/v1/billets", billet("  ", PLAN)).<String>at("$.where"))
        .isEqualTo("/name");
    assertThat(smith.post("/api/v1/billets", billet("x".repeat(121), PLAN)).<String>at("$.where"))
        .isEqualTo("/name");
    assertThat(
            smith
                .post("/api/v1/billets", "{\"name\": \"x\", \"purpose\": \"\"}")
                .<String>at("$.where"))
        .isEqualTo("/plan");
  }

  @Test
  void twentyMegabytesAreNotEvenRead() {
    byte[] large = new byte[20 * 1024 * 1024];
    java.util.Arrays.fill(large, (byte) ' ');
    large[0] = '{';
    Answer announced =
        smith.send(
            "POST", "/api/v1/billets", "application/json", BodyPublishers.ofByteArray(large));
    assertThat(announced.status()).isEqualTo(413);
    Answer streamed =
        smith.send(
            "POST",
            "/api/v1/billets",
            "application/json",
            BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(large, 0, 400_000)));
    assertThat(streamed.status()).isEqualTo(413);
    assertThat(streamed.<String>at("$.remedy")).contains("256 kB");
  }

  @Test
  void otherContentTypesAndMethodsAreRefused() {
    Answer xml =
        smith.send("POST", "/api/v1/billets", "text/xml", BodyPublishers.ofString("<billet/>"));
    assertThat(xml.status()).isEqualTo(415);
    assertThat(xml.<String>at("$.remedy")).contains("application/json");
    assertThat(smith.put("/api/v1/book", "{}").status()).isEqualTo(405);
    assertThat(smith.get("/api/v1/billets/999999").status()).isEqualTo(404);
    assertThat(smith.get("/api/v1/billets/first").status()).isEqualTo(400);
    assertThat(smith.get("/api/v1/nothing").status()).isEqualTo(404);
    assertThat(smith.post("/api/v1/billets", "{").status()).isEqualTo(400);
    assertThat(smith.post("/api/v1/billets", "").status()).isEqualTo(400);
  }

  @Test
  void aBilletLeavesTheRackAndComesBack() {
    int id = start();
    int before = smith.get("/api/v1/billets").at("$.length()");
    assertThat(smith.post("/api/v1/billets/" + id + "/archive", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/billets").<Integer>at("$.length()")).isEqualTo(before - 1);
    assertThat(smith.post("/api/v1/billets/" + id + "/restore", "").status()).isEqualTo(204);
    assertThat(smith.get("/api/v1/billets").<Integer>at("$.length()")).isEqualTo(before);
    assertThat(smith.post("/api/v1/billets/999999/archive", "").status()).isEqualTo(404);
  }
}

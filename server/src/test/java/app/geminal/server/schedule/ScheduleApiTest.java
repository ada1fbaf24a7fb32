package app.geminal.server.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScheduleApiTest extends ShopTest {
  private static final String STACKS =
      """
      {"kind": "STACKS", "outside": [{"steel": "1084", "thicknessMm": 3.2}],
       "inside": [{"steel": "15N20", "thicknessMm": 1.5}], "widthMm": 40}
      """;

  private static String asked(String count, String tolerance, String from, String more) {
    return """
    {"count": %s, "tolerance": %s, "counted": "VISIBLE", "from": %s,
     "finished": {"widthMm": 38, "heightMm": 6, "lengthMm": 300},
     "insert": null, "core": [] %s}
    """
        .formatted(count, tolerance, from, more);
  }

  private static String ended(Answer answer) {
    assertThat(answer.status()).isEqualTo(200);
    List<String> lines = answer.body().lines().toList();
    assertThat(JsonPath.<String>read(lines.getFirst(), "$.kind")).isEqualTo("begun");
    assertThat(JsonPath.<String>read(lines.getLast(), "$.kind")).isEqualTo("ended");
    return lines.getLast();
  }

  @Test
  void waysAreReportedAndOneIsAPlanOfThatCount() {
    String question = asked("60", "0.05", STACKS, "");
    Answer answer = smith.post("/api/v1/schedules", question);
    assertThat(answer.header("Content-Type")).startsWith("application/x-ndjson");
    String end = ended(answer);
    assertThat(JsonPath.<String>read(end, "$.how")).isEqualTo("FOUND");
    Map<String, Object> way = JsonPath.read(end, "$.ways[0]");
    assertThat(way.get("why").toString()).startsWith("Fewest welds");
    String schedule =
        com.jayway.jsonpath.Configuration.defaultConfiguration()
            .jsonProvider()
            .toJson(way.get("schedule"));
    Answer plan =
        smith.post(
            "/api/v1/schedules/plan",
            "{\"asked\": %s, \"schedule\": %s, \"startMm\": %s, \"blockMm\": %s}"
                .formatted(question, schedule, way.get("startMm"), way.get("blockMm")));
    assertThat(plan.status()).isEqualTo(200);
    Answer run = smith.post("/api/v1/runs", plan.body());
    assertThat(run.<Object>at("$.stop")).isNull();
    assertThat(run.number("$.stages[-1].visibleCount"))
        .isEqualTo(((Number) way.get("visible")).doubleValue());
    assertThat(run.number("$.finish.lengthShortMm")).isLessThanOrEqualTo(0);
  }

  @Test
  void everyLineOfASearchIsInTheReadersLanguage() {
    smith.reads("en-XA");
    try {
      Answer answer = smith.post("/api/v1/schedules", asked("60", "0.05", STACKS, ""));
      for (String line : answer.body().lines().toList()) {
        List<String> words = JsonPath.read(line, "$..why");
        assertThat(words).as(line).allMatch(w -> w.startsWith("⟦"));
      }
    } finally {
      smith.reads("en");
    }
  }

  @Test
  void nothingPossibleSaysWhatToAllow() {
    String within =
        """
        , "within": {"tallestMm": 12, "longestMm": 900, "heaviestKg": 5.5, "shortestMm": 60,
          "outerLayerMm": 0, "wideMm": 130, "highMm": 110, "coarsePercent": 15, "finestMm": 0.008, "forceKn": 218}
        """;
    String end = ended(smith.post("/api/v1/schedules", asked("300", "0.05", STACKS, within)));
    assertThat(JsonPath.<String>read(end, "$.how")).isEqualTo("NOTHING");
    assertThat(JsonPath.<Double>read(end, "$.relaxations[0].limits.TALLEST")).isGreaterThan(12);
    assertThat(JsonPath.<String>read(end, "$.census.ruledOut[0].words")).contains("[[mm 12]]");
  }

  @Test
  void aBillletsBarHasWaysOn() {
    String plan =
        """
        {"stack": {"pieces": [{"steel": "1084", "thicknessMm": 3}, {"steel": "15N20", "thicknessMm": 2},
           {"steel": "1084", "thicknessMm": 3}, {"steel": "15N20", "thicknessMm": 2},
           {"steel": "1084", "thicknessMm": 3}, {"steel": "15N20", "thicknessMm": 2},
           {"steel": "1084", "thicknessMm": 3}], "widthMm": 40, "lengthMm": 200},
         "steps": [{"key": "s1", "operation": {"kind": "set", "heats": 3, "reduction": 0.08,
           "temperatureC": 1180, "soakMin": 15, "school": "BORAX", "tack": "SIDES", "jacket": "BEAD",
           "tool": "FLAT", "bites": 0}}]}
        """;
    String bar =
        "{\"kind\": \"BAR\", \"plan\": %s, \"stage\": 1, \"measured\": {\"widthMm\": 41, \"heightMm\": 16, \"lengthMm\": 205}}"
            .formatted(plan);
    String question = asked("25", "0.1", bar, ", \"blockMm\": 30");
    String end = ended(smith.post("/api/v1/schedules", question));
    assertThat(JsonPath.<String>read(end, "$.ways[0].words")).startsWith("the bar");
    Answer on =
        smith.post(
            "/api/v1/schedules/plan",
            "{\"asked\": %s, \"schedule\": {\"start\": null, \"restacks\": [{\"how\": \"CUT\", \"pieces\": 4, \"turned\": false, \"insert\": false}]}, \"startMm\": 205}"
                .formatted(question));
    assertThat(on.<List<Object>>at("$.plan.steps")).hasSizeGreaterThan(4);
    assertThat(on.<String>at("$.plan.steps[0].key")).isEqualTo("s1");
  }

  @Test
  void theShelfGivesWhatIsThere() {
    String bar =
        """
        {"steel": "%s", "widthMm": 45, "thicknessMm": %s, "lengthMm": 700, "pieces": 2, "source": "", "note": ""}
        """;
    int dark = smith.post("/api/v1/stock", bar.formatted("1084", "3.3")).at("$.id");
    int bright = smith.post("/api/v1/stock", bar.formatted("15N20", "1.7")).at("$.id");
    String shelf = STACKS.replace("STACKS", "SHELF").replace("3.2", "3.3").replace("1.5", "1.7");
    String end = ended(smith.post("/api/v1/schedules", asked("100", "null", shelf, "")));
    assertThat(JsonPath.<String>read(end, "$.how")).isEqualTo("FOUND");
    List<Number> counts = JsonPath.read(end, "$.ways[*].visible");
    assertThat(counts).anyMatch(n -> n.intValue() > 60);
    smith.post("/api/v1/stock/" + dark + "/archive", "");
    smith.post("/api/v1/stock/" + bright + "/archive", "");
    String none = ended(smith.post("/api/v1/schedules", asked("100", "null", shelf, "")));
    assertThat(JsonPath.<String>read(none, "$.how")).isEqualTo("NOTHING");
  }

  @ParameterizedTest
  @CsvSource({"1, 0.05, /count", "300, 0.7, /tolerance"})
  void aBadQuestionIsRefusedWithItsPlace(String count, String tolerance, String where) {
    Answer refused = smith.post("/api/v1/schedules", asked(count, tolerance, STACKS, ""));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.<String>at("$.where")).isEqualTo(where);
  }

  @Test
  void strangersAreNotAnswered() {
    assertThat(shop.visitor().post("/api/v1/schedules", asked("300", "0.05", STACKS, "")).status())
        .isEqualTo(401);
  }
}

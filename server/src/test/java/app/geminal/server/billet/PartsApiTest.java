package app.geminal.server.billet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.JsonPath;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts, bars set aside, plan files, sizing and cut lists over HTTP. */
class PartsApiTest extends ShopTest {

  private String plan(String line) {
    Answer read = smith.post("/api/v1/plans/read", "{\"line\": \"%s\"}".formatted(line));
    assertThat(read.status()).as(read.body()).isEqualTo(200);
    return JsonPath.parse(read.<Object>at("$.plan")).jsonString();
  }

  private Answer start(String name, String plan) {
    Answer started =
        smith.post(
            "/api/v1/billets",
            "{\"name\": \"%s\", \"purpose\": \"\", \"plan\": %s}".formatted(name, plan));
    assertThat(started.status()).as(started.body()).isEqualTo(201);
    return started;
  }

  @Test
  void partsComeAsRunsOfTheirOwnWithTheirFitAndAShimAsRemedy() {
    String plan =
        plan(
            "part edge = (1084 3/8) 1/2 x 4 > set 3 | 2 (1075 1/4, 15N20 1/4) 1 1/4 x 4 > layup left (@edge)");
    Answer run = smith.post("/api/v1/runs", "{\"plan\": " + plan + "}");
    assertThat(run.<Integer>at("$.parts.edge.stages.length()")).isEqualTo(2);
    assertThat(run.<String>at("$.stages[1].section.lie")).isEqualTo("SIDE_BY_SIDE");
    assertThat(run.<List<String>>at("$.stages[1].fits[*].what")).contains("HEIGHT", "LENGTH");
    List<Object> shims =
        run.at(
            "$.findings[?(@.id == 'heights-do-not-match')].remedy.instead.left[0].shims[0].steel");
    assertThat(shims).containsExactly("1084");
  }

  @Test
  void aWeldOfAPartIsLoggedUnderItsPath() {
    int id =
        start(
                "With an edge",
                plan(
                    "part edge = 2 (1084 1/8) 1/2 x 4 > set 3 | (1075 1/4) 1 x 4 > layup left (@edge) > set 4"))
            .at("$.id");
    assertThat(smith.get("/api/v1/billets/" + id).<String>at("$.progress.nextWeld"))
        .isEqualTo("edge/s1");
    Answer logged =
        smith.post(
            "/api/v1/billets/" + id + "/welds",
            "{\"stepKey\": \"edge/s1\", \"temperatureC\": 1180, \"school\": \"DRY\", \"outcome\": \"HELD\"}");
    assertThat(logged.status()).as(logged.body()).isEqualTo(201);
    assertThat(logged.<String>at("$.stepTitle")).isEqualTo("edge: Weld 1, step 1");
    assertThat(smith.get("/api/v1/billets/" + id).<String>at("$.progress.nextWeld"))
        .isEqualTo("s2");
  }

  @Test
  void barsSetAsideCanBePickedOnceAndAPlanThatAsksForMoreIsReported() {
    int id =
        start("Giver", plan("2 (1075 1/4, 15N20 1/4) 1 x 8 > cut 4 > aside 2 > restack same"))
            .at("$.id");
    Answer waiting = smith.get("/api/v1/set-aside");
    List<Integer> free = waiting.at("$[?(@.billetId == " + id + ")].free");
    assertThat(free).containsExactly(2);
    String history = history(id, "s2", 2);
    String taker =
        plan("(1084 1/2) 1 x 1 3/4 > layup left (1075 1/8)")
            .replace(
                "\"parts\":[]",
                "\"parts\":[{\"name\":\"given\",\"plan\":%s,\"origin\":{\"billetId\":%d,\"billet\":\"Giver\",\"stepKey\":\"s2\"}}]"
                    .formatted(history, id));
    Answer first = start("Taker", taker);
    assertThat(first.<List<String>>at("$.run.findings[*].id")).doesNotContain("piece-used-twice");
    List<Integer> left = smith.get("/api/v1/set-aside").at("$[?(@.billetId == " + id + ")].free");
    assertThat(left).containsExactly(0);
    Answer second = start("Second taker", taker);
    assertThat(second.<List<String>>at("$.run.findings[*].id")).contains("piece-used-twice");
    assertThat(
            smith.get("/api/v1/set-aside/history?billetId=" + id + "&stepKey=zz&count=1").status())
        .isEqualTo(404);
    assertThat(
            smith.get("/api/v1/set-aside/history?billetId=" + id + "&stepKey=s2&count=3").status())
        .isEqualTo(422);
  }

  private String history(int id, String stepKey, int count) {
    Answer answer =
        smith.get(
            "/api/v1/set-aside/history?billetId=%d&stepKey=%s&count=%d"
                .formatted(id, URLEncoder.encode(stepKey, StandardCharsets.UTF_8), count));
    assertThat(answer.status()).isEqualTo(200);
    return JsonPath.parse(answer.<Object>at("$.plan")).jsonString();
  }

  @Test
  void aBilletIsExportedAsAFileAndComesInAgainWithItsSteels() {
    int id = start("To and fro", plan("3 (mill_band 1/16, 15N20 1/16) 1 x 4 > set 3")).at("$.id");
    Answer file = smith.get("/api/v1/billets/" + id + "/plan-file");
    assertThat(file.header("Content-Disposition")).contains("attachment");
    assertThat(file.<String>at("$.format")).isEqualTo("geminal-plan");
    assertThat(file.<String>at("$.steels[0].id")).isEqualTo("mill_band");
    Answer in = smith.post("/api/v1/plan-files", file.body());
    assertThat(in.status()).as(in.body()).isEqualTo(201);
    assertThat(in.<List<String>>at("$.steelsKept")).containsExactly("mill_band");
    String renamed = file.body().replace("mill_band", "mill_two");
    Answer added = smith.post("/api/v1/plan-files", renamed);
    assertThat(added.<List<String>>at("$.steelsAdded")).containsExactly("mill_two");
    assertThat(smith.get("/api/v1/billets/" + added.<Integer>at("$.id")).<String>at("$.name"))
        .isEqualTo("To and fro");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"version\" : 2|\"version\" : 3|400|/version",
        "\"heats\" : 3|\"heats\" : 300|422|/plan/steps/0/operation/heats",
        "\"widthMm\"|\"wideMm\"|400|/plan/stack",
        "\"steel\" : \"1075\"|\"steel\" : \"nobody_knows\"|422|/plan/stack/pieces/0/steel",
      })
  void aBrokenFileIsRefusedWithItsPlaceAndNothingIsKept(
      String good, String bad, int status, String where) {
    int id = start("Good", plan("3 (1075 1/8, mill_band 1/16) 1 x 4 > set 3")).at("$.id");
    String file =
        smith.get("/api/v1/billets/" + id + "/plan-file").body().replace("mill_band", "mill_three");
    String billets = shop.dump("billet");
    String steels = shop.dump("own_steel");
    Answer answer = smith.post("/api/v1/plan-files", file.replaceFirst(good, bad));
    assertThat(answer.status()).as(answer.body()).isEqualTo(status);
    assertThat(answer.<String>at("$.where")).startsWith(where);
    assertThat(shop.dump("billet")).isEqualTo(billets);
    assertThat(shop.dump("own_steel")).isEqualTo(steels);
  }

  @Test
  void theSmallestStackIsFoundOrWhatIsMissingIsSaid() {
    String plan = plan("(1075 1/4) 1 1/2 x 20 | want 2 of 4 x 1 x 1/8 blade");
    Answer found = smith.post("/api/v1/plans/smallest", "{\"plan\": " + plan + "}");
    assertThat(found.<Boolean>at("$.enough")).isTrue();
    assertThat(found.number("$.plan.stack.lengthMm")).isBetween(204.0, 206.0);
    String low = plan("(1075 1/4) 1 1/2 x 20 | want 2 of 4 x 1 x 1/2 blade");
    Answer missing = smith.post("/api/v1/plans/smallest", "{\"plan\": " + low + "}");
    assertThat(missing.<Boolean>at("$.enough")).isFalse();
    assertThat(missing.number("$.finish.heightShortMm")).isGreaterThan(7);
    assertThat(
            smith.post("/api/v1/plans/smallest", "{\"plan\": " + PLAN + "}").<String>at("$.where"))
        .isEqualTo("/plan/wanted");
  }

  @Test
  void theCutListComesFromTheShelf() {
    String plan = plan("13 (1075 1/8, 15N20 1/16) 1 1/2 x 6");
    Answer list = smith.post("/api/v1/plans/cut-list", "{\"plan\": " + plan + "}");
    assertThat(list.<List<Object>>at("$.missing")).isEmpty();
    assertThat(list.<Boolean>at("$.proven")).isTrue();
    List<List<Number>> pieces = list.at("$.bars[?(@.bar.steel == '1075')].piecesMm");
    assertThat(pieces.stream().mapToInt(List::size).sum()).isEqualTo(7);
    assertThat(list.number("$.price")).isPositive();
    String rare = plan("2 (440C 1/8) 1 1/2 x 6");
    assertThat(
            smith
                .post("/api/v1/plans/cut-list", "{\"plan\": " + rare + "}")
                .<Integer>at("$.missing[0].count"))
        .isEqualTo(2);
  }

  @Test
  void openBilletsAreCutTogether() {
    List<Integer> open = smith.get("/api/v1/stock/cut-list").at("$.billets[*].id");
    int before = boughtOf("440C").size();
    int first = started("2 (440C 1/8) 1 1/2 x 6");
    int second = started("2 (440C 1/8) 1 1/2 x 8");
    Answer together = smith.get("/api/v1/stock/cut-list");
    assertThat(together.<List<Integer>>at("$.billets[*].id"))
        .containsAll(open)
        .contains(first, second);
    assertThat(before).isZero();
    // Two of 6 in and two of 8 in with three kerfs between them, and whose they are.
    assertThat(boughtOf("440C")).hasSize(1);
    double kerfMm = together.number("$.list.kerfMm");
    assertThat(together.<List<Number>>at("$.buy[?(@.steel == '440C')].lengthMm").getFirst())
        .satisfies(
            mm -> assertThat(mm.doubleValue()).isCloseTo(28 * 25.4 + 3 * kerfMm, within(1e-6)));
    assertThat(together.<List<Integer>>at("$.buy[?(@.steel == '440C')].billets[*].id"))
        .containsExactly(first, second);
  }

  private List<Object> boughtOf(String steel) {
    return smith.get("/api/v1/stock/cut-list").at("$.buy[?(@.steel == '" + steel + "')]");
  }

  private int started(String line) {
    return smith
        .post(
            "/api/v1/billets",
            "{\"name\": \"Open\", \"purpose\": \"\", \"plan\": " + plan(line) + "}")
        .at("$.id");
  }
}

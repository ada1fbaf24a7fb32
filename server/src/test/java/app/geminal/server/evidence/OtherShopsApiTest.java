package app.geminal.server.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Welds given to other shops and taken from them. */
class OtherShopsApiTest extends ShopTest {
  private static final String OTHERS = "/api/v1/evidence/other-shops";
  private int billet;

  @BeforeAll
  void weld() {
    billet =
        smith
            .post(
                "/api/v1/billets",
                "{\"name\": \"Eel trap\", \"purpose\": \"\", \"plan\": " + PLAN + "}")
            .at("$.id");
    for (int i = 0; i < 20; i++) {
      smith.post(
          "/api/v1/billets/" + billet + "/welds",
          """
          {"stepKey": "a", "madeAt": "2026-04-01T08:%02d:00Z", "temperatureC": %d,
           "protection": "DRY", "outcome": "%s", "note": "slack tide",
           "how": {"soakMin": 10.5, "neededSoakMin": 14, "waitedS": 4.5, "workingS": 8,
           "joints": 0, "later": false}}\
          """
              .formatted(i, 1150 + i, i == 0 ? "SUSPECT" : i % 5 == 0 ? "OPEN" : "HELD"));
    }
  }

  /** A record of which every so many-th weld delaminated. */
  private static String record(String shop, int welds, int openEvery) {
    return "{\"format\":\"geminal-welds\",\"version\":1,\"shop\":\""
        + shop
        + "\",\"welds\":["
        + IntStream.range(0, welds)
            .mapToObj(i ->
                """
                {"steels":["1084","15N20"],"protection":"BORAX","temperatureC":%d,
                "how":{"soakMin":%d.25,"waitedS":3.5,"workingS":7.5,"joints":4,"later":true},
                "outcome":"%s"}
                """
                    .formatted(1100 + i % 100, 8 + i % 7, i % openEvery == 0 ? "OPEN" : "HELD"))
            .collect(Collectors.joining(","))
        + "]}";
  }

  private int add(String name, String record) {
    Answer answer = smith.post(OTHERS + "?name=" + name, record);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.at("$[0].id");
  }

  private double usual() {
    return smith.get("/api/v1/evidence").number("$.usual.mean");
  }

  @Test
  void whatLeavesIsShownAndNamesNoOne() {
    Answer own = smith.get("/api/v1/evidence/own-record");
    String file = own.at("$.file");
    assertThat(own.<Integer>at("$.suspect")).isPositive();
    assertThat(file)
        .startsWith("{\"format\":\"geminal-welds\",\"version\":1,\"shop\":\"")
        .doesNotContain("Eel trap", "slack tide", "2026", "SUSPECT", "madeBy");
    assertThat(file.lines().count() - 2)
        .isEqualTo(own.<Integer>at("$.all.held") + own.<Integer>at("$.all.open"));
    assertThat(smith.get("/api/v1/evidence/own-record").<String>at("$.file")).isEqualTo(file);
    Answer back = smith.post(OTHERS + "?name=mine", file);
    assertThat(back.status()).isEqualTo(422);
    assertThat(back.body()).contains("your own record");
  }

  @Test
  void aRecordChangesNothingBeforeItIsUsedAndCanBeTakenBack() {
    double before = usual();
    int shops = smith.get("/api/v1/evidence").at("$.otherShops");
    int id = add("Upriver", record("upriver-1", 200, 3));
    assertThat(usual()).isEqualTo(before);
    Answer effect = smith.get(OTHERS + "/" + id + "/effect");
    assertThat(effect.number("$.without.mean")).isCloseTo(before, within(1e-12));
    assertThat(effect.number("$.with.mean")).isLessThan(before - 0.02);

    Answer used = smith.post(OTHERS + "/" + id + "/use", "");
    assertThat(used.<List<Boolean>>at("$[?(@.id == " + id + ")].used")).containsExactly(true);
    Answer evidence = smith.get("/api/v1/evidence");
    assertThat(evidence.number("$.usual.mean"))
        .isCloseTo(effect.number("$.with.mean"), within(1e-12));
    assertThat(evidence.number("$.alone.mean")).isCloseTo(before, within(1e-12));
    assertThat(evidence.<Integer>at("$.otherShops")).isEqualTo(shops + 1);
    assertThat(
            evidence.<List<Integer>>at(
                "$.factors[?(@.factor == 'STEELS')]"
                    + ".lines[?(@.level == '1084 + 15N20')].others.open"))
        .containsExactly(67);
    assertThat(
            evidence.<List<Object>>at(
                "$.factors[?(@.factor == 'SMITH')].lines[?(@.others != null)]"))
        .as("smiths of other shops")
        .isEmpty();

    smith.post(OTHERS + "/" + id + "/undo-use", "");
    assertThat(usual()).isEqualTo(before);
    smith.post(OTHERS + "/" + id + "/use", "");
    smith.post(OTHERS + "/" + id + "/delete", "");
    assertThat(usual()).isEqualTo(before);
    assertThat(smith.get(OTHERS).<List<Object>>at("$[?(@.id == " + id + ")]")).isEmpty();
    assertThat(smith.post(OTHERS + "/" + id + "/use", "").status()).isEqualTo(404);
    smith.post(OTHERS + "/" + id + "/restore", "");
    assertThat(usual()).isCloseTo(effect.number("$.with.mean"), within(1e-12));
    smith.post(OTHERS + "/" + id + "/delete", "");
  }

  @Test
  void aNewerRecordOfAShopTakesThePlaceOfTheOlderOne() {
    int first = add("Lock", record("lock-keeper", 60, 4));
    smith.post(OTHERS + "/" + first + "/use", "");
    double withFirst = usual();
    int second = add("LockInMay", record("lock-keeper", 200, 20));
    assertThat(smith.get(OTHERS).<List<String>>at("$[?(@.id == " + second + ")].replaces"))
        .containsExactly("Lock");
    assertThat(usual()).isEqualTo(withFirst);
    Answer all = smith.post(OTHERS + "/" + second + "/use", "");
    assertThat(all.<List<Boolean>>at("$[?(@.id == " + first + ")].used")).containsExactly(false);
    assertThat(usual()).isGreaterThan(withFirst);
    smith.post(OTHERS + "/" + first + "/delete", "");
    smith.post(OTHERS + "/" + second + "/delete", "");
  }

  /** Also where the older one was removed before and comes back. */
  @Test
  void noShopIsCountedTwice() {
    int shops = smith.get("/api/v1/evidence").at("$.otherShops");
    int first = add("Weir", record("weir-shop", 60, 4));
    smith.post(OTHERS + "/" + first + "/use", "");
    smith.post(OTHERS + "/" + first + "/delete", "");
    int second = add("WeirInMay", record("weir-shop", 80, 4));
    smith.post(OTHERS + "/" + second + "/use", "");
    smith.post(OTHERS + "/" + first + "/restore", "");
    assertThat(smith.get("/api/v1/evidence").<Integer>at("$.otherShops")).isEqualTo(shops + 1);
    smith.post(OTHERS + "/" + first + "/delete", "");
    smith.post(OTHERS + "/" + second + "/delete", "");
  }

  @Test
  void anAbsurdRecordIsDoubtedAndABrokenOneRefused() {
    int id = add("Absurd", record("absurd-1", 40, 1));
    assertThat(
            smith.get(OTHERS).<List<List<String>>>at("$[?(@.id == " + id + ")].doubts").getFirst())
        .anyMatch(doubt -> doubt.contains("40 of 40 welds delaminated"));
    smith.post(OTHERS + "/" + id + "/delete", "");
    int before = smith.get(OTHERS).<List<Object>>at("$").size();
    Answer broken =
        smith.post(
            OTHERS + "?name=Broken",
            record("broken-1", 20, 3).replace("\"temperatureC\":1105", "\"temperatureC\":9"));
    assertThat(broken.status()).isEqualTo(422);
    assertThat(broken.body()).contains("/welds/5/temperatureC");
    assertThat(smith.post(OTHERS + "?name=Plan", PLAN).status()).isEqualTo(400);
    assertThat(smith.get(OTHERS).<List<Object>>at("$")).hasSize(before);
    assertThat(smith.post(OTHERS + "?name=Long", record("long-list-1", 1500, 5)).status())
        .as("more than a plan may have")
        .isEqualTo(201);
  }
}

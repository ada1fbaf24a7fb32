package app.geminal.server.session;

import static java.util.concurrent.TimeUnit.MILLISECONDS;
import static java.util.concurrent.TimeUnit.SECONDS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.JsonPath;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What a shop learns from its sessions, and what becomes of its plans with it. */
class CalibrationApiTest extends ShopTest {
  private static final String LEARNED = "/api/v1/shop/calibration";
  private static final String BILLET = "/api/v1/billets/1/calibration-effects?row=";
  private static final Duration AGO = Duration.ofHours(2);

  @Override
  protected String[] settings() {
    return new String[] {"--geminal.calibrates-after=0s"};
  }

  /** A stack that was in the fire for an hour, and what a thermometer said of it then. */
  private long session(double... skinC) {
    String step = smith.get("/api/v1/billets/1/heats").at("$[0].path");
    long session =
        (long)
            smith
                .post(
                    "/api/v1/forge-sessions",
                    "{\"billets\": [{\"billetId\": 1, \"stepPath\": \"%s\"}], \"rehearsal\": false, \"speed\": 1}"
                        .formatted(step))
                .number("$.id");
    shop.update(
        "UPDATE fire_session SET started_at = started_at - INTERVAL 3 HOUR WHERE id = " + session);
    shop.bean(LiveSessions.class).forget(session);
    Instant in = Instant.now().minus(AGO);
    List<String> entries = new ArrayList<>();
    entries.add(entry("DEED", "\"act\": \"IN\"", in));
    for (double celsius : skinC) {
      entries.add(entry("SKIN", "\"figure\": " + celsius, in.plus(Duration.ofHours(1))));
    }
    Answer sent =
        smith.post(
            "/api/v1/forge-sessions/%d/entries".formatted(session),
            "{\"entries\": [%s]}".formatted(String.join(",", entries)));
    assertThat(sent.status()).isEqualTo(200);
    // From the database again it has lasted as long as its log says.
    shop.bean(LiveSessions.class).forget(session);
    smith.post("/api/v1/forge-sessions/%d/end".formatted(session), "{}");
    return session;
  }

  private static String entry(String kind, String more, Instant at) {
    return """
    {"id": "%s", "kind": "%s", "place": 0, "note": "", "doneAt": "%s", "device": "t", %s}\
    """
        .formatted(UUID.randomUUID(), kind, at, more);
  }

  private static double offset(Answer view, String which) {
    List<Number> found = view.at("$.figures[?(@.of == 'CHAMBER_OFFSET')].%s".formatted(which));
    return found.getFirst().doubleValue();
  }

  private Answer learnedFrom(int heats) {
    await()
        .atMost(30, SECONDS)
        .pollInterval(100, MILLISECONDS)
        .until(() -> smith.get(LEARNED).<Integer>at("$.heats") == heats);
    return smith.get(LEARNED);
  }

  /** The chamber was meant to be at so many degrees. */
  private double meantC() {
    String step = smith.get("/api/v1/billets/1/heats").at("$[0].path");
    return shop.bean(HeatPlans.class).planned(1, step).plan().window().chamberC();
  }

  private Answer first;
  private double hotC;

  @BeforeAll
  void aForgeThatIsHotterThanItsGaugeSays() {
    hotC = meantC() + 25;
    assertThat(smith.get(LEARNED).<Integer>at("$.heats")).isZero();
    session(hotC, hotC);
    first = learnedFrom(1);
  }

  @Test
  void sessionsTeachWhatWasSeen() {
    assertThat(offset(first, "before.middle")).isZero();
    assertThat(offset(first, "now.middle")).isGreaterThan(8);
    assertThat(offset(first, "now.high") - offset(first, "now.low"))
        .isLessThan(offset(first, "before.high") - offset(first, "before.low"));
    assertThat(first.<Boolean>at("$.inPlans")).isFalse();
    assertThat(offset(first, "inPlans.middle")).isZero();
  }

  @Test
  void aSessionBeginsWithWhatWasLearnedAndWhatNothingWasSeenOfTeachesNothing() {
    long blind = session();
    assertThat(shop.bean(ForgeSessionRepository.class).toCalibrate(Instant.now())).isEmpty();
    assertThat(smith.get(LEARNED).<Integer>at("$.heats")).isEqualTo(first.<Integer>at("$.heats"));
    String row =
        shop.dump("fire_session")
            .lines()
            .filter(l -> l.startsWith(blind + "|"))
            .findFirst()
            .orElseThrow();
    assertThat(row).contains("\"heats\":1");
  }

  @Test
  void plansChangeOnlyWhenSomeoneSaysSo() {
    Answer before = smith.get(BILLET + (long) first.number("$.row"));
    assertThat(before.status()).isEqualTo(200);
    List<Double> now = before.at("$[*].now");
    List<Double> then = before.at("$[*].then");
    assertThat(now).isNotEmpty().isNotEqualTo(then);

    Answer used =
        smith.post(LEARNED + "/use", "{\"row\": %d}".formatted((long) first.number("$.row")));
    assertThat(used.<Boolean>at("$.inPlans")).isTrue();
    assertThat(used.<Integer>at("$.planHeats")).isEqualTo(1);
    assertThat(smith.get(BILLET + (long) first.number("$.row")).<List<Double>>at("$[*].now"))
        .isEqualTo(then);

    Answer undone = smith.post(LEARNED + "/undo-use", "{}");
    assertThat(undone.<Integer>at("$.planHeats")).isZero();
    assertThat(smith.get(BILLET + (long) first.number("$.row")).<List<Double>>at("$[*].now"))
        .isEqualTo(now);
  }

  @Test
  void aResetForgetsEverythingAndCanBeUndone() {
    Answer reset = smith.post(LEARNED + "/reset", "{}");
    assertThat(reset.<Integer>at("$.heats")).isZero();
    assertThat(offset(reset, "now.middle")).isZero();
    assertThat(reset.<Boolean>at("$.wasReset")).isTrue();
    assertThat(smith.post(LEARNED + "/reset", "{}").<Boolean>at("$.wasReset")).isTrue();
    Answer undone = smith.post(LEARNED + "/undo-reset", "{}");
    assertThat(offset(undone, "now.middle")).isEqualTo(offset(first, "now.middle"));
    assertThat(smith.post(LEARNED + "/undo-reset", "{}").<Integer>at("$.heats")).isEqualTo(1);
  }

  /** The gauge is corrected by hand by half of what was learned: the other half is left. */
  @Test
  void aCorrectionOfTheGaugeCountsOnce() {
    double learned = offset(first, "now.middle");
    correct(learned / 2);
    assertThat(offset(smith.get(LEARNED), "now.middle")).isCloseTo(learned / 2, within(1e-9));
    correct(0);
    assertThat(offset(smith.get(LEARNED), "now.middle")).isCloseTo(learned, within(1e-9));
  }

  private void correct(double gaugeOffsetC) {
    String kept = smith.get("/api/v1/shop").body();
    var changed = JsonPath.parse(kept).put("$.shop.forge", "gaugeOffsetC", gaugeOffsetC);
    String body =
        "{\"version\": %d, \"shop\": %s}"
            .formatted(
                changed.<Integer>read("$.version"),
                JsonPath.parse(changed.<Object>read("$.shop")).jsonString());
    assertThat(smith.put("/api/v1/shop", body).status()).isEqualTo(200);
  }

  @Test
  void whatIsNotThereCannotBeUsed() {
    assertThat(smith.post(LEARNED + "/use", "{\"row\": 4711}").status()).isEqualTo(404);
    assertThat(smith.get(BILLET + 4711).status()).isEqualTo(404);
  }
}

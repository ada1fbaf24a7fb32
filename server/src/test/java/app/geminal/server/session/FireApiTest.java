package app.geminal.server.session;

import static java.util.concurrent.TimeUnit.MILLISECONDS;
import static java.util.concurrent.TimeUnit.SECONDS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.JsonPath;
import java.net.http.HttpRequest.BodyPublishers;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Sessions at the fire, from the first tap to the Book. */
class FireApiTest extends ShopTest {

  private String firstWeld(long billet) {
    return smith.get("/api/v1/billets/%d/heats".formatted(billet)).at("$[0].path");
  }

  private long start(boolean rehearsal, double speed, long... billets) {
    List<String> chosen = new ArrayList<>();
    for (long billet : billets) {
      chosen.add("{\"billetId\": %d, \"stepPath\": \"%s\"}".formatted(billet, firstWeld(billet)));
    }
    Answer begun =
        smith.post(
            "/api/v1/forge-sessions",
            "{\"billets\": [%s], \"rehearsal\": %s, \"speed\": %s}"
                .formatted(String.join(",", chosen), rehearsal, speed));
    assertThat(begun.status()).isEqualTo(201);
    return (long) begun.number("$.id");
  }

  private static String logEntry(String id, String act, Instant at) {
    return """
    {"id": "%s", "kind": "DEED", "place": 0, "act": "%s", "note": "", "doneAt": "%s",
     "device": "tablet"}\
    """
        .formatted(id, act, at);
  }

  private static String other(String id, String kind, String more) {
    return """
    {"id": "%s", "kind": "%s", "place": 0, "note": "", "doneAt": "%s", "device": "tablet"%s}\
    """
        .formatted(id, kind, Instant.now(), more);
  }

  private static String id() {
    return UUID.randomUUID().toString();
  }

  private Answer send(long fire, String... entries) {
    return smith.post(
        "/api/v1/forge-sessions/%d/entries".formatted(fire),
        "{\"entries\": [%s]}".formatted(String.join(",", entries)));
  }

  private static void until(Callable<Boolean> holds) {
    await().atMost(20, SECONDS).pollInterval(20, MILLISECONDS).until(holds);
  }

  @Test
  void aBilletsHeatsAndWhatEachWants() {
    Answer heats = smith.get("/api/v1/billets/1/heats");
    assertThat(heats.<List<String>>at("$[*].title"))
        .containsExactly("Weld 1", "Draw 1", "Weld 2", "Draw 2");
    assertThat(heats.<Integer>at("$[0].made")).isEqualTo(1);
    Answer plan = smith.get("/api/v1/billets/1/heat-plan?step=" + heats.<String>at("$[0].path"));
    assertThat(plan.<String>at("$.protection")).isEqualTo("DRY");
    assertThat(plan.number("$.soaking.firstMin")).isBetween(8.0, 40.0);
    assertThat(plan.<List<String>>at("$.protections[*].protection")).hasSize(4);
    assertThat(plan.<List<Object>>at("$.layOut[*]")).hasSizeGreaterThan(6);
    assertThat(plan.<Integer>at("$.protections[1].made")).isPositive();
    Answer draw = smith.get("/api/v1/billets/1/heat-plan?step=" + heats.<String>at("$[1].path"));
    assertThat(draw.<List<Object>>at("$.stops[*]")).hasSize(4);
    Answer none = smith.get("/api/v1/billets/1/heat-plan?step=zz");
    assertThat(none.status()).isEqualTo(422);
    assertThat(none.<String>at("$.where")).isEqualTo("/stepPath");
  }

  @Test
  void whatIsSentTwiceIsThereOnce() {
    long fire = start(false, 1, 1);
    String in = id();
    String entry = logEntry(in, "IN", Instant.now());
    assertThat(send(fire, entry).<List<String>>at("$.kept")).containsExactly(in);
    assertThat(send(fire, entry, entry).<List<String>>at("$.kept")).containsExactly(in);
    Answer whole = smith.get("/api/v1/forge-sessions/" + fire);
    assertThat(whole.<List<String>>at("$.entries[*].id")).containsExactly(in);
    assertThat(whole.<String>at("$.at.billets[0].where")).isEqualTo("FIRE");
    assertThat(whole.<String>at("$.at.billets[0].advice.title")).isEqualTo("Keep soaking");
  }

  @Test
  void takenBackAndBroughtBack() {
    long fire = start(false, 1, 1);
    String in = id();
    String undo = id();
    send(fire, logEntry(in, "IN", Instant.now()));
    send(fire, other(undo, "UNDO", ", \"about\": \"%s\"".formatted(in)));
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<Boolean>at("$.at.billets[0].begun"))
        .isFalse();
    send(fire, other(id(), "UNDO", ", \"about\": \"%s\"".formatted(undo)));
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<Boolean>at("$.at.billets[0].begun"))
        .isTrue();
  }

  @Test
  void whatIsSeenIsKeptAndNeedsItsFigure() {
    long fire = start(false, 1, 1);
    send(fire, logEntry(id(), "IN", Instant.now()));
    assertThat(send(fire, other(id(), "COLOR", ", \"figure\": 1100")).status()).isEqualTo(200);
    assertThat(send(fire, other(id(), "NO_SHADOW", "")).status()).isEqualTo(200);
    Answer whole = smith.get("/api/v1/forge-sessions/" + fire);
    assertThat(whole.<List<String>>at("$.entries[*].kind"))
        .containsExactly("DEED", "COLOR", "NO_SHADOW");
    Answer without = send(fire, other(id(), "COLOR", ""));
    assertThat(without.status()).isEqualTo(422);
    assertThat(without.<String>at("$.where")).isEqualTo("/entries/0/figure");
  }

  /** Squeezed cold: that is not in the plan, only in what was logged. */
  @Test
  void whyAWeldIsOpenIsReadFromItsLog() {
    long fire = start(false, 1, 1);
    for (String act : List.of("IN", "OUT", "SQUEEZE", "LET_GO")) {
      send(fire, logEntry(id(), act, Instant.now()));
    }
    Answer session = smith.get("/api/v1/forge-sessions/" + fire);
    assertThat(session.<String>at("$.at.billets[0].joints")).contains("too cold when pressed");
    String plan = JsonPath.parse(smith.get("/api/v1/billets/1").<Object>at("$.plan")).jsonString();
    String asked = "{\"plan\": %s, \"step\": \"%s\", \"session\": %s}";
    Answer why = smith.post("/api/v1/plans/why-open", asked.formatted(plan, firstWeld(1), fire));
    assertThat(why.status()).as(why.body()).isEqualTo(200);
    assertThat(why.<Boolean>at("$.logged")).isTrue();
    assertThat(why.<String>at("$.suspects[0].cause")).isEqualTo("too cold when pressed");
    assertThat(why.<String>at("$.suspects[0].evidence")).contains("By the log it was");
    Answer planned =
        smith.post("/api/v1/plans/why-open", asked.formatted(plan, firstWeld(1), "null"));
    assertThat(planned.<Boolean>at("$.logged")).isFalse();
    assertThat(
            smith
                .post("/api/v1/plans/why-open", asked.formatted(plan, firstWeld(1), 99_999))
                .status())
        .isEqualTo(404);
  }

  /** Squeezed cold and found open: by its plan it was to hold, so plans are believed less. */
  @Test
  void whatThePlanMadeOfItIsKeptWithTheOutcomeAndCounts() {
    String plan = JsonPath.parse(smith.get("/api/v1/billets/2").<Object>at("$.plan")).jsonString();
    String asked = "{\"plan\": %s, \"step\": \"%s\"}".formatted(plan, firstWeld(2));
    long fire = start(false, 1, 2);
    for (String act : List.of("IN", "OUT", "SQUEEZE", "LET_GO")) {
      send(fire, logEntry(id(), act, Instant.now()));
    }
    assertThat(send(fire, other(id(), "OPEN", "")).status()).isEqualTo(200);
    List<Double> chances =
        smith.get("/api/v1/billets/2").at("$.welds[?(@.how.mapChance >= 0)].how.mapChance");
    Answer map = smith.post("/api/v1/plans/weld-map", asked);
    assertThat(chances).containsExactly(map.number("$.chance"));
    assertThat(map.<Integer>at("$.byRecord.welds")).isEqualTo(1);
    assertThat(map.number("$.byRecord.chance")).isLessThan(map.number("$.chance"));
    assertThat(map.number("$.byRecord.low")).isLessThan(map.number("$.byRecord.chance"));
  }

  /** The order in which they arrive makes no difference. */
  @Test
  void lateEntriesFindTheirPlace() {
    long fire = start(false, 1, 1);
    Instant start = Instant.parse(smith.get("/api/v1/forge-sessions/" + fire).at("$.startedAt"));
    String in = id();
    String out = id();
    send(fire, logEntry(out, "OUT", start.plusMillis(400)));
    send(fire, logEntry(in, "IN", start.plusMillis(100)));
    Answer whole = smith.get("/api/v1/forge-sessions/" + fire);
    assertThat(whole.<String>at("$.at.billets[0].where")).isEqualTo("AIR");
    assertThat(whole.<List<String>>at("$.entries[*].id")).containsExactly(out, in);
  }

  @Test
  void badEntriesAreRefusedWithTheirPlaceAndNothingIsKept() {
    long fire = start(false, 1, 1);
    Answer noAct = send(fire, logEntry(id(), "IN", Instant.now()), other(id(), "DEED", ""));
    assertThat(noAct.status()).isEqualTo(422);
    assertThat(noAct.<String>at("$.where")).isEqualTo("/entries/1/act");
    Answer elsewhere =
        send(fire, logEntry(id(), "IN", Instant.now()).replace("\"place\": 0", "\"place\": 2"));
    assertThat(elsewhere.<String>at("$.where")).isEqualTo("/entries/0/place");
    Answer future =
        send(
            fire,
            logEntry(id(), "IN", Instant.now()),
            logEntry(id(), "OUT", Instant.now().plusSeconds(7200)));
    assertThat(future.<String>at("$.where")).isEqualTo("/entries/1/doneAt");
    assertThat(send(fire, logEntry("no-id", "IN", Instant.now())).status()).isEqualTo(422);
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<List<String>>at("$.entries[*].id"))
        .isEmpty();
    assertThat(smith.get("/api/v1/forge-sessions/99999").status()).isEqualTo(404);
    assertThat(shop.visitor().get("/api/v1/forge-sessions/" + fire).status()).isEqualTo(401);
    assertThat(smith.forge("/api/v1/forge-sessions/%d/entries".formatted(fire), "{}").status())
        .isIn(401, 403);
  }

  private static String next(Iterator<String> lines, Predicate<String> wanted) {
    while (true) {
      String line = lines.next();
      if (!line.isEmpty() && wanted.test(line)) {
        return line;
      }
    }
  }

  @Test
  void anotherScreenIsReportedAtOnce() {
    long fire = start(false, 1, 1);
    try (var stream = shop.smith().lines("/api/v1/forge-sessions/%d/stream".formatted(fire))) {
      Iterator<String> lines = stream.iterator();
      assertThat(next(lines, l -> true)).contains("\"event\":\"whole\"");
      String in = id();
      send(fire, logEntry(in, "IN", Instant.now()));
      assertThat(next(lines, l -> l.contains("\"entries\""))).contains(in);
      String now = next(lines, l -> l.contains("\"event\":\"now\""));
      assertThat(JsonPath.<String>read(now, "$.billets[0].where")).isEqualTo("FIRE");
      String reading =
          next(lines, l -> l.contains("\"event\":\"now\"") && l.contains("\"good\":true"));
      assertThat(JsonPath.<Number>read(reading, "$.forge.value").doubleValue())
          .isBetween(1100.0, 1300.0);
    }
  }

  @Test
  void readingsAreKeptOnceASecond() {
    long fire = start(false, 1, 1);
    until(() ->
        smith.get("/api/v1/forge-sessions/%d/readings.csv".formatted(fire)).body().lines().count()
            > 8);
    List<String> forge =
        smith
            .get("/api/v1/forge-sessions/%d/readings.csv".formatted(fire))
            .body()
            .lines()
            .filter(l -> l.contains(",forge,"))
            .toList();
    List<Integer> seconds =
        forge.stream().map(l -> Integer.valueOf(l.substring(0, l.indexOf(',')))).toList();
    for (int i = 1; i < seconds.size(); i++) {
      assertThat(seconds.get(i) - seconds.get(i - 1)).isEqualTo(1);
    }
    assertThat(forge.getFirst()).endsWith(",C,good");
  }

  @Test
  void anOutcomeIsWrittenIntoTheBookOnceAndDeletedWithIt() {
    long fire = start(false, 1, 2);
    String held = id();
    send(
        fire,
        logEntry(id(), "IN", Instant.now()),
        other(held, "HELD", "").replace("\"note\": \"\"", "\"note\": \"Rang clean.\""));
    send(fire, other(held, "HELD", ""));
    List<String> notes =
        smith.get("/api/v1/book").at("$[?(@.fireSession == %d)].note".formatted(fire));
    assertThat(notes).hasSize(1);
    assertThat(notes.getFirst()).startsWith("Rang clean. From the session log");
    String undo = id();
    send(fire, other(undo, "UNDO", ", \"about\": \"%s\"".formatted(held)));
    assertThat(
            smith
                .get("/api/v1/book")
                .<List<String>>at("$[?(@.fireSession == %d)].note".formatted(fire)))
        .isEmpty();
    send(fire, other(id(), "UNDO", ", \"about\": \"%s\"".formatted(undo)));
    assertThat(
            smith
                .get("/api/v1/book")
                .<List<String>>at("$[?(@.fireSession == %d)].note".formatted(fire)))
        .hasSize(1);
  }

  /** A whole weld that was tapped offline arrives at once; the Book has what the log says. */
  @Test
  void anOutcomeThatComesWithItsEntriesIsWrittenWithThem() {
    long fire = start(false, 1, 6);
    Instant start = Instant.parse(smith.get("/api/v1/forge-sessions/" + fire).at("$.startedAt"));
    send(
        fire,
        logEntry(id(), "IN", start.plusMillis(100)),
        logEntry(id(), "OUT", start.plusMillis(200)),
        logEntry(id(), "SQUEEZE", start.plusMillis(3200)),
        other(id(), "SUSPECT", ""));
    assertThat(
            smith
                .get("/api/v1/book")
                .<List<String>>at("$[?(@.fireSession == %d)].note".formatted(fire)))
        .containsExactly("From the session log: 1 set, at the dies after 3 s.");
  }

  /** Time runs while everything soaks and someone looks, and nothing enters the Book. */
  @Test
  void aRehearsalRunsFastAndLeavesTheBookAlone() {
    String before = smith.get("/api/v1/book").body();
    long fire = start(true, 20, 1);
    try (var stream = shop.smith().lines("/api/v1/forge-sessions/%d/stream".formatted(fire))) {
      Iterator<String> lines = stream.iterator();
      next(lines, l -> l.contains("\"whole\""));
      send(fire, logEntry(id(), "IN", Instant.now()));
      String later =
          next(
              lines,
              l ->
                  // A whole session has what is now inside it.
                  l.startsWith("{")
                      && JsonPath.read(l, "$.event").equals("now")
                      && JsonPath.<Number>read(l, "$.second").doubleValue() > 60);
      assertThat(JsonPath.<Number>read(later, "$.speed").doubleValue()).isEqualTo(20);
      assertThat(JsonPath.<Number>read(later, "$.billets[0].skinC.middle").doubleValue())
          .isGreaterThan(100);
      send(fire, logEntry(id(), "OUT", Instant.now()));
      String out = next(lines, l -> l.contains("\"where\":\"AIR\""));
      assertThat(JsonPath.<Number>read(out, "$.speed").doubleValue()).isEqualTo(1);
      send(fire, other(id(), "OPEN", ""), other(id(), "FORGE", ", \"figure\": 1300"));
      String set = next(lines, l -> l.contains("\"setC\":1300"));
      assertThat(set).contains("now");
    }
    assertThat(smith.post("/api/v1/forge-sessions/%d/end".formatted(fire), "").status())
        .isEqualTo(204);
    Answer whole = smith.get("/api/v1/forge-sessions/" + fire);
    assertThat(whole.<String>at("$.endedAt")).isNotNull();
    assertThat(whole.<List<String>>at("$.reviewNotes[0][*].kind")).contains("HEAT");
    assertThat(smith.get("/api/v1/book").body()).isEqualTo(before);
    smith.post("/api/v1/forge-sessions/%d/reopen".formatted(fire), "");
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<String>at("$.endedAt")).isNull();
  }

  /** As if the session had begun so many days ago. */
  private void beganDaysAgo(long fire, int days) {
    shop.update(
        "UPDATE fire_session SET started_at = started_at - INTERVAL %d DAY WHERE id = %d"
            .formatted(days, fire));
    shop.bean(LiveSessions.class).forget(fire);
  }

  @Test
  void aLoggersFileIsTakenWholeOrNotAtAll() {
    long fire = start(false, 1, 3);
    beganDaysAgo(fire, 2);
    String path = "/api/v1/forge-sessions/%d/readings".formatted(fire);
    Answer bad =
        smith.send(
            "POST",
            path,
            "text/csv",
            BodyPublishers.ofString("at,channel,value,unit\n1,forge,2000,F\nsoon,forge,2000,F\n"));
    assertThat(bad.status()).isEqualTo(422);
    assertThat(bad.<String>at("$.where")).isEqualTo("/line/3");
    Answer good =
        smith.send(
            "POST",
            path,
            "text/csv",
            BodyPublishers.ofString(
                "at,channel,value,unit\n100000,forge,2000,F\n100001,press,1000,psi\n"));
    assertThat(good.<Integer>at("$.lines")).isEqualTo(2);
    assertThat(smith.get(path + ".csv").body())
        .contains("100000,forge,1093.3333333333333,C,good")
        .containsPattern("100001,press,6\\.89475\\d*,MPa,good");
  }

  private Answer sendReadings(long fire, String csv) {
    return smith.send(
        "POST",
        "/api/v1/forge-sessions/%d/readings".formatted(fire),
        "text/csv",
        BodyPublishers.ofString(csv));
  }

  /** The lines of a session's own file from second 100,000 on, before the gauges of today speak. */
  private String exported(long fire) {
    return smith
        .get("/api/v1/forge-sessions/%d/readings.csv".formatted(fire))
        .body()
        .lines()
        .filter(l -> l.startsWith("at,") || l.startsWith("10") || l.startsWith("11"))
        .collect(Collectors.joining("\n", "", "\n"));
  }

  @Test
  void whatWasExportedComesBackInAsItWas() {
    long first = start(false, 1, 3);
    long second = start(false, 1, 3);
    beganDaysAgo(first, 2);
    beganDaysAgo(second, 2);
    StringBuilder raw = new StringBuilder("at,channel,value,unit\n");
    for (int s = 0; s < 19_000; s++) {
      // A third of an hour the gauge does not change, which is not believed.
      double celsius = s % 3600 < 1200 ? 1150 : 1150 + (s % 2) / 3.0;
      raw.append(100_000 + s).append(",forge,").append(celsius).append(",C\n");
    }
    assertThat(raw.length()).as("more than any other body may have").isGreaterThan(256 * 1024);
    assertThat(sendReadings(first, raw.toString()).<Integer>at("$.lines")).isEqualTo(19_000);
    smith.post("/api/v1/forge-sessions/%d/end".formatted(first), "");
    shop.bean(ForgeSessionRepository.class).setEnded(first, Instant.now().minusSeconds(90_000));
    shop.bean(SessionReadingService.class).thin();
    String csv = exported(first);
    assertThat(csv).contains(",1150.3333333333333,C,good").contains(",1150.0,C,frozen");
    assertThat(sendReadings(second, csv).status()).isEqualTo(200);
    assertThat(exported(second)).isEqualTo(csv);
  }

  @Test
  void aTypedReadingIsCalculatedWithUntilTheGaugeSpeaks() {
    long fire = start(false, 1, 4);
    send(fire, other(id(), "READING", ", \"figure\": 1100"));
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).number("$.at.chamberC"))
        .isBetween(1099.0, 1300.0);
    assertThat(send(fire, other(id(), "READING", ", \"figure\": 5000")).status()).isEqualTo(422);
  }

  @Test
  void aDaysOrder() {
    Answer day =
        smith.post(
            "/api/v1/forge-sessions/day",
            """
            {"billets": [{"billetId": 1, "stepPath": "%s"}, {"billetId": 6, "stepPath": "%s"}],
             "places": 2, "fromMin": 480, "toMin": 1020}\
            """
                .formatted(firstWeld(1), firstWeld(6)));
    assertThat(day.status()).isEqualTo(200);
    assertThat(day.<List<Object>>at("$.turns[*]")).hasSizeGreaterThan(6);
    assertThat(day.<List<String>>at("$.late")).isEmpty();
    assertThat(day.number("$.overMin")).isCloseTo(0, within(1e-6));
  }

  @Test
  void readingsOfAnOldSessionAreThinned() {
    long fire = start(false, 1, 5);
    beganDaysAgo(fire, 5);
    StringBuilder csv = new StringBuilder("at,channel,value,unit\n");
    for (int s = 0; s < 2000; s++) {
      csv.append(200_000 + s).append(",forge,").append(1000 + s * 0.05).append(",C\n");
    }
    smith.send(
        "POST",
        "/api/v1/forge-sessions/%d/readings".formatted(fire),
        "text/csv",
        BodyPublishers.ofString(csv.toString()));
    smith.post("/api/v1/forge-sessions/%d/end".formatted(fire), "");
    assertThat(shop.bean(SessionReadingService.class).thin()).as("not yet a day old").isZero();
    shop.bean(ForgeSessionRepository.class).setEnded(fire, Instant.now().minusSeconds(90_000));
    assertThat(shop.bean(SessionReadingService.class).thin()).isEqualTo(1);
    long left =
        smith
            .get("/api/v1/forge-sessions/%d/readings.csv".formatted(fire))
            .body()
            .lines()
            .filter(l -> l.startsWith("20"))
            .count();
    assertThat(left).isBetween(20L, 120L);
    assertThat(shop.bean(SessionReadingService.class).thin()).isZero();
  }

  @Test
  void aSessionLeftOpenEndsByItselfAndARehearsalDoesNot() {
    long fire = start(false, 1, 2);
    LiveSessions fires = shop.bean(LiveSessions.class);
    Instant now = Instant.now();
    assertThat(fires.get(fire).isForgotten(now.plusSeconds(11 * 3600))).isFalse();
    assertThat(fires.get(fire).isForgotten(now.plusSeconds(13 * 3600))).isTrue();
    long rehearsal = start(true, 5, 2);
    assertThat(fires.get(rehearsal).isForgotten(now.plusSeconds(13 * 3600))).isFalse();
    smith.post("/api/v1/forge-sessions/%d/end".formatted(fire), "");
    assertThat(fires.get(fire).isForgotten(now.plusSeconds(13 * 3600))).isFalse();
  }

  @Test
  void theJointsOfAPracticeRunAreShownOnceTheirCauseIsNamed() {
    Answer begun =
        smith.post(
            "/api/v1/forge-sessions",
            "{\"billets\": [{\"billetId\": 1, \"stepPath\": \"%s\"}], \"rehearsal\": true, \"drill\": \"DIRTY_FACES\"}"
                .formatted(firstWeld(1)));
    long fire = (long) begun.number("$.id");
    String inspection = "/api/v1/forge-sessions/%d/inspection".formatted(fire);
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<String>at("$.drill"))
        .isEqualTo("DIRTY_FACES");
    assertThat(smith.get(inspection).status()).as("it continues").isEqualTo(422);
    smith.post("/api/v1/forge-sessions/%d/end".formatted(fire), "");
    Answer seen = smith.get(inspection);
    int joints = seen.<List<Object>>at("$.bars[0].seen").size();
    assertThat(seen.<List<Boolean>>at("$.bars[0].seen[0].open")).hasSize(8).containsOnly(true);
    assertThat(seen.<Object>at("$.bars[0].truth")).as("not named yet").isNull();
    int ask = seen.at("$.bars[0].ask");
    assertThat(named(inspection, ask + 1, "HEAT").status()).as("another joint").isEqualTo(422);
    assertThat(named(inspection, ask, "MAGIC").status()).isEqualTo(400);
    Answer named = named(inspection, ask, "HEAT");
    assertThat(named.<List<Object>>at("$.bars[0].truth")).hasSize(joints);
    assertThat(named.<List<Boolean>>at("$.bars[0].truth[*].sound")).containsOnly(false);
    assertThat(named(inspection, ask, "OXIDE").<String>at("$.bars[0].named.cause"))
        .as("the first answer stays")
        .isEqualTo("HEAT");
    assertThat(
            smith.get("/api/v1/drills").<List<Integer>>at("$[?(@.drill == 'DIRTY_FACES')].sound"))
        .containsExactly(0);
    long live = start(false, 1, 1);
    smith.post("/api/v1/forge-sessions/%d/end".formatted(live), "");
    assertThat(smith.get("/api/v1/forge-sessions/%d/inspection".formatted(live)).status())
        .as("no practice run")
        .isEqualTo(404);
  }

  private Answer named(String inspection, int joint, String cause) {
    return smith.post(
        inspection, "{\"place\": 0, \"joint\": %d, \"cause\": \"%s\"}".formatted(joint, cause));
  }

  @Test
  void theListHasTheNewestFirst() {
    long fire = start(true, 5, 1, 6);
    Answer list = smith.get("/api/v1/forge-sessions");
    assertThat(list.<Integer>at("$[0].id")).isEqualTo((int) fire);
    assertThat(list.<List<String>>at("$[0].billets[*].title")).hasSize(2);
    assertThat(
            smith
                .post("/api/v1/forge-sessions", "{\"billets\": [], \"rehearsal\": false}")
                .status())
        .isEqualTo(422);
  }
}

package app.geminal.server.attack;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor;
import app.geminal.server.Visitor.Answer;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.units.Units;
import com.jayway.jsonpath.JsonPath;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What an attack on a running shop once broke, each with the answer it gets now. */
class AttackTest extends ShopTest {
  private static final String PASSWORD = "five brass rivets";

  @BeforeAll
  void letIn() {
    add("tongs", Rank.APPRENTICE);
    add("caller", Rank.GUEST);
  }

  private void add(String login, Rank rank) {
    shop.bean(Accounts.class).add(login, login, PASSWORD, Units.METRIC, rank);
  }

  private Visitor signedIn(String login) {
    return signedIn(login, PASSWORD);
  }

  private Visitor signedIn(String login, String password) {
    Visitor visitor = shop.visitor();
    assertThat(visitor.signIn(login, password).status()).isEqualTo(204);
    return visitor;
  }

  // --- bodies

  /** A body of unannounced length that never seems to end. */
  private static InputStream endless(long bytes) {
    return new InputStream() {
      private long left = bytes;

      @Override
      public int read() {
        return left-- > 0 ? 'x' : -1;
      }

      @Override
      public int read(byte[] into, int from, int most) {
        if (left <= 0) {
          return -1;
        }
        int n = (int) Math.min(most, left);
        java.util.Arrays.fill(into, from, from + n, (byte) 'x');
        left -= n;
        return n;
      }
    };
  }

  @ParameterizedTest
  @CsvSource({
    "POST, /api/v1/forge-sessions/1/readings, text/csv, 413",
    "POST, /api/v1/steels/own.csv, text/csv, 413",
    "POST, /api/v1/plan-files, application/json, 413",
    "POST, /api/v1/book/entries/1/photos, image/png, 413",
    // Not JSON from its first character on.
    "POST, /api/v1/runs, application/json, 400",
    "PUT, /api/v1/shop, application/json, 400",
  })
  void aBodyWithoutEndIsCutOffAndReported(String verb, String path, String type, int status) {
    Answer answer =
        smith.send(verb, path, type, BodyPublishers.ofInputStream(() -> endless(48L << 20)));
    assertThat(answer.status()).isEqualTo(status);
    assertThat(smith.get("/api/v1/session").status()).isEqualTo(200);
  }

  @Test
  void anAnnouncedBodyThatIsTooLargeIsReportedWhileItIsStillSent() {
    Answer answer =
        smith.send(
            "POST",
            "/api/v1/runs",
            "application/json",
            BodyPublishers.ofByteArray(new byte[8 << 20]));
    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.<String>at("$.remedy")).isEqualTo("Send less than 256 kB.");
  }

  // --- taps

  private long session() {
    String step = smith.get("/api/v1/billets/1/heats").at("$[0].path");
    return (long)
        smith
            .post(
                "/api/v1/forge-sessions",
                "{\"billets\": [{\"billetId\": 1, \"stepPath\": \"%s\"}], \"rehearsal\": false}"
                    .formatted(step))
            .number("$.id");
  }

  private static String tap(String id, String kind, Instant at) {
    return """
    {"id": "%s", "kind": "%s", "place": 0, "act": "IN", "note": "", "doneAt": "%s", "device": "d"}\
    """
        .formatted(id, kind, at);
  }

  private Answer send(long fire, String... taps) {
    return smith.post(
        "/api/v1/forge-sessions/%d/entries".formatted(fire),
        "{\"entries\": [%s]}".formatted(String.join(",", taps)));
  }

  private static String id() {
    return UUID.randomUUID().toString();
  }

  @ParameterizedTest
  @ValueSource(longs = {-7200, -3_000_000_000L, 3600})
  void aTapFromAWrongClockIsRefusedAndTheSessionContinues(long seconds) {
    long fire = session();
    Answer refused = send(fire, tap(id(), "DEED", Instant.now().plusSeconds(seconds)));
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.<String>at("$.where")).isEqualTo("/entries/0/doneAt");
    assertThat(refused.<String>at("$.detail")).contains("clock of this device");
    assertThat(send(fire, tap(id(), "DEED", Instant.now())).status()).isEqualTo(200);
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<List<String>>at("$.entries[*].id"))
        .hasSize(1);
  }

  @Test
  void aTapThatAnEarlierReleaseStoredDoesNotStopItsSession() {
    long fire = session();
    assertThat(send(fire, tap(id(), "DEED", Instant.now())).status()).isEqualTo(200);
    shop.update(
        """
        INSERT INTO fire_entry (session_id, id, kind, place, act, note, at_s, done_at, kept_at,
          device, made_by)
        SELECT %1$d, '%2$s', 'DEED', 0, 'IN', '', -7200, done_at, kept_at, device, made_by
        FROM fire_entry WHERE session_id = %1$d LIMIT 1
        """
            .formatted(fire, id()));
    shop.update(
        """
        INSERT INTO fire_entry (session_id, id, kind, place, act, note, at_s, done_at, kept_at,
          device, made_by)
        SELECT %1$d, '%2$s', 'DEED', 0, NULL, '', 5, done_at, kept_at, '', made_by
        FROM fire_entry WHERE session_id = %1$d LIMIT 1
        """
            .formatted(fire, id()));
    assertThat(smith.post("/api/v1/forge-sessions/%d/end".formatted(fire), "").status())
        .isEqualTo(204);
    // Ended and not looked at, it is read from the database again at the next question.
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<List<Object>>at("$.entries"))
        .isNotEmpty();
    assertThat(send(fire, tap(id(), "HELD", Instant.now())).status()).isEqualTo(200);
    assertThat(smith.post("/api/v1/forge-sessions/%d/reopen".formatted(fire), "").status())
        .isEqualTo(204);
  }

  @Test
  void aLoggersReadingOutsideTheSessionIsRefused() {
    long fire = session();
    String path = "/api/v1/forge-sessions/%d/readings".formatted(fire);
    for (String line :
        List.of(
            "2592000,forge,1000,C",
            "-5,forge,1000,C",
            "NaN,forge,1,C",
            "1,forge,Infinity,C",
            "1e999,press,1,bar",
            "+999999999-12-31T23:59:59Z,forge,1000,C",
            "1,forge,1e300,F")) {
      Answer answer =
          smith.send(
              "POST",
              path,
              "text/csv",
              BodyPublishers.ofString("at,channel,value,unit\n1,forge,1000,C\n" + line + "\n"));
      assertThat(answer.status()).as(line).isEqualTo(422);
      assertThat(answer.<String>at("$.where")).as(line).isEqualTo("/line/3");
    }
    Answer header =
        smith.send("POST", path, "text/csv", BodyPublishers.ofString(",,\n1,forge,1000,C\n"));
    assertThat(header.status()).isEqualTo(422);
    assertThat(smith.get(path + ".csv").body()).doesNotContain("forge,1000.00");
  }

  // --- billets

  @Test
  void aBilletThatCannotBeShownIsNotStored() {
    String before = shop.dump("billet");
    Answer answer =
        smith.post(
            "/api/v1/billets",
            """
            {"name": "n", "purpose": "", "plan": {"stack": {"pieces": [
              {"steel": "1075", "thicknessMm": 5e-324}, {"steel": "15N20", "thicknessMm": 2}],
              "widthMm": 38, "lengthMm": 150}, "steps": []}}\
            """);
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.<String>at("$.where")).isEqualTo("/plan/stack/pieces/0/thicknessMm");
    assertThat(shop.dump("billet")).isEqualTo(before);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{}",
        "{\"stack\":{\"pieces\":[{\"steel\":\"gone\",\"thicknessMm\":2}],\"widthMm\":38,\"lengthMm\":150},\"steps\":[]}",
        "{\"stack\":{\"pieces\":[{\"steel\":\"1075\",\"thicknessMm\":5e-324}],\"widthMm\":38,\"lengthMm\":150},\"steps\":[]}"
      })
  void oneBadRowHidesNoOther(String plan) {
    shop.update(
        """
        INSERT INTO billet (name, purpose, plan, plan_format, version, created_at, changed_at)
        VALUES ('Damaged', '', '%s', 2, 1, NOW(), NOW())
        """
            .formatted(plan));
    try {
      Answer rack = smith.get("/api/v1/billets");
      assertThat(rack.status()).isEqualTo(200);
      assertThat(rack.<List<Object>>at("$[?(@.progress)]")).hasSize(7);
      assertThat(rack.<List<String>>at("$[?(@.name == 'Damaged')].unreadable"))
          .singleElement()
          .asString()
          .isNotEmpty();
      int id = rack.<List<Integer>>at("$[?(@.name == 'Damaged')].id").getFirst();
      assertThat(smith.get("/api/v1/billets/%d/stored".formatted(id)).body()).isEqualTo(plan);
      for (String path :
          List.of(
              "/api/v1/set-aside", "/api/v1/evidence", "/api/v1/book", "/api/v1/forge-sessions")) {
        assertThat(smith.get(path).status()).as(path).isEqualTo(200);
      }
    } finally {
      shop.update("DELETE FROM billet WHERE name = 'Damaged'");
    }
  }

  @Test
  void aDamagedEntryOrOwnSteelHidesNoOther() {
    int entries = smith.get("/api/v1/book/entries").<Integer>at("$.length()");
    int entry = smith.get("/api/v1/book/entries").<Integer>at("$[0].id");
    shop.update("UPDATE book_entry SET body = CONCAT('{\"was\":', body, '}') WHERE id = " + entry);
    shop.update(
        """
        INSERT INTO own_steel (short_name, known, known_format, version, changed_at)
        VALUES ('torn', '{}', 1, 1, NOW())
        """);
    try {
      assertThat(smith.get("/api/v1/book/entries").<Integer>at("$.length()"))
          .isEqualTo(entries - 1);
      assertThat(smith.get("/api/v1/steels").status()).isEqualTo(200);
      assertThat(smith.get("/api/v1/billets").status()).isEqualTo(200);
      Answer itself = smith.get("/api/v1/book/entries/%d/history".formatted(entry));
      assertThat(itself.status()).isEqualTo(409);
      assertThat(itself.<String>at("$.title")).isEqualTo("This record cannot be read");
    } finally {
      shop.update("UPDATE book_entry SET body = JSON_EXTRACT(body, '$.was') WHERE id = " + entry);
      shop.update("DELETE FROM own_steel WHERE short_name = 'torn'");
    }
  }

  // --- work for nothing

  @Test
  @Timeout(60)
  void aGuestWithCostlyPicturesDoesNotKeepOthersWaiting() throws Exception {
    StringBuilder steps = new StringBuilder();
    for (int i = 0; i < 180; i++) {
      steps
          .append(i == 0 ? "" : ",")
          .append(
              "{\"key\":\"k%d\",\"operation\":{\"kind\":\"uneven\",\"amplitudeMm\":0.3,\"scaleMm\":6,\"seed\":%d}}"
                  .formatted(i, i));
    }
    String plan = PLAN.substring(0, PLAN.indexOf("\"steps\"")) + "\"steps\": [" + steps + "]}";
    String picture =
        """
        {"wanted": {"plan": %s, "path": "", "stage": %d, "bar": 0, "look": {"from": "FACE",
          "atMm": 0, "acrossMm": 0, "blade": null}, "part": null, "widthPx": %d, "heightPx": %d,
          "relief": true}, "window": null, "frame": 1, "stays": true}\
        """;
    Visitor guest = signedIn("caller");
    List<CompletableFuture<Answer>> costly = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      costly.add(
          CompletableFuture.supplyAsync(
              () -> guest.post("/api/v1/pictures", picture.formatted(plan, 180, 2000, 2000))));
    }
    Answer own = smith.post("/api/v1/pictures", picture.formatted(PLAN, 0, 200, 150));
    assertThat(own.status()).isEqualTo(200);
    for (CompletableFuture<Answer> c : costly) {
      Answer answer = c.get(50, TimeUnit.SECONDS);
      assertThat(answer.status()).isEqualTo(503);
      assertThat(answer.<String>at("$.title")).isEqualTo("The shop is busy");
    }
  }

  @Test
  void aSearchThatFailsSaysSo() {
    String asked =
        """
        {"count": %s, "tolerance": %s, "counted": "VISIBLE", "from": {"kind": "STACKS",
         "outside": [{"steel": "%s", "thicknessMm": 1}], "inside": [{"steel": "15N20",
         "thicknessMm": 2.5}], "widthMm": 38}, "finished": {"widthMm": 38, "heightMm": 6,
         "lengthMm": 300}, "bounds": {"fewestPieces": 3, "mostPieces": 9, "layouts": ["PLAIN"],
         "mostRestacks": 5, "fewestCut": 2, "mostCut": 5, "turned": true, "folds": true}, "insert": {"steel": "15N20", "thicknessMm": 1.5}}\
        """;
    Answer unknown = smith.post("/api/v1/schedules", asked.formatted(300, 0.05, "unobtainium"));
    assertThat(unknown.status()).isEqualTo(422);
    Answer thin = smith.post("/api/v1/schedules", asked.formatted(300, 0.05, "1084"));
    assertThat(last(thin)).startsWith("{\"kind\":\"ended\"");
    Answer most = smith.post("/api/v1/schedules", asked.formatted(1_000_000, "null", "1084"));
    assertThat(last(most)).startsWith("{\"kind\":\"ended\"");
    assertThat(most.body().length()).isLessThan(20_000_000);
  }

  private static String last(Answer answer) {
    return answer.body().lines().reduce("", (_, line) -> line);
  }

  // --- people

  @Test
  void aVisitorLeavesNothingBehind() {
    Visitor stranger = shop.visitor();
    String before = shop.checksums(List.of("SPRING_SESSION"));
    for (int i = 0; i < 20; i++) {
      assertThat(stranger.get("/api/v1/billets").status()).isEqualTo(401);
      assertThat(stranger.get("/anything/" + i).status()).isEqualTo(401);
      assertThat(stranger.get("/rack").status()).isEqualTo(200);
    }
    assertThat(shop.checksums(List.of("SPRING_SESSION"))).isEqualTo(before);
  }

  @Test
  @Timeout(60)
  void whoIsShutOutHearsNothingMoreAndTheOldSignInStaysDead() {
    add("bellows", Rank.SMITH);
    int id =
        JsonPath.<List<Integer>>read(
                smith.get("/api/v1/people").body(), "$[?(@.login == 'bellows')].id")
            .getFirst();
    Visitor bellows = signedIn("bellows");
    long fire = session();
    Iterator<String> stream =
        bellows.lines("/api/v1/forge-sessions/%d/stream".formatted(fire)).iterator();
    assertThat(stream.next()).contains("whole");
    smith.put("/api/v1/people/" + id, "{\"rank\": \"SMITH\", \"mayEnter\": false}");
    // What was on its way may still come; then the stream is at its end.
    for (int lines = 0; stream.hasNext(); lines++) {
      stream.next();
      assertThat(lines).isLessThan(20);
    }
    smith.put("/api/v1/people/" + id, "{\"rank\": \"SMITH\", \"mayEnter\": true}");
    assertThat(bellows.get("/api/v1/book").status()).isEqualTo(401);
  }

  @Test
  @Timeout(60)
  void signingOutEndsWhatIsBeingSent() {
    Visitor tongs = signedIn("tongs");
    Iterator<String> stream =
        tongs.lines("/api/v1/forge-sessions/%d/stream".formatted(session())).iterator();
    assertThat(stream.next()).contains("whole");
    Answer out = tongs.post("/api/v1/sign-out", "");
    assertThat(out.header("Clear-Site-Data")).contains("cache");
    for (int lines = 0; stream.hasNext(); lines++) {
      stream.next();
      assertThat(lines).isLessThan(20);
    }
  }

  @Test
  void passwordsOfEveryLengthAreAnsweredFor() {
    for (int length : new int[] {9, 72, 73, 200, 5000}) {
      Answer answer =
          smith.post(
              "/api/v1/people",
              """
              {"login": "p%d", "name": "P", "password": "%s", "units": "METRIC", "rank": "GUEST"}\
              """
                  .formatted(length, "p".repeat(length)));
      assertThat(answer.status()).as("%d", length).isEqualTo(length == 72 ? 201 : 422);
    }
    Answer accents =
        smith.post(
            "/api/v1/people",
            """
            {"login": "q", "name": "Q", "password": "%s", "units": "METRIC", "rank": "GUEST"}\
            """
                .formatted("é".repeat(40)));
    assertThat(accents.<String>at("$.where")).isEqualTo("/password");
    assertThat(accents.<String>at("$.detail")).contains("80 bytes", "limit is 72");
  }

  @Test
  void aChangedPasswordEndsTheOtherSignInsAndGuessingTheOldOneIsSlowed() {
    add("hammer", Rank.SMITH);
    Visitor here = signedIn("hammer");
    Visitor there = signedIn("hammer");
    String change = "{\"old\": \"%s\", \"password\": \"six copper rivets\"}";
    assertThat(here.put("/api/v1/settings/password", change.formatted(PASSWORD)).status())
        .isEqualTo(204);
    assertThat(here.get("/api/v1/book").status()).isEqualTo(200);
    assertThat(there.get("/api/v1/book").status()).isEqualTo(401);
    List<Integer> answers = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      answers.add(here.put("/api/v1/settings/password", change.formatted("guess " + i)).status());
    }
    assertThat(answers.subList(0, 6)).containsOnly(422);
    assertThat(answers.subList(6, 12)).contains(429);
  }

  @Test
  void wrongTriesForANameDoNotLockItsOwnerOutAndRightOnesCostNothing() {
    add("anvil", Rank.SMITH);
    for (int i = 0; i < 70; i++) {
      assertThat(signedIn("anvil").get("/api/v1/session").status()).isEqualTo(200);
    }
    Visitor guesser = shop.visitor();
    List<Integer> answers = new ArrayList<>();
    for (String name : List.of("anvil", "ANVIL", "ánvil", "ａnvil", "anvil ", "Anvil", "anvıl")) {
      answers.add(guesser.signIn(name, "guess").status());
    }
    assertThat(answers).contains(429);
  }

  @Test
  @Timeout(60)
  void theSameNewNameTenTimesAtOnceIsOnePerson() {
    String mara =
        """
        {"login": "mara", "name": "M", "password": "a long password", "units": "METRIC",
         "rank": "GUEST"}\
        """;
    List<Integer> answers =
        java.util.stream.IntStream.range(0, 10)
            .mapToObj(_ ->
                CompletableFuture.supplyAsync(() -> smith.post("/api/v1/people", mara).status()))
            .toList()
            .stream()
            .map(CompletableFuture::join)
            .sorted()
            .toList();
    assertThat(answers.getFirst()).isEqualTo(201);
    assertThat(answers.subList(1, 10)).containsOnly(422);
  }

  @Test
  void aFormOfAnotherSiteChangesNothing() {
    assertThat(
            smith
                .send(
                    "POST",
                    "/api/v1/sign-out?_csrf=planted",
                    "application/x-www-form-urlencoded",
                    BodyPublishers.noBody())
                .status())
        .as("with the page's own token")
        .isEqualTo(204);
    Visitor other = signedIn("tongs");
    assertThat(other.forge("/api/v1/forge-sessions?_csrf=" + other.token(), "").status())
        .isEqualTo(403);
    assertThat(other.from("https://elsewhere.example", "/api/v1/forge-sessions").status())
        .isEqualTo(403);
    smith = shop.smith();
  }

  // --- twice

  @Test
  void whatIsSentTwiceUnderOneIdIsThereOnce() {
    String step = smith.get("/api/v1/billets/1/heats").at("$[0].path");
    String weld =
        """
        {"stepKey": "%s", "temperatureC": %d, "school": "DRY", "outcome": "HELD"}\
        """;
    String path = "/api/v1/billets/1/welds";
    String id = id();
    Answer first = smith.once(id, path, weld.formatted(step, 1180));
    Answer second = smith.once(id, path, weld.formatted(step, 1180));
    assertThat(first.status()).isEqualTo(201);
    assertThat(second.<Integer>at("$.id")).isEqualTo(first.<Integer>at("$.id"));
    assertThat(smith.once(id, path, weld.formatted(step, 1170)).status()).isEqualTo(409);
    assertThat(smith.once("7", path, weld.formatted(step, 1170)).status()).isEqualTo(422);
    assertThat(smith.once(id(), path, weld.formatted(step, 1180)).<Integer>at("$.id"))
        .isNotEqualTo(first.<Integer>at("$.id"));
  }

  @Test
  @Timeout(120)
  void twelveScreensThatSendTheSameAreAllAnswered() {
    long fire = session();
    List<String> taps = new ArrayList<>();
    for (int i = 0; i < 50; i++) {
      taps.add(tap(id(), "NOTE", Instant.now()));
    }
    List<Integer> answers =
        java.util.stream.IntStream.range(0, 12)
            .mapToObj(_ ->
                CompletableFuture.supplyAsync(
                    () -> send(fire, taps.toArray(String[]::new)).status()))
            .toList()
            .stream()
            .map(CompletableFuture::join)
            .toList();
    assertThat(answers).containsOnly(200);
    assertThat(smith.get("/api/v1/forge-sessions/" + fire).<Integer>at("$.entries.length()"))
        .isEqualTo(50);
  }

  // --- photographs

  private Answer photo(byte[] file, String type) {
    int entry = smith.get("/api/v1/book/entries").<Integer>at("$[0].id");
    return smith.send(
        "POST",
        "/api/v1/book/entries/%d/photos".formatted(entry),
        type,
        BodyPublishers.ofByteArray(file));
  }

  @Test
  void aBombOfAPictureIsReadWithoutUnpackingIt() throws IOException {
    assertThat(photo(Bombs.deepPng(7700, 7700), "image/png").status()).isEqualTo(201);
    assertThat(photo(Bombs.deepPng(30_000, 30_000), "image/png").status()).isEqualTo(422);
    assertThat(photo(Bombs.wordyPng(), "image/png").status()).isEqualTo(201);
    assertThat(photo(new byte[] {1, 2, 3}, "image/jpeg").status()).isEqualTo(422);
    Answer added = photo(Bombs.deepPng(40, 30), "image/png");
    String id = added.<List<String>>at("$.photos[*].id").getLast();
    assertThat(smith.get("/api/v1/photos/" + id).status()).isEqualTo(200);
    smith.post("/api/v1/photos/%s/delete".formatted(id), "");
    assertThat(smith.get("/api/v1/photos/" + id).status()).as("taken away").isEqualTo(404);
    smith.post("/api/v1/photos/%s/restore".formatted(id), "");
    assertThat(smith.get("/api/v1/photos/" + id).status()).isEqualTo(200);
  }

  private int emptyEntry() {
    String step = smith.get("/api/v1/billets/1/heats").at("$[0].path");
    return smith
        .post(
            "/api/v1/billets/1/entries",
            """
            {"looked": {"stepKey": "%s", "at": "%s", "ways": ["HOT_SHADOW"], "flaws": [],
             "note": ""}}\
            """
                .formatted(step, Instant.now()))
        .<Integer>at("$.id");
  }

  @Test
  @Timeout(120)
  void noEntryTakesMorePhotographsThanItMayHoweverManyComeAtOnce() throws IOException {
    byte[] small = Bombs.deepPng(20, 20);
    int entry = emptyEntry();
    List<Integer> answers =
        java.util.stream.IntStream.range(0, 15)
            .mapToObj(_ ->
                CompletableFuture.supplyAsync(() ->
                    smith
                        .send(
                            "POST",
                            "/api/v1/book/entries/%d/photos".formatted(entry),
                            "image/png",
                            BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(small)))
                        .status()))
            .toList()
            .stream()
            .map(CompletableFuture::join)
            .toList();
    assertThat(answers.stream().filter(s -> s == 201)).hasSizeLessThanOrEqualTo(12);
    assertThat(answers).containsOnly(201, 422);
  }

  // --- the rest

  @Test
  void instrumentsAreOfTheShop() {
    String instrument =
        """
        {"name": "i", "channel": "FORGE", "host": "%s", "port": 502, "unit": 1,
         "registers": "INPUT", "address": 0, "format": "INT16", "scale": 0.1, "shift": 0,
         "switched": false}\
        """;
    for (String host : List.of("8.8.8.8", "169.254.1.1.example", "2001:4860:4860::8888")) {
      Answer answer = smith.post("/api/v1/instruments", instrument.formatted(host));
      if (answer.status() == 422) {
        assertThat(answer.<String>at("$.where")).isEqualTo("/host");
      } else {
        assertThat(host).as("a name nobody knows yet is never asked").endsWith("example");
      }
    }
    assertThat(smith.post("/api/v1/instruments", instrument.formatted("192.168.4.9")).status())
        .isEqualTo(201);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/error",
        "/api/v1/%00",
        "/api/v1/billets/%2e%2e%2f",
        "/api/v1//billets",
        "/api/v1/;x"
      })
  void whatTheContainerRefusesIsAProblemToo(String path) {
    Answer answer = smith.get(path);
    assertThat(answer.status()).isBetween(400, 499);
    assertThat(answer.body()).contains("\"remedy\"").doesNotContain("Tomcat", "<html");
  }

  @Test
  void aFormWithoutABoundaryIsRefused() {
    Answer answer =
        smith.send(
            "POST", "/api/v1/runs", "multipart/form-data", BodyPublishers.ofString("--x\r\n\r\n"));
    assertThat(answer.status()).isEqualTo(415);
  }

  @Test
  void onlyTheShopsOwnNamesAreAnswered() throws IOException {
    assertThat(shop.rawStatus("GET /rack HTTP/1.1\r\nHost: evil.example\r\n\r\n")).isEqualTo(421);
    assertThat(shop.rawStatus("GET /rack HTTP/1.1\r\nHost: localhost\r\n\r\n")).isEqualTo(200);
  }
}

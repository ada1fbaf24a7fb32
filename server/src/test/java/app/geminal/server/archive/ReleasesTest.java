package app.geminal.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.TestShop;
import app.geminal.server.Visitor;
import app.geminal.server.stored.EarlierNames;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * What a smith had with an earlier release is there with this one. The shops in {@code
 * src/test/resources/releases} were made by running each release: {@code tables-N.zip} is the shop
 * as an archive, {@code tables-N.json} what that release answered to whom asked for everything in
 * it. N is the number of its last migration.
 */
class ReleasesTest {
  /** Numbers of tables that a release was run with. */
  private static final List<Integer> RUN = List.of(4, 6, 9, 10, 11, 13, 14);

  private static final int FIRST_RUN = RUN.getFirst();

  private static final Pattern DECIMAL = Pattern.compile("\\d+\\.\\d+");
  private static final Pattern TIME = Pattern.compile("\\d{4}-\\d\\d-\\d\\dT[0-9:.]+Z");

  private static final JsonMapper JSON = JsonMapper.builder().build();

  @TempDir private Path folder;

  static List<Integer> releases() {
    return RUN;
  }

  static List<Integer> numbers() {
    return IntStream.rangeClosed(1, RUN.getLast()).boxed().toList();
  }

  private Path archive(int release) throws IOException {
    Path file = folder.resolve(release + ".zip");
    try (InputStream in = resource("tables-" + release + ".zip")) {
      Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  private static InputStream resource(String name) {
    return Objects.requireNonNull(ReleasesTest.class.getResourceAsStream("/releases/" + name));
  }

  @ParameterizedTest
  @MethodSource("numbers")
  void aShopOfAnyEarlierReleaseIsUpgraded(int number) throws IOException {
    String database = TestShop.emptyDatabase();
    int release = RUN.stream().filter(r -> r <= number).max(Integer::compare).orElse(FIRST_RUN);
    bring(database, Math.min(release, number));
    try (ArchiveFile rows = ArchiveFile.open(archive(release))) {
      rows.into(
          new TableRepository(
              new JdbcTemplate(
                  TestShop.migrations(database).load().getConfiguration().getDataSource())));
    }
    bring(database, number);
    Path backups = folder.resolve("backups");
    try (TestShop shop = TestShop.on(database, "--geminal.backups=" + backups)) {
      isAlike(release, number, shop.smith());
    }
    try (var files = Files.list(backups)) {
      assertThat(files).as("backed up before").hasSize(1);
    }
  }

  private static void bring(String database, int number) {
    TestShop.migrations(database).target(String.valueOf(number)).load().migrate();
  }

  @ParameterizedTest
  @MethodSource("releases")
  void anArchiveOfAnyEarlierReleaseIsTakenIn(int release) throws IOException {
    try (TestShop shop = TestShop.empty()) {
      shop.bean(ArchiveRestorer.class).takeIn(archive(release));
      isAlike(release, release, shop.smith());
      photographsAreThere(release, shop);
    }
  }

  private void photographsAreThere(int release, TestShop shop) throws IOException {
    JdbcTemplate jdbc = shop.bean(JdbcTemplate.class);
    int photographs = 0;
    try (ZipFile zip = new ZipFile(archive(release).toFile())) {
      for (ZipEntry photo : zip.stream().filter(e -> e.getName().startsWith("photos/")).toList()) {
        String id = photo.getName().substring(7, 43);
        assertThat(jdbc.queryForObject("SELECT jpeg FROM photo WHERE id = ?", byte[].class, id))
            .isEqualTo(zip.getInputStream(photo).readAllBytes());
        photographs++;
      }
    }
    assertThat(photographs).isEqualTo(release >= 13 ? 1 : 0);
  }

  /**
   * The server is killed while it upgrades, in each migration in turn: the next start refuses, the
   * backup brings back everything. {@code -Dgeminal.kills} says how often.
   */
  @ParameterizedTest
  @MethodSource("kills")
  void anUpgradeThatIsKilledIsRecovered(int time) throws IOException, InterruptedException {
    String database = TestShop.emptyDatabase();
    bring(database, FIRST_RUN);
    JdbcTemplate jdbc =
        new JdbcTemplate(TestShop.migrations(database).load().getConfiguration().getDataSource());
    try (ArchiveFile rows = ArchiveFile.open(archive(FIRST_RUN))) {
      rows.into(new TableRepository(jdbc));
    }
    Path backups = folder.resolve("kill-" + time);
    Process server = TestShop.process(database, "--geminal.backups=" + backups);
    // In the first migration the first time, in the second the second time, and so on round.
    int last = TestShop.migrations(database).load().info().all().length;
    int reached = FIRST_RUN + (time - 1) % (last - FIRST_RUN);
    while (at(jdbc) < last && (!isUpgrading(jdbc) || at(jdbc) < reached)) {
      assertThat(server.isAlive()).as("the server before it upgrades").isTrue();
    }
    server.destroyForcibly().waitFor();
    int died = at(jdbc);
    boolean half = isUpgrading(jdbc);
    System.out.printf("releases: killed at tables %d, %s%n", died, half ? "half-way" : "done");
    if (half) {
      assertThatThrownBy(() -> TestShop.on(database, "--geminal.backups=" + backups))
          .rootCause()
          .hasMessageContaining("was interrupted")
          .hasMessageContaining(backups.toString());
      try (var files = Files.list(backups);
          TestShop recovered = TestShop.empty()) {
        recovered.bean(ArchiveRestorer.class).takeIn(files.findFirst().orElseThrow());
        isAlike(FIRST_RUN, FIRST_RUN, recovered.smith());
      }
      jdbc.execute("DROP DATABASE " + database);
    } else {
      try (TestShop shop = TestShop.on(database)) {
        isAlike(FIRST_RUN, FIRST_RUN, shop.smith());
      }
    }
  }

  static IntStream kills() {
    return IntStream.rangeClosed(1, Integer.getInteger("geminal.kills", 2));
  }

  /** The number of the tables. */
  private static int at(JdbcTemplate jdbc) {
    return Objects.requireNonNull(
        jdbc.queryForObject("SELECT MAX(version + 0) FROM flyway_schema_history", Integer.class));
  }

  private static boolean isUpgrading(JdbcTemplate jdbc) {
    return isSome(
            jdbc,
            "information_schema.tables"
                + " WHERE table_schema = DATABASE() AND table_name = 'shop_lease'")
        && isSome(jdbc, "shop_lease WHERE upgrading IS NOT NULL");
  }

  private static boolean isSome(JdbcTemplate jdbc, String rows) {
    return Objects.requireNonNull(
            jdbc.queryForObject("SELECT COUNT(*) FROM " + rows, Integer.class))
        > 0;
  }

  /** Everything the release answered is in the answers of this one. */
  private static void isAlike(int release, int number, Visitor smith) throws IOException {
    JsonNode kept;
    try (InputStream in = resource("tables-" + release + ".json")) {
      kept = JSON.readTree(in);
    }
    Map<String, String> differences = new TreeMap<>();
    int[] figures = {0};
    kept.properties().stream()
        .filter(e -> number >= FIRST_RUN || isOf(number, e))
        .forEach(e -> {
          Visitor.Answer answer =
              smith.get(
                  e.getKey()
                      .replaceFirst("^/api/fires", "/api/forge-sessions")
                      .replaceFirst("^/api/", "/api/v1/"));
          if (answer.status() != 200) {
            differences.put(e.getKey(), String.valueOf(answer.status()));
          } else if (e.getValue().isString()) {
            compare(e.getKey(), e.getValue().asString(), answer.body(), differences);
          } else {
            compare(e.getKey(), e.getValue(), JSON.readTree(answer.body()), differences, figures);
          }
        });
    System.out.printf(
        "releases: tables %d of release %d, %d answers, %d figures alike%n",
        number, release, kept.size(), figures[0]);
    assertThat(differences).isEmpty();
  }

  /** How pieces were laid was one word for all before they could be turned one by one. */
  private static JsonNode lay(JsonNode operation) {
    return switch (operation.path("turns").toString()) {
      case "[\"SAME\"]" -> StringNode.valueOf("SAME");
      case "[\"SAME\",\"OVER\"]" -> StringNode.valueOf("TURNED");
      default -> operation.path("lay");
    };
  }

  /** What is laid out without a caution had an empty one. */
  private static boolean isNothing(String where, JsonNode then, JsonNode now) {
    return where.endsWith("/caution") && then.asString("x").isEmpty() && now.isNull();
  }

  /** What factors and their levels are called is not stored; releases may word it again. */
  private static boolean isWording(String where) {
    return where.startsWith("/api/evidence/factors/") && where.endsWith("/words")
        || where.startsWith("/api/evidence/joints/") && where.endsWith("/level");
  }

  /** To the millisecond, as times are stored; an answer right after could be finer. */
  private static boolean isSameTime(String then, String now) {
    return TIME.matcher(then).matches()
        && TIME.matcher(now).matches()
        && Instant.parse(then)
                .truncatedTo(ChronoUnit.MILLIS)
                .until(Instant.parse(now), ChronoUnit.MILLIS)
            <= 1;
  }

  /**
   * But for the last digits, which a release that calculates in another order may round otherwise.
   */
  private static boolean isSameFigure(double then, double now) {
    return Math.abs(then - now) <= 1e-13 * Math.abs(then);
  }

  /** Tables before the first that was run: accounts, then sign-ins, then billets without welds. */
  private static boolean isOf(int number, Map.Entry<String, JsonNode> answer) {
    if (answer.getValue() instanceof ObjectNode billet) {
      billet.remove("welds");
    }
    return number >= 3 && answer.getKey().startsWith("/api/billets");
  }

  /** Tables of figures: earlier releases wrote two decimals. */
  private static void compare(
      String where, String then, String now, Map<String, String> differences) {
    Function<String, List<String>> lines =
        text ->
            text.lines()
                .map(line ->
                    DECIMAL
                        .matcher(line)
                        .replaceAll(
                            m -> String.format(Locale.ROOT, "%.2f", Double.parseDouble(m.group()))))
                .toList();
    if (!lines.apply(then).equals(lines.apply(now))) {
      differences.put(where, then + " then, " + now + " now");
    }
  }

  private static void compare(
      String where, JsonNode then, JsonNode now, Map<String, String> differences, int[] figures) {
    if (then.isObject()) {
      then.properties()
          .forEach(p ->
              compare(
                  where + "/" + p.getKey(),
                  p.getValue(),
                  p.getKey().equals("lay") ? lay(now) : now.path(EarlierNames.now(p.getKey())),
                  differences,
                  figures));
    } else if (then.isArray()) {
      if (then.size() != now.size()) {
        differences.put(where, then.size() + " then, " + now.size() + " now");
      }
      List<JsonNode> all = new ArrayList<>();
      then.forEach(all::add);
      for (int i = 0; i < Math.min(all.size(), now.size()); i++) {
        compare(where + "/" + i, all.get(i), now.get(i), differences, figures);
      }
    } else {
      figures[0]++;
      boolean alike =
          then.isNumber()
              ? now.isNumber() && isSameFigure(then.asDouble(), now.asDouble())
              : then.isNull()
                  ? now.isNull() || now.isMissingNode()
                  : then.equals(now)
                      || EarlierNames.now(then.asString("")).equals(now.asString(""))
                      || isNothing(where, then, now)
                      || isWording(where)
                      || isSameTime(then.asString(), now.asString(""));
      if (!alike) {
        differences.put(where, then + " then, " + now + " now");
      }
    }
  }
}

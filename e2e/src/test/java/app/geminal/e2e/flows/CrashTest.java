package app.geminal.e2e.flows;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Smith;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** What fails around a shop, and how it comes back by itself. */
class CrashTest {
  private final HttpClient http = HttpClient.newHttpClient();

  private HttpResponse<String> get(Shop shop, String path) {
    try {
      return http.send(
          HttpRequest.newBuilder(URI.create(shop.at(path))).timeout(Duration.ofSeconds(30)).build(),
          BodyHandlers.ofString());
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private HttpResponse<String> signIn(Shop shop) throws Exception {
    HttpResponse<String> page = get(shop, "/api/v1/session");
    String cookie = cookie(page, "XSRF-TOKEN");
    return http.send(
        HttpRequest.newBuilder(URI.create(shop.at("/api/v1/sign-in")))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .header("Cookie", cookie)
            .header("X-XSRF-TOKEN", cookie.substring(cookie.indexOf('=') + 1))
            .timeout(Duration.ofSeconds(30))
            .POST(HttpRequest.BodyPublishers.ofString("login=wharf&password=low-tide-forge"))
            .build(),
        BodyHandlers.ofString());
  }

  private static String cookie(HttpResponse<String> answer, String name) {
    return answer.headers().allValues("set-cookie").stream()
        // The name ends in the port where it is not the usual one.
        .filter(c -> c.matches(name + "(-\\d+)?=.*"))
        .map(c -> c.substring(0, c.indexOf(';')))
        .findFirst()
        .orElseThrow();
  }

  private static void until(Callable<Boolean> holds) {
    await().atMost(60, TimeUnit.SECONDS).pollInterval(50, TimeUnit.MILLISECONDS).until(holds);
  }

  private boolean answers(Shop shop) {
    try {
      return get(shop, "/api/v1/session").statusCode() == 200;
    } catch (RuntimeException notYet) {
      return false;
    }
  }

  @Test
  void aServerThatCrashesIsStartedAgainAndAfterAPowerCutTheShopCleansUp() throws Exception {
    try (Shop shop = Shop.demo()) {
      long first = shop.serverPid();
      shop.crashServer();
      until(() -> answers(shop));
      assertThat(shop.serverPid()).isNotEqualTo(first);
      shop.killServer();
      Shop.Said again =
          Shop.run(
              List.of(
                  "bin/start",
                  "--detach",
                  "--port",
                  shop.at("").replaceAll(".*:", ""),
                  "--home",
                  shop.home().toString()),
              Map.of());
      assertThat(again.text()).contains("cleaning up").contains("Geminal answers");
      assertThat(answers(shop)).isTrue();
    }
  }

  /** A database that holds every line and answers none: everyone reads so within a few seconds. */
  @Test
  void aDatabaseThatHangsIsReportedAndComesBack() throws Exception {
    try (Shop shop = Shop.demo()) {
      String cookie = cookie(signIn(shop), "GEMINAL");
      shop.pauseDatabase(true);
      try {
        for (int i = 0; i < 3; i++) {
          HttpResponse<String> rack =
              http.send(
                  HttpRequest.newBuilder(URI.create(shop.at("/api/v1/billets")))
                      .header("Cookie", cookie)
                      .timeout(Duration.ofSeconds(30))
                      .build(),
                  BodyHandlers.ofString());
          assertThat(rack.statusCode()).isEqualTo(503);
          assertThat(rack.body()).contains("The database does not answer");
        }
        HttpResponse<String> refused = signIn(shop);
        assertThat(refused.statusCode()).as("not a wrong password").isEqualTo(503);
      } finally {
        shop.pauseDatabase(false);
      }
      until(() -> {
        try {
          return signIn(shop).statusCode() == 204;
        } catch (Exception notYet) {
          return false;
        }
      });
    }
  }

  @Test
  void anUpgradeThatBrokeOffIsReportedAndRecoveredWithOneCommand() throws Exception {
    Path home;
    String before;
    Path backup;
    try (Shop shop = Shop.demo()) {
      home = shop.home();
      before = new Smith(shop).get("/api/v1/billets");
      backup = home.resolve("backups/before-upgrade-2026-03-01-060000.zip");
      Files.createDirectories(backup.getParent());
      assertThat(Shop.run(bin("backup", home, backup.toString()), Map.of()).status()).isZero();
      shop.database("UPDATE geminal.shop_lease SET upgrading = '" + backup + "'");
      Shop.run(bin("stop", home), Map.of());
      Shop.Said refused =
          Shop.run(bin("start", home, "--detach", "--port", "" + freePort()), Map.of());
      assertThat(refused.status()).isNotZero();
      assertThat(refused.text()).contains("was interrupted", backup.toString(), "bin/recover");
      Shop.Said recovered = Shop.run(bin("recover", home), Map.of());
      assertThat(recovered.text()).contains("What was there is in", "start it with");
      shop.restart();
      assertThat(new Smith(shop).get("/api/v1/billets")).isEqualTo(before);
      Shop.run(bin("stop", home), Map.of());
      Shop.Said again = Shop.run(bin("recover", home), Map.of());
      assertThat(again.text()).contains("no upgrade of the shop").contains("was interrupted");
      shop.restart();
    }
  }

  private static List<String> bin(String script, Path home, String... more) {
    List<String> command = new ArrayList<>(List.of("bin/" + script, "--home", home.toString()));
    command.addAll(List.of(more));
    return command;
  }

  @Test
  void twoFirstStartsAtOnceAreOneShopAndOneClearWord() throws Exception {
    Path home = Shop.newHome();
    List<String> start =
        List.of("bin/start", "--detach", "--port", "" + freePort(), "--home", home.toString());
    try {
      CompletableFuture<Shop.Said> other =
          CompletableFuture.supplyAsync(() -> Shop.run(start, Map.of()));
      Shop.Said one = Shop.run(start, Map.of("JAVA_TOOL_OPTIONS", "-Dnothing=1"));
      List<Shop.Said> both = List.of(one, other.join());
      assertThat(both.stream().filter(s -> s.status() == 0)).as("%s", both).hasSize(1);
      assertThat(both.stream().filter(s -> s.status() != 0).findFirst().orElseThrow().text())
          .contains("a shop already runs in");
      for (String file : List.of("server.log", "database/password", "database")) {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home.resolve(file))))
            .as(file)
            .endsWith("------");
      }
    } finally {
      Shop.run(List.of("bin/stop", "--home", home.toString()), Map.of());
    }
  }

  private static int freePort() throws IOException {
    try (var any = new java.net.ServerSocket(0)) {
      return any.getLocalPort();
    }
  }
}

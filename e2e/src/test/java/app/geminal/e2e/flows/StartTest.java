package app.geminal.e2e.flows;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What keeps a shop from starting is reported in one sentence with the remedy, and it ends with a
 * fault.
 */
class StartTest {
  @TempDir private Path home;

  private static void refused(String told, Shop.Said said) {
    assertThat(said.status()).isNotZero();
    assertThat(said.text().lines().filter(l -> l.startsWith("geminal: "))).hasSize(1);
    assertThat(said.text()).contains(told);
  }

  @Test
  void aPortInUse() throws IOException {
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
      refused(
          "port " + taken.getLocalPort() + " is in use; stop what runs there",
          start(Map.of(), "--port", "" + taken.getLocalPort()));
    }
  }

  @Test
  void anOptionOrAPortNoOneKnows() {
    refused("unknown option --frobnicate", start(Map.of(), "--frobnicate"));
    refused("--port takes a number", start(Map.of(), "--port", "many"));
  }

  @Test
  void noJdk() {
    refused(
        "no JDK 25 or newer found; install one",
        start(Map.of("JAVA_HOME", "/nowhere", "GEMINAL_JVMS", "/nowhere")));
  }

  @Test
  void aFolderThatCannotBeMade() throws IOException {
    Path file = Files.createFile(home.resolve("file"));
    refused("cannot be made", start(Map.of(), "--home", file.resolve("shop").toString()));
  }

  @Test
  void aDatabaseThatDoesNotComeUp() throws IOException {
    Path database = Files.createDirectories(home.resolve("database/data"));
    Files.writeString(database.resolve("ibdata1"), "this is no table space");
    Files.writeString(home.resolve("database/password"), "x");
    Files.writeString(home.resolve("database/port"), "1");
    refused(
        "the database did not come up; the reason stands in",
        start(Map.of(), "--port", "" + freePort()));
  }

  /** A copy that lost a small file must not be taken for a first start. */
  @Test
  void aDataFolderWhosePasswordIsMissingIsLeftAlone() throws IOException {
    Path data = Files.createDirectories(home.resolve("database/data"));
    Path table = Files.writeString(data.resolve("ibdata1"), "a year of welds");
    refused("password is missing. Nothing was changed", start(Map.of(), "--port", "" + freePort()));
    assertThat(table).hasContent("a year of welds");
  }

  /** After a crash the number in a file may belong to anyone. */
  @Test
  void aProcessThatOnlyBearsTheNumberIsLeftAlone() throws Exception {
    Process stranger = new ProcessBuilder("sleep", "120").start();
    try {
      Files.createDirectories(home.resolve("database"));
      for (String file : List.of("server.pid", "keeper.pid", "database/mariadb.pid")) {
        Files.writeString(home.resolve(file), "" + stranger.pid());
      }
      assertThat(Shop.run(List.of("bin/stop", "--home", home.toString()), Map.of()).status())
          .isZero();
      assertThat(stranger.isAlive()).isTrue();
    } finally {
      stranger.destroy();
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket any = new ServerSocket(0)) {
      return any.getLocalPort();
    }
  }

  private Shop.Said start(Map<String, String> environment, String... options) {
    List<String> command =
        new java.util.ArrayList<>(List.of("bin/start", "--detach", "--home", home.toString()));
    command.addAll(List.of(options));
    return Shop.run(command, environment);
  }
}

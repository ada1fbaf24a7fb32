package app.geminal.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application on a free port against a real MariaDB, in a database of its own. bin/test
 * starts the MariaDB and says where it is.
 */
public final class TestShop implements AutoCloseable {
  private final String database;
  private final ConfigurableApplicationContext context;

  private TestShop(String database, String... settings) {
    this.database = database;
    String[] all = new String[settings.length + 7];
    all[0] = "--server.port=0";
    all[1] = "--GEMINAL_DB_PORT=" + environment("GEMINAL_TEST_DB_PORT");
    all[2] = "--GEMINAL_DB_PASSWORD=" + environment("GEMINAL_TEST_DB_PASSWORD");
    all[3] = "--GEMINAL_DB_NAME=" + database;
    all[4] = "--spring.datasource.hikari.maximum-pool-size=4";
    // How soon a silent database is reported is a story of its own (CrashTest); a busy machine is
    // no
    // fault here.
    all[5] = "--spring.datasource.hikari.connection-timeout=30000";
    all[6] = "--GEMINAL_DB_TIMEOUT_MS=30000";
    System.arraycopy(settings, 0, all, 7, settings.length);
    context = new SpringApplicationBuilder(Geminal.class).run(all);
  }

  /** A shop with the demo's billets. */
  public static TestShop demo(String... settings) {
    String[] all = java.util.Arrays.copyOf(settings, settings.length + 1);
    all[settings.length] = "--geminal.demo=true";
    return new TestShop(emptyDatabase(), all);
  }

  /** A shop with no one in it. */
  public static TestShop empty() {
    return new TestShop(emptyDatabase());
  }

  /** A shop on a database that is there; its end takes the database with it. */
  public static TestShop on(String database, String... settings) {
    return new TestShop(database, settings);
  }

  /** A server of its own process on a database that is there, to be ended by who asked for it. */
  public static Process process(String database, String... settings) throws IOException {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                Geminal.class.getName(),
                "--server.port=0",
                "--GEMINAL_DB_PORT=" + environment("GEMINAL_TEST_DB_PORT"),
                "--GEMINAL_DB_PASSWORD=" + environment("GEMINAL_TEST_DB_PASSWORD"),
                "--GEMINAL_DB_NAME=" + database));
    command.addAll(List.of(settings));
    return new ProcessBuilder(command)
        .redirectErrorStream(true)
        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
        .start();
  }

  /** A new database without tables. */
  public static String emptyDatabase() {
    String name = "geminal_test_" + UUID.randomUUID().toString().replace("-", "");
    sql("CREATE DATABASE " + name);
    return name;
  }

  /** The migrations, for a database of this MariaDB. */
  public static FluentConfiguration migrations(String database) {
    return Flyway.configure()
        .dataSource(url(database), "geminal", environment("GEMINAL_TEST_DB_PASSWORD"));
  }

  /** Someone who is not signed in. */
  public Visitor visitor() {
    return new Visitor(address());
  }

  /** Where it answers. */
  public URI address() {
    return URI.create(
        "http://127.0.0.1:"
            + Objects.requireNonNull(context.getEnvironment().getProperty("local.server.port")));
  }

  /** The status of an answer to a request written by hand. */
  public int rawStatus(String request) throws IOException {
    int port =
        Integer.parseInt(
            Objects.requireNonNull(context.getEnvironment().getProperty("local.server.port")));
    try (var socket = new java.net.Socket("127.0.0.1", port)) {
      socket.setSoTimeout(20_000);
      socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
      String line =
          new java.io.BufferedReader(
                  new java.io.InputStreamReader(
                      socket.getInputStream(), StandardCharsets.ISO_8859_1))
              .readLine();
      return line == null ? 0 : Integer.parseInt(line.split(" ")[1]);
    }
  }

  /** The demo's smith, signed in. */
  public Visitor smith() {
    Visitor visitor = visitor();
    visitor.signIn("wharf", "low-tide-forge");
    return visitor;
  }

  public <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** The same, asked for when it is needed. */
  public <T> ObjectProvider<T> provider(Class<T> type) {
    return context.getBeanProvider(type);
  }

  /** All rows of a table as text, to see that nothing changed. */
  public String dump(String table) {
    try (Connection c = connect();
        var rows = c.createStatement().executeQuery("SELECT * FROM " + database + "." + table)) {
      StringBuilder text = new StringBuilder();
      while (rows.next()) {
        for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
          text.append(rows.getString(i)).append('|');
        }
        text.append('\n');
      }
      return text.toString();
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Something that changes when any row of these tables does. */
  public String checksums(List<String> tables) {
    String all = String.join(", ", tables.stream().map(t -> database + "." + t).toList());
    StringBuilder sums = new StringBuilder();
    try (Connection c = connect();
        var rows = c.createStatement().executeQuery("CHECKSUM TABLE " + all)) {
      while (rows.next()) {
        sums.append(rows.getString(2)).append(' ');
      }
      return sums.toString();
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Changes rows behind the application's back. */
  public int update(String statement) {
    try (Connection c = connect()) {
      c.setCatalog(database);
      return c.createStatement().executeUpdate(statement);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Databases that begin with the name of this shop's own, without it. */
  public List<String> stagingDatabases() {
    return names(
        "SELECT schema_name FROM information_schema.schemata WHERE schema_name LIKE '"
            + database
            + "_%'");
  }

  /** Names of all tables. */
  public List<String> tables() {
    return names(
        "SELECT table_name FROM information_schema.tables WHERE table_schema = '" + database + "'");
  }

  private static List<String> names(String query) {
    try (Connection c = connect();
        var rows = c.createStatement().executeQuery(query)) {
      List<String> names = new ArrayList<>();
      while (rows.next()) {
        names.add(rows.getString(1));
      }
      return names;
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  @Override
  public void close() {
    context.close();
    sql("DROP DATABASE " + database);
  }

  private static void sql(String statement) {
    try (Connection c = connect()) {
      c.createStatement().execute(statement);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Connection connect() throws SQLException {
    return DriverManager.getConnection(url(""), "geminal", environment("GEMINAL_TEST_DB_PASSWORD"));
  }

  private static String url(String database) {
    return "jdbc:mariadb://127.0.0.1:" + environment("GEMINAL_TEST_DB_PORT") + "/" + database;
  }

  private static String environment(String name) {
    String value = System.getenv(name);
    if (value == null) {
      throw new IllegalStateException(
          name + " is not set: run bin/test server, which starts a MariaDB for these tests.");
    }
    return value;
  }

  static String form(Map<String, String> fields) {
    StringBuilder form = new StringBuilder();
    fields.forEach((k, v) ->
        form.append(form.isEmpty() ? "" : "&")
            .append(k)
            .append('=')
            .append(java.net.URLEncoder.encode(v, StandardCharsets.UTF_8)));
    return form.toString();
  }

  static UncheckedIOException unchecked(java.io.IOException e) {
    return new UncheckedIOException(e);
  }
}

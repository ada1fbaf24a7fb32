package app.geminal.server.archive;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * A database beside the shop's own, in which the rows of an earlier release are brought up to date
 * before they go into the shop. What one that broke off has left is thrown away when the next
 * begins.
 */
final class StagingRepository implements AutoCloseable {
  private final Flyway flyway;
  private final JdbcTemplate own;
  private final JdbcTemplate jdbc;
  private final String name;

  /**
   * Makes it again, empty.
   *
   * @param flyway of the shop's own database
   * @param suffix after the name of the shop's own database
   */
  StagingRepository(Flyway flyway, String url, String user, String password, String suffix) {
    this.flyway = flyway;
    this.name = databaseOf(url) + suffix;
    this.own = new JdbcTemplate(new DriverManagerDataSource(url, user, password));
    this.jdbc =
        new JdbcTemplate(
            new DriverManagerDataSource(
                url.replaceFirst("(jdbc:[^/]+//[^/]+/)[^?]+", "$1" + name), user, password));
    own.execute("DROP DATABASE IF EXISTS `" + name + "`");
    own.execute("CREATE DATABASE `" + name + "`");
  }

  private static String databaseOf(String url) {
    return url.replaceFirst("jdbc:[^/]+//[^/]+/", "").replaceFirst("\\?.*", "");
  }

  /** What its tables are called from the shop's own database. */
  String name() {
    return name;
  }

  /** Its tables. */
  TableRepository tables() {
    return new TableRepository(jdbc);
  }

  /** Brings it to the tables of a release. */
  void bringTo(String schema) {
    migrate(MigrationVersion.fromVersion(schema));
  }

  /** Brings it to the tables of this release, with all that is in it. */
  void bringUpToDate() {
    migrate(MigrationVersion.LATEST);
  }

  private void migrate(MigrationVersion target) {
    Flyway.configure(flyway.getConfiguration().getClassLoader())
        .configuration(flyway.getConfiguration())
        .dataSource(jdbc.getDataSource())
        .schemas()
        .target(target)
        .load()
        .migrate();
  }

  @Override
  public void close() {
    own.execute("DROP DATABASE `" + name + "`");
  }
}

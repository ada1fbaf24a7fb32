package app.geminal.server.archive;

import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Makes databases beside the shop's, to restore into. */
@Component
class StagingDatabases {
  /** None where a backup is made, which must not migrate. */
  private final ObjectProvider<Flyway> flyway;

  private final String url;
  private final String user;
  private final String password;

  StagingDatabases(
      ObjectProvider<Flyway> flyway,
      @Value("${spring.flyway.url}") String url,
      @Value("${spring.flyway.user}") String user,
      @Value("${spring.flyway.password}") String password) {
    this.flyway = flyway;
    this.url = url;
    this.user = user;
    this.password = password;
  }

  /** An empty one; closing it removes it. */
  StagingRepository open(String suffix) {
    return new StagingRepository(flyway.getObject(), url, user, password, suffix);
  }
}

package app.geminal.server.config;

import app.geminal.finding.Limits;
import app.geminal.operation.Practice;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's values as the shop has them. */
@Configuration(proxyBeanMethods = false)
class CoreConfig {

  @Bean
  Practice practice() {
    return Practice.common();
  }

  @Bean
  Limits limits() {
    return Limits.common();
  }

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}

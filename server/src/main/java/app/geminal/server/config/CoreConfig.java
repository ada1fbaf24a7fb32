package app.geminal.server.config;

import app.geminal.finding.Limits;
import app.geminal.operation.Practice;
import app.geminal.library.ShippedSteels;
import app.geminal.steel.Steels;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's values as the shop has them. */
@Configuration(proxyBeanMethods = false)
class CoreConfig {

  @Bean
  Steels steels() {
    return ShippedSteels.read();
  }

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

package app.geminal.server.config;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the services are given from outside. */
@Configuration(proxyBeanMethods = false)
class CoreConfig {

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}

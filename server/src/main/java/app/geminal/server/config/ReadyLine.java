package app.geminal.server.config;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Reports to bin/start on the console that everything is up, after all others have had their say.
 */
@Component
@Lazy(false)
class ReadyLine {

  @EventListener(ApplicationReadyEvent.class)
  @Order(Ordered.LOWEST_PRECEDENCE)
  void say() {
    System.out.println("ready");
  }
}

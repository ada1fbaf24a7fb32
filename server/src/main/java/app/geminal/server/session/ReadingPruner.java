package app.geminal.server.session;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Thins old readings once an hour, the first time a minute after the start. */
@Component
@Lazy(false)
class ReadingPruner {
  private static final Logger LOG = LoggerFactory.getLogger(ReadingPruner.class);

  private final SessionReadingService service;
  private final ScheduledExecutorService hours =
      Executors.newSingleThreadScheduledExecutor(
          Thread.ofPlatform().daemon().name("thinner").factory());

  ReadingPruner(SessionReadingService service) {
    this.service = service;
  }

  @EventListener(ApplicationReadyEvent.class)
  public void open() {
    var _ = hours.scheduleWithFixedDelay(this::thin, 1, 60, TimeUnit.MINUTES);
  }

  private void thin() {
    try {
      int sessions = service.thin();
      if (sessions > 0) {
        LOG.info("Thinned the readings of {} sessions.", sessions);
      }
    } catch (RuntimeException e) {
      LOG.warn("Readings were not thinned this time: {}", e.getMessage());
    }
  }

  @PreDestroy
  void close() {
    hours.shutdownNow();
  }
}

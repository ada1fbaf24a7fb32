package app.geminal.server.session;

import app.geminal.following.HeatCalibration;
import app.geminal.server.calibration.CalibrationService;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Calibrates the heat model with sessions that are over: not at once, because one that was ended by
 * mistake is continued within minutes. What is logged later than that does not count. One session
 * at a time, so that a shop with years of them is not kept busy.
 */
@Component
@Lazy(false)
class CalibrationJob {
  private static final Logger LOG = LoggerFactory.getLogger(CalibrationJob.class);
  private static final int EVERY_S = 20;

  private final ForgeSessionRepository sessions;
  private final LiveSessions live;
  private final CalibrationService learning;
  private final Clock clock;
  private final Duration after;
  private final ScheduledExecutorService times =
      Executors.newSingleThreadScheduledExecutor(
          Thread.ofPlatform().daemon().name("calibration").factory());

  CalibrationJob(
      ForgeSessionRepository sessions,
      LiveSessions live,
      CalibrationService learning,
      Clock clock,
      @Value("${geminal.calibrates-after}") Duration after) {
    this.sessions = sessions;
    this.live = live;
    this.learning = learning;
    this.clock = clock;
    this.after = after;
  }

  @EventListener(ApplicationReadyEvent.class)
  public void open() {
    long everyMs = Math.min(Duration.ofSeconds(EVERY_S).toMillis(), after.toMillis() + 500);
    var _ = times.scheduleWithFixedDelay(this::calibrate, everyMs, everyMs, TimeUnit.MILLISECONDS);
  }

  private void calibrate() {
    try {
      Instant before = clock.instant().minus(after);
      sessions.toCalibrate(before).ifPresent(this::calibrate);
    } catch (RuntimeException e) {
      LOG.warn("The shop learned nothing this time: {}", e.getMessage());
    }
  }

  /** A session that cannot be read any more must not keep the shop from learning from others. */
  private void calibrate(long session) {
    try {
      CalibrationService.Known known = learning.newest();
      HeatCalibration now = live.get(session).calibration(known.calibration());
      boolean isKept =
          now.heats() == known.calibration().heats() || learning.add(known, session, now);
      if (isKept) {
        sessions.setCalibrated(session);
      }
    } catch (DataAccessException later) {
      throw later;
    } catch (RuntimeException e) {
      LOG.warn("The shop learned nothing from session {}: {}", session, e.getMessage());
      sessions.setCalibrated(session);
    }
  }

  @PreDestroy
  void close() {
    times.shutdownNow();
  }
}

package app.geminal.server.session;

import java.time.Instant;

/** Moments of a session. */
final class SessionTimes {
  /** What was done before the session began belongs to it if it is not older than this, s. */
  static final double EARLIEST_S = -3600;

  private static final double LATEST_S = 30 * 24 * 3600.0;

  private SessionTimes() {}

  /** Seconds from one moment to another, however far apart. */
  static double seconds(Instant from, Instant to) {
    return (double) to.getEpochSecond()
        - from.getEpochSecond()
        + (to.getNano() - from.getNano()) / 1e9;
  }

  /** Whether a second can belong to a session. */
  static boolean isOfSession(double atS) {
    return atS >= EARLIEST_S && atS <= LATEST_S;
  }
}

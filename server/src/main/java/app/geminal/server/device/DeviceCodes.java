package app.geminal.server.device;

import app.geminal.units.Text;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Ticker;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Codes that sign one device in, once and within ten minutes. They are short because a glove may
 * have to type one; guessing is slowed where they are used. They are kept in memory only.
 */
@Component
class DeviceCodes {
  static final Duration VALID = Duration.ofMinutes(10);
  private static final int CODES = 100_000_000;

  /** A person has one code at a time, so this is the most people who pair at once. */
  private static final int MOST = 1000;

  private final SecureRandom random = new SecureRandom();
  private final Clock clock;
  private final Cache<String, Code> byLogin;

  @Autowired
  DeviceCodes(Clock clock) {
    this(clock, Ticker.systemTicker());
  }

  DeviceCodes(Clock clock, Ticker ticker) {
    this.clock = clock;
    this.byLogin =
        Caffeine.newBuilder().expireAfterWrite(VALID).maximumSize(MOST).ticker(ticker).build();
  }

  /**
   * A code for a device.
   *
   * @param digits eight of them
   * @param login whom it signs in
   * @param device name of the device
   * @param until when it ends
   */
  record Code(String digits, String login, String device, Instant until) {}

  /** A new code; an earlier one of the same person ends. */
  Code make(String login, String device) {
    Code code =
        new Code(
            Text.of("%08d", random.nextInt(CODES)), login, device, clock.instant().plus(VALID));
    byLogin.put(login, code);
    return code;
  }

  /** The code with these digits, which is used up; empty where there is none. */
  Optional<Code> use(String digits) {
    return byLogin.asMap().values().stream()
        .filter(c -> c.digits().equals(digits))
        .findFirst()
        .filter(c -> byLogin.asMap().remove(c.login(), c));
  }
}

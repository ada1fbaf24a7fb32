package app.geminal.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * The one-time code that makes the first visitor the owner. Made at the start of an empty shop,
 * printed on the console only, kept in memory only, gone once used.
 */
@Component
@Lazy(false)
public class OwnerCode {
  /** Without signs that read alike. */
  private static final String SIGNS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

  private static final int LENGTH = 12;

  private final Accounts accounts;
  private final AtomicReference<String> code = new AtomicReference<>("");

  OwnerCode(Accounts accounts) {
    this.accounts = accounts;
  }

  /** After the demo shop, which may add its account, has been opened. */
  @EventListener(ApplicationReadyEvent.class)
  @Order(2)
  void announce() {
    if (accounts.isEmpty()) {
      code.set(make());
      System.out.printf("owner code: %s (asked for on the first visit)%n", code.get());
    }
  }

  /** Uses the code up; true when it was the right one. */
  boolean use(String given) {
    String now = code.get();
    return !now.isEmpty() && matches(given, now) && code.compareAndSet(now, "");
  }

  /** Puts the code back, when making the owner failed for another reason. */
  void restore(String given) {
    code.compareAndSet("", given.strip().toUpperCase(Locale.ROOT));
  }

  private static boolean matches(String given, String code) {
    byte[] a = given.strip().toUpperCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8);
    return MessageDigest.isEqual(a, code.getBytes(StandardCharsets.UTF_8));
  }

  private static String make() {
    SecureRandom random = new SecureRandom();
    String signs =
        IntStream.range(0, LENGTH)
            .mapToObj(_ -> String.valueOf(SIGNS.charAt(random.nextInt(SIGNS.length()))))
            .collect(Collectors.joining());
    return signs.replaceAll("(.{4})(?=.)", "$1-");
  }
}

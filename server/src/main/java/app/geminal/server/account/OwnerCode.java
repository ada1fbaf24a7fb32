package app.geminal.server.account;

import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * The one-time code that makes the first visitor the owner. Made at the start of an empty shop,
 * shown on the console, never in the log, gone once used.
 */
@Component
@Lazy(false)
public class OwnerCode {
  /** Without signs that read alike. */
  private static final String SIGNS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

  private static final int LENGTH = 12;

  private final Accounts accounts;
  private final GuessLimiter guesses;
  private final AtomicReference<String> code = new AtomicReference<>("");
  private final @Nullable Path file;

  OwnerCode(
      Accounts accounts, GuessLimiter guesses, @Value("${geminal.owner-code-file:}") String file) {
    this.accounts = accounts;
    this.guesses = guesses;
    this.file = file.isEmpty() ? null : Path.of(file);
  }

  /** After the demo shop, which may add its account, has been opened. */
  @EventListener(ApplicationReadyEvent.class)
  @Order(2)
  void announce() {
    if (accounts.isEmpty()) {
      code.set(made(LENGTH));
      announce(code.get());
    }
  }

  /** Into a file that only its owner reads, which bin/start shows; the log never has it. */
  private void announce(String made) {
    if (file == null) {
      System.out.println("owner code: " + made + " (asked for on the first visit)");
      return;
    }
    try {
      Files.writeString(file, made);
      file.toFile().setReadable(false, /* ownerOnly= */ false);
      file.toFile().setReadable(true, /* ownerOnly= */ true);
    } catch (IOException e) {
      throw new UncheckedIOException("The owner code could not be written to " + file, e);
    }
  }

  /**
   * Requires the code and leaves it to be used once more. Guessing is slowed.
   *
   * @throws InvalidValue when it is not the right one, or the shop has its owner
   */
  public void require(@Nullable String given, String address) {
    guesses.require("", address);
    if (!accounts.isEmpty()) {
      throw new InvalidValue("code", AccountText.THIS_SHOP_ALREADY_HAS_OWNER.with());
    }
    String now = code.get();
    if (given == null || now.isEmpty() || !matches(given, now)) {
      throw wrong();
    }
    guesses.right("", address);
  }

  /**
   * Requires the code and uses it up.
   *
   * @throws InvalidValue as {@link #require} does
   */
  void use(String given, String address) {
    String now = code.get();
    require(given, address);
    if (!code.compareAndSet(now, "")) {
      throw wrong();
    }
  }

  private static InvalidValue wrong() {
    return new InvalidValue("code", AccountText.THIS_IS_NOT_CODE_PRINTED.with());
  }

  /** The owner is there: no one needs the code any more. */
  public void forget() {
    code.set("");
    if (file != null) {
      file.toFile().delete();
    }
  }

  /** Puts the code back, when making the owner failed for another reason. */
  void restore(String given) {
    code.compareAndSet("", given.strip().toUpperCase(Locale.ROOT));
  }

  private static boolean matches(String given, String code) {
    byte[] a = given.strip().toUpperCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8);
    return MessageDigest.isEqual(a, code.getBytes(StandardCharsets.UTF_8));
  }

  /** So many signs by chance, in groups of four. */
  static String made(int length) {
    SecureRandom random = new SecureRandom();
    String signs =
        IntStream.range(0, length)
            .mapToObj(_ -> String.valueOf(SIGNS.charAt(random.nextInt(SIGNS.length()))))
            .collect(Collectors.joining());
    return signs.replaceAll("(.{4})(?=.)", "$1-");
  }
}

package app.geminal.server.stored;

import app.geminal.server.problem.Conflict;
import app.geminal.validation.InvalidValue;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.function.LongSupplier;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Does what is asked for once, also where it is sent twice: a browser that heard no answer sends
 * its request again with the same {@value #HEADER}.
 */
@Component
public class IdempotentRequests {
  /** Header with an id made in the browser, a UUID in small letters. */
  public static final String HEADER = "Request-Id";

  private static final Pattern UUID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
  private static final Duration REMEMBERED = Duration.ofDays(30);

  private final IdempotencyRepository requests;
  private final JsonMapper json;
  private final Clock clock;

  IdempotentRequests(IdempotencyRepository requests, JsonMapper json, Clock clock) {
    this.requests = requests;
    this.json = json;
    this.clock = clock;
  }

  /**
   * Makes a thing, or finds the one that was made for this request before.
   *
   * @param id the browser's, or null where it gave none
   * @param where address of the request
   * @param body what was sent
   * @param login who sends it
   * @param make makes it and answers its number
   * @return its number
   * @throws Conflict when the id represents another request
   */
  @Transactional
  public long make(
      @Nullable String id, String where, Object body, String login, LongSupplier make) {
    if (id == null) {
      return make.getAsLong();
    }
    if (!UUID.matcher(id).matches()) {
      throw new InvalidValue(HEADER, StoredText.ID_OF_REQUEST_IS_UUID.with());
    }
    String digest = digest(where + "\n" + json.writeValueAsString(body));
    if (requests.take(id, digest, login, clock.instant())) {
      long made = make.getAsLong();
      requests.answered(id, made);
      requests.forget(clock.instant().minus(REMEMBERED));
      return made;
    }
    return requests
        .result(id, digest, login)
        .orElseThrow(() -> new Conflict(StoredText.THIS_ID_WAS_USED_FOR_ANOTHER.with()));
  }

  private static String digest(String text) {
    try {
      MessageDigest sha256 = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha256.digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}

package app.geminal.server.account;

import app.geminal.server.turn.Turns;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What one person has of the server at once. Who asks for more waits for their own requests to end,
 * and no one else waits for them.
 */
@Component
class RequestShares {
  private static final int REQUESTS = 200;
  private static final int REQUESTS_EACH = 4;
  private static final int STREAMS = 2000;

  /**
   * A shop with one sign-in for all its screens has fifty; a stream that waits costs next to
   * nothing.
   */
  private static final int STREAMS_EACH = 100;

  private static final int MOST_REMEMBERED = 5000;

  private final Turns requests =
      new Turns(
          REQUESTS,
          REQUESTS_EACH,
          Duration.ofSeconds(20),
          AccountText.SEVERAL_OF_YOUR_REQUESTS_ARE_ALREADY.with());
  private final Turns streams =
      new Turns(
          STREAMS,
          STREAMS_EACH,
          Duration.ZERO,
          AccountText.TOO_MANY_SCREENS_ARE_FOLLOWING_SESSIONS.with());
  private final Cache<String, String> people =
      Caffeine.newBuilder()
          .maximumSize(MOST_REMEMBERED)
          .expireAfterAccess(Duration.ofHours(1))
          .build();

  /** A turn for a request; waits for it. */
  Turns.Turn request(HttpServletRequest request) {
    return requests.take(whose(request));
  }

  /** A turn for a stream, which lasts as long as a screen follows it. */
  Turns.Turn stream(HttpServletRequest request) {
    return streams.take(whose(request));
  }

  /** A sign-in belongs to a person, however many they have. */
  void remember(HttpServletRequest request, String login) {
    String signIn = signIn(request);
    if (signIn != null) {
      people.put(signIn, login);
    }
  }

  private Turns.Person whose(HttpServletRequest request) {
    String signIn = signIn(request);
    if (signIn == null) {
      return Turns.Person.of("address " + request.getRemoteAddr());
    }
    String login = people.getIfPresent(signIn);
    return Turns.Person.of(login == null ? "sign-in " + signIn : "person " + login);
  }

  private static @Nullable String signIn(HttpServletRequest request) {
    Cookie[] cookies = request.getCookies();
    if (cookies != null) {
      for (Cookie cookie : cookies) {
        if (cookie.getName().equals("GEMINAL")) {
          return cookie.getValue();
        }
      }
    }
    return null;
  }
}

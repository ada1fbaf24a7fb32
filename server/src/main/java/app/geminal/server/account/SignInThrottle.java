package app.geminal.server.account;

import app.geminal.server.problem.Problem;
import app.geminal.server.problem.ProblemWriter;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Slows guessing. Each try to sign in takes one from the bucket of its name and one from the bucket
 * of its address; a right password fills the name's bucket again. A wrong name is slowed like a
 * right one, so that trying tells nothing.
 */
@Component
public class SignInThrottle extends OncePerRequestFilter {
  private static final Set<String> GUARDED = Set.of("/api/sign-in", "/api/owner");
  private static final int TRIES_PER_NAME = 6;
  private static final int TRIES_PER_ADDRESS = 60;
  private static final Duration REFILL = Duration.ofMinutes(10);
  private static final int MOST_REMEMBERED = 10_000;

  private final ProblemWriter problems;
  private final Cache<String, Bucket> buckets =
      Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).expireAfterAccess(REFILL).build();

  SignInThrottle(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !(request.getMethod().equals("POST") && GUARDED.contains(request.getServletPath()));
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Bucket address = bucket("address " + request.getRemoteAddr(), TRIES_PER_ADDRESS);
    Bucket name = bucket(nameKey(request.getParameter("login")), TRIES_PER_NAME);
    for (Bucket bucket : List.of(address, name)) {
      var probe = bucket.tryConsumeAndReturnRemaining(1);
      if (!probe.isConsumed()) {
        long seconds = 1 + Duration.ofNanos(probe.getNanosToWaitForRefill()).toSeconds();
        response.setHeader("Retry-After", Long.toString(seconds));
        problems.write(response, tooMany(seconds));
        return;
      }
    }
    chain.doFilter(request, response);
  }

  /** Forgets the tries of a name that has signed in. */
  public void forget(String login) {
    buckets.invalidate(nameKey(login));
  }

  private Bucket bucket(String key, int tries) {
    return buckets.get(
        key,
        _ ->
            Bucket.builder()
                .addLimit(limit -> limit.capacity(tries).refillGreedy(tries, REFILL))
                .build());
  }

  private static String nameKey(@org.jspecify.annotations.Nullable String login) {
    return "name " + (login == null ? "" : login.strip().toLowerCase(Locale.ROOT));
  }

  private static org.springframework.http.ProblemDetail tooMany(long seconds) {
    return Problem.of(
        HttpStatus.TOO_MANY_REQUESTS,
        "too-many-tries",
        "Too many tries",
        "There were too many tries to sign in.",
        "",
        "Wait %d seconds, then try again.".formatted(seconds));
  }
}

package app.geminal.server.account;

import app.geminal.server.problem.Problem;
import app.geminal.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses tries to sign in that come too soon after wrong ones; see {@link GuessLimiter}. */
@Component
public class SignInThrottle extends OncePerRequestFilter {
  private final ProblemWriter problems;
  private final GuessLimiter guesses;

  SignInThrottle(ProblemWriter problems, GuessLimiter guesses) {
    this.problems = problems;
    this.guesses = guesses;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !(request.getMethod().equals("POST")
        && request.getServletPath().equals("/api/v1/sign-in"));
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long seconds = guesses.begin(login(request), request.getRemoteAddr());
    if (seconds > 0) {
      refuse(response, seconds);
    } else {
      chain.doFilter(request, response);
    }
  }

  /** The try of this request was right, or no one could say. */
  public void right(HttpServletRequest request) {
    guesses.right(login(request), request.getRemoteAddr());
  }

  private void refuse(HttpServletResponse response, long seconds) throws IOException {
    response.setHeader("Retry-After", Long.toString(seconds));
    problems.write(response, tooMany(seconds));
  }

  private static String login(HttpServletRequest request) {
    return Objects.requireNonNullElse(request.getParameter("login"), "");
  }

  static ProblemDetail tooMany(long seconds) {
    return Problem.of(
        HttpStatus.TOO_MANY_REQUESTS,
        "too-many-tries",
        AccountText.TOO_MANY_WRONG_ATTEMPTS.with(),
        AccountText.THERE_WERE_TOO_MANY_ATTEMPTS.with(),
        "",
        AccountText.WAIT_THEN_TRY.with("seconds", seconds));
  }
}

package app.geminal.server.token;

import app.geminal.server.problem.Problem;
import app.geminal.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Signs a script in by {@code Authorization: Bearer}, for one request. Nothing is stored of it, and
 * a wrong token opens nothing even where a sign-in came with it.
 */
@Component
public class TokenFilter extends OncePerRequestFilter {
  private static final String BEARER = "Bearer ";

  private final ApiTokens tokens;
  private final ProblemWriter problems;

  TokenFilter(ApiTokens tokens, ProblemWriter problems) {
    this.tokens = tokens;
    this.problems = problems;
  }

  /** Whether a request comes with a token, right or wrong. */
  public static boolean hasToken(HttpServletRequest request) {
    return secret(request) != null;
  }

  private static @Nullable String secret(HttpServletRequest request) {
    String header = request.getHeader(HttpHeaders.AUTHORIZATION);
    return header != null && header.regionMatches(true, 0, BEARER, 0, BEARER.length())
        ? header.substring(BEARER.length()).strip()
        : null;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String secret = secret(request);
    if (secret == null) {
      chain.doFilter(request, response);
      return;
    }
    Optional<ApiToken> token = tokens.use(secret);
    if (token.isEmpty()) {
      problems.write(
          response,
          Problem.of(
              HttpStatus.UNAUTHORIZED,
              "wrong-token",
              TokenText.THIS_TOKEN_IS_NOT_VALID.with(),
              TokenText.TOKEN_IS_UNKNOWN_REVOKED_OR_ITS.with(),
              "",
              TokenText.CREATE_TOKEN_IN_SHOP_AND_SEND.with()));
      return;
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(new TokenSignIn(token.get()));
    SecurityContextHolder.setContext(context);
    chain.doFilter(request, response);
  }
}

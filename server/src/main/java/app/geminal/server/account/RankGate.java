package app.geminal.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import org.springframework.http.HttpMethod;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/**
 * Runs before every endpoint and asks whether the one who is signed in may use it. Their rank is
 * looked up each time, so that taking it away takes it away at once.
 */
@Component
public class RankGate implements HandlerInterceptor {
  private final Accounts accounts;
  private final RequestShares shares;

  RankGate(Accounts accounts, RequestShares shares) {
    this.accounts = accounts;
    this.shares = shares;
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Principal who = request.getUserPrincipal();
    // No one signed in: the filter chain has let them as far as they may come.
    if (who == null || !(handler instanceof HandlerMethod method)) {
      return true;
    }
    shares.remember(request, who.getName());
    Rank needed = needed(method, request.getMethod());
    if (!accounts.rank(who.getName()).isAtLeast(needed)) {
      throw new AccessDeniedException("needs " + needed);
    }
    if (who instanceof LimitedPrincipal limited
        && (isInPerson(method) || !limited.mostRank().isAtLeast(needed))) {
      throw new AccessDeniedException("more than this token may");
    }
    return true;
  }

  private static boolean isInPerson(HandlerMethod method) {
    RequiredRank said = method.getMethodAnnotation(RequiredRank.class);
    return said != null && said.inPerson();
  }

  /** Who may use an endpoint, at least. */
  public static Rank needed(HandlerMethod method, String verb) {
    RequiredRank said = method.getMethodAnnotation(RequiredRank.class);
    if (said != null) {
      return said.value();
    }
    boolean reads = verb.equals(HttpMethod.GET.name()) || verb.equals(HttpMethod.HEAD.name());
    return reads ? Rank.GUEST : Rank.SMITH;
  }
}

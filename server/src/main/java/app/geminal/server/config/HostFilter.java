package app.geminal.server.config;

import app.geminal.server.problem.Problem;
import app.geminal.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only under the names the shop was given. Any other name that leads here was made to lead
 * here by someone else. A change must come from a page of the same name.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class HostFilter extends OncePerRequestFilter {
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

  private final Set<String> hosts;
  private final ProblemWriter problems;

  HostFilter(@Value("${geminal.hosts}") List<String> hosts, ProblemWriter problems) {
    this.hosts =
        hosts.stream().map(h -> h.strip().toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!hosts.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
      problems.write(
          response,
          Problem.of(
              HttpStatus.MISDIRECTED_REQUEST,
              "other-host",
              "This shop has another name",
              "The shop does not answer under this name.",
              "",
              "Use the address bin/start prints. The owner can add names with --geminal.hosts."));
    } else if (!READING.contains(request.getMethod()) && isFromElsewhere(request)) {
      problems.write(
          response,
          Problem.of(
              HttpStatus.FORBIDDEN,
              "other-site",
              "Not from this page",
              "The change came from a page of another site.",
              "",
              "Open the shop in its own page and make the change there."));
    } else {
      chain.doFilter(request, response);
    }
  }

  private static boolean isFromElsewhere(HttpServletRequest request) {
    @Nullable String origin = request.getHeader("Origin");
    @Nullable String host = request.getHeader("Host");
    return origin != null
        && host != null
        && !origin.replaceFirst("^https?://", "").equalsIgnoreCase(host);
  }
}

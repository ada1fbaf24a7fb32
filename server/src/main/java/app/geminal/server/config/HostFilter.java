package app.geminal.server.config;

import app.geminal.server.network.ShopNetwork;
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
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class HostFilter extends OncePerRequestFilter {
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

  private final Set<String> hosts;
  private final ShopNetwork network;
  private final ProblemWriter problems;

  HostFilter(
      @Value("${geminal.hosts}") List<String> hosts, ShopNetwork network, ProblemWriter problems) {
    this.hosts =
        hosts.stream().map(h -> h.strip().toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
    this.network = network;
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String host = request.getServerName().toLowerCase(Locale.ROOT);
    if (!hosts.contains(host) && !(request.isSecure() && network.isOurs(host))) {
      problems.write(
          response,
          Problem.of(
              HttpStatus.MISDIRECTED_REQUEST,
              "other-host",
              ConfigText.THIS_SHOP_HAS_ANOTHER_NAME.with(),
              ConfigText.SHOP_DOES_NOT_ANSWER_UNDER.with(),
              "",
              ConfigText.USE_ADDRESS_BIN_START_PRINTS.with()));
    } else if (!READING.contains(request.getMethod()) && isFromElsewhere(request)) {
      problems.write(
          response,
          Problem.of(
              HttpStatus.FORBIDDEN,
              "other-site",
              ConfigText.NOT_FROM_THIS_PAGE.with(),
              ConfigText.CHANGE_CAME_FROM_PAGE_OF_ANOTHER.with(),
              "",
              ConfigText.OPEN_SHOP_IN_ITS_OWN_PAGE.with()));
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

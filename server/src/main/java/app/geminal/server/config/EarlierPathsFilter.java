package app.geminal.server.config;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Reads the paths that earlier releases had. A page that was open at the forge while the shop was
 * updated still sends its entries there, and scripts were written with them. Comes before
 * everything that decides by the path.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class EarlierPathsFilter extends OncePerRequestFilter {
  private static final String API = "/api/v1/";

  private record Moved(Pattern then, String now) {}

  private static final List<Moved> MOVED =
      List.of(
          moved("/fires(/.*)?", "/forge-sessions$1"),
          moved("/schools", "/protections"),
          moved("/put-away", "/removed-items"),
          moved("/(welds|photos|book/entries)/(\\d+)/strike", "/$1/$2/delete"),
          moved("/(welds|photos|book/entries)/(\\d+)/unstrike", "/$1/$2/restore"),
          moved("/(welds|book/entries)/(\\d+)/before", "/$1/$2/history"),
          moved("/billets/(\\d+)/off-rack", "/billets/$1/archive"),
          moved("/billets/(\\d+)/on-rack", "/billets/$1/restore"),
          moved("/stock/(\\d+)/off-shelf", "/stock/$1/archive"),
          moved("/stock/(\\d+)/on-shelf", "/stock/$1/restore"));

  private static Moved moved(String then, String now) {
    return new Moved(Pattern.compile("/api/v1" + then), "/api/v1" + now);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String then = request.getRequestURI();
    String now = then.startsWith(API) ? presentPath(then) : then;
    chain.doFilter(now.equals(then) ? request : new AtPath(request, now), response);
  }

  private static String presentPath(String then) {
    return MOVED.stream()
        .filter(moved -> moved.then().matcher(then).matches())
        .findFirst()
        .map(moved -> moved.then().matcher(then).replaceFirst(moved.now()))
        .orElse(then);
  }

  private static final class AtPath extends HttpServletRequestWrapper {
    private final String path;

    AtPath(HttpServletRequest request, String path) {
      super(request);
      this.path = path;
    }

    @Override
    public String getRequestURI() {
      return path;
    }

    @Override
    public StringBuffer getRequestURL() {
      StringBuffer url = super.getRequestURL();
      return url.replace(url.length() - super.getRequestURI().length(), url.length(), path);
    }

    @Override
    public String getServletPath() {
      return path;
    }
  }
}

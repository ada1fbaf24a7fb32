package app.geminal.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses announced large bodies before reading them. A body of unannounced length is stopped by
 * the JSON reader at the same size, see application.yaml.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LargeBodyFilter extends OncePerRequestFilter {
  private final long largest;
  private final long largestPicture;
  private final ProblemWriter problems;

  LargeBodyFilter(
      @Value("${geminal.largest-body}") DataSize largest,
      @Value("${geminal.largest-picture}") DataSize largestPicture,
      ProblemWriter problems) {
    this.largest = largest.toBytes();
    this.largestPicture = largestPicture.toBytes();
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getContentLengthLong() > (isPicture(request) ? largestPicture : largest)) {
      problems.write(response, Problems.tooLarge());
    } else {
      chain.doFilter(request, response);
    }
  }

  private static boolean isPicture(HttpServletRequest request) {
    String type = request.getContentType();
    return type != null && type.startsWith("image/");
  }
}

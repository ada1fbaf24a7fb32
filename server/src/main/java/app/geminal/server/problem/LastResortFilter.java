package app.geminal.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Turns what fails outside every controller (a filter, the store of sign-ins, a path that cannot be
 * decoded) into a problem document. Without it the container would answer with a page of its own.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class LastResortFilter extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger(LastResortFilter.class);

  private final ProblemWriter problems;

  LastResortFilter(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (IOException | ServletException | RuntimeException e) {
      if (response.isCommitted()) {
        LOG.warn("An answer to {} broke off: {}", request.getRequestURI(), e.toString());
        throw e;
      }
      response.reset();
      problems.write(response, Problems.of(e));
    }
  }
}

package app.geminal.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bounds every request body in size and time. An announced size over the limit is refused at once;
 * otherwise bytes are counted as they are read, whatever the type of the body. After any refusal
 * the rest of the body is read and dropped for a moment, so that a client that is still sending
 * gets the answer instead of a broken connection.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimitFilter extends OncePerRequestFilter {
  /** What is read and dropped after a refusal at most. */
  private static final long MOST_DROPPED = 512L * 1024 * 1024;

  private static final long DROPPING_NANOS = Duration.ofSeconds(5).toNanos();

  private final long largest;
  private final long largestPicture;
  private final long largestReadings;
  private final long largestArchive;
  private final Duration slowest;
  private final Duration slowestArchive;
  private final ProblemWriter problems;
  private final LongSupplier nanoTime = System::nanoTime;

  BodyLimitFilter(
      @Value("${geminal.largest-body}") DataSize largest,
      @Value("${geminal.largest-picture}") DataSize largestPicture,
      @Value("${geminal.largest-readings}") DataSize largestReadings,
      @Value("${geminal.largest-archive}") DataSize largestArchive,
      @Value("${geminal.slowest-body}") Duration slowest,
      @Value("${geminal.slowest-archive}") Duration slowestArchive,
      ProblemWriter problems) {
    this.largest = largest.toBytes();
    this.largestPicture = largestPicture.toBytes();
    this.largestReadings = largestReadings.toBytes();
    this.largestArchive = largestArchive.toBytes();
    this.slowest = slowest;
    this.slowestArchive = slowestArchive;
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long limit = limit(request);
    if (request.getContentLengthLong() > limit) {
      problems.write(response, Problems.tooLarge(limit));
      drop(request, response);
      return;
    }
    Duration patience = isArchive(request) ? slowestArchive : slowest;
    long until = nanoTime.getAsLong() + patience.toNanos();
    chain.doFilter(new LimitedRequest(request, limit, until, nanoTime), response);
    if (response.getStatus() >= HttpServletResponse.SC_BAD_REQUEST) {
      drop(request, response);
    }
  }

  /** Only where archives are taken; everywhere else a large body of that type is refused. */
  private static boolean isArchive(HttpServletRequest request) {
    String type = request.getContentType();
    return type != null
        && type.startsWith("application/zip")
        && request.getRequestURI().equals("/api/v1/archives");
  }

  private long limit(HttpServletRequest request) {
    if (isArchive(request)) {
      return largestArchive;
    }
    String type = request.getContentType();
    if (type != null && type.startsWith("image/")) {
      return largestPicture;
    }
    return isLongRecord(request, type) ? largestReadings : largest;
  }

  /** Readings of a session, or the welds of a shop. */
  private static boolean isLongRecord(HttpServletRequest request, @Nullable String type) {
    return type != null
        && (type.startsWith("text/csv")
            || (type.startsWith("application/json")
                && request.getRequestURI().equals("/api/v1/evidence/other-shops")));
  }

  private void drop(HttpServletRequest request, HttpServletResponse response) {
    try {
      response.flushBuffer();
      InputStream rest = request.getInputStream();
      byte[] buffer = new byte[64 * 1024];
      long until = nanoTime.getAsLong() + DROPPING_NANOS;
      long dropped = 0;
      for (int n = 0;
          n >= 0 && dropped < MOST_DROPPED && nanoTime.getAsLong() < until;
          n = rest.read(buffer)) {
        dropped += n;
      }
    } catch (IOException | IllegalStateException gone) {
      // The client has hung up, or the body was read some other way; the answer is on its way.
    }
  }
}

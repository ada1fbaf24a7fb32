package app.geminal.server.problem;

import java.net.URI;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/**
 * Builds problem documents (RFC 9457). Beside the standard members they have {@code where}, a JSON
 * pointer into the request body (empty: the whole), and {@code remedy}, what to do about it.
 */
public final class Problem {
  private Problem() {}

  /**
   * A problem document.
   *
   * @param kind last part of its type
   * @param title what kind of problem, the same for all of its kind
   * @param detail this one, in a sentence
   */
  public static ProblemDetail of(
      HttpStatus status, String kind, String title, String detail, String where, String remedy) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setType(URI.create("urn:geminal:problem:" + kind));
    problem.setTitle(title);
    problem.setProperty("where", where);
    problem.setProperty("remedy", remedy);
    return problem;
  }
}

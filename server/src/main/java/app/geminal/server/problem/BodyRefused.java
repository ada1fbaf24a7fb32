package app.geminal.server.problem;

import org.springframework.http.ProblemDetail;

/** A request body that is too large or comes too slowly; thrown while it is read. */
final class BodyRefused extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient ProblemDetail problem;

  private BodyRefused(ProblemDetail problem) {
    super(problem.getTitle());
    this.problem = problem;
  }

  static BodyRefused tooLarge(long mostBytes) {
    return new BodyRefused(Problems.tooLarge(mostBytes));
  }

  static BodyRefused tooSlow() {
    return new BodyRefused(Problems.tooSlow());
  }

  ProblemDetail problem() {
    return problem;
  }
}

package app.geminal.server.account;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Says how long to wait. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class GuessProblems {

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooMany(TooManyGuesses e) {
    ProblemDetail problem = SignInThrottle.tooMany(e.seconds());
    return ResponseEntity.status(problem.getStatus())
        .header(HttpHeaders.RETRY_AFTER, Long.toString(e.seconds()))
        .body(problem);
  }
}

package app.geminal.server.problem;

import app.geminal.check.BadValue;
import app.geminal.library.plan.JsonFault;
import app.geminal.notation.Misread;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.NonTransientDataAccessResourceException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every exception into a problem document. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
  private static final String TO_THE_PLACE =
      "Change the value at the place named and send it again.";

  @ExceptionHandler
  ProblemDetail badValue(BadValue bad) {
    return badValue("/" + bad.path(), bad.words());
  }

  @ExceptionHandler
  ProblemDetail misread(Misread bad) {
    ProblemDetail problem =
        Problem.of(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "misread",
            "The shorthand cannot be read",
            String.valueOf(bad.getMessage()),
            "/line",
            "Change the words from “from” up to “to”.");
    problem.setProperty("from", bad.from());
    problem.setProperty("to", bad.to());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail notThere(NotThere missing) {
    return Problem.of(
        HttpStatus.NOT_FOUND,
        "not-there",
        "This is not in the shop",
        String.valueOf(missing.getMessage()),
        "",
        "Go back to the Rack and choose from what is there.");
  }

  @ExceptionHandler
  ProblemDetail busy(Busy busy) {
    return Problem.of(
        HttpStatus.SERVICE_UNAVAILABLE,
        "busy",
        "The shop is busy",
        String.valueOf(busy.getMessage()),
        "",
        "Wait until one of them has ended and try again.");
  }

  /** The database does not answer; what was asked for is not done, and can be asked again. */
  @ExceptionHandler({
    TransientDataAccessException.class,
    NonTransientDataAccessResourceException.class,
    RecoverableDataAccessException.class,
    CannotCreateTransactionException.class,
    TransactionSystemException.class
  })
  ProblemDetail noDatabase(Exception e) {
    LOG.warn("The database does not answer: {}", e.getMessage());
    return Problem.of(
        HttpStatus.SERVICE_UNAVAILABLE,
        "no-database",
        "The shop's records do not answer",
        "The database is away; nothing of this change was stored.",
        "",
        "It is tried again by itself at the fire; elsewhere try again in a moment.");
  }

  @ExceptionHandler
  ProblemDetail stale(Stale stale) {
    ProblemDetail problem =
        Problem.of(
            HttpStatus.CONFLICT,
            "stale",
            "It was changed elsewhere",
            String.valueOf(stale.getMessage()),
            "/version",
            "Load it again, then make your change on what is there now.");
    problem.setProperty("storedVersion", stale.storedVersion());
    return problem;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> anythingElse(Exception e) {
    String id = UUID.randomUUID().toString();
    LOG.error("Unexpected, told to the user as {}", id, e);
    return ResponseEntity.internalServerError()
        .body(
            Problem.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unexpected",
                "Something broke on our side",
                "The log has it under " + id + ".",
                "",
                "Try once more; nothing of this change was stored."));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return of(unreadable(e));
  }

  /** Somebody who is signed in and may not do what was asked. */
  @ExceptionHandler
  ProblemDetail forbidden(AccessDeniedException denied) {
    return forbidden();
  }

  /** What somebody is told who may not do what was asked. */
  public static ProblemDetail forbidden() {
    return Problem.of(
        HttpStatus.FORBIDDEN,
        "forbidden",
        "You may not do this",
        "Your part in this shop does not go as far, or the request did not carry the page's own token.",
        "",
        "Ask the owner, or load the page again and try once more.");
  }

  @ExceptionHandler
  ProblemDetail badDocument(BadDocument bad) {
    return of(bad.fault());
  }

  private static ProblemDetail unreadable(HttpMessageNotReadableException e) {
    return of(JsonFault.of(e));
  }

  private static ProblemDetail of(JsonFault fault) {
    return switch (fault.kind()) {
      case TOO_LARGE -> tooLarge();
      case BAD_VALUE -> badValue(fault.pointer(), fault.reason());
      case UNREADABLE ->
          Problem.of(
              HttpStatus.BAD_REQUEST,
              "unreadable",
              "The request cannot be read",
              fault.reason(),
              fault.pointer(),
              TO_THE_PLACE);
    };
  }

  /** What the filter for large bodies answers too. */
  static ProblemDetail tooLarge() {
    return Problem.of(
        HttpStatus.CONTENT_TOO_LARGE,
        "too-large",
        "This is too large",
        "No plan or record is this large, so it was not read.",
        "",
        "Send less than 256 kB.");
  }

  private static ProblemDetail badValue(String where, String words) {
    return Problem.of(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "bad-value",
        "A value breaks its rule",
        words,
        where,
        TO_THE_PLACE);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMediaTypeNotSupported(
      HttpMediaTypeNotSupportedException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return of(
        Problem.of(
            HttpStatus.UNSUPPORTED_MEDIA_TYPE,
            "wrong-type",
            "This type of content is not read here",
            "The body came as %s.".formatted(e.getContentType()),
            "",
            "Send it as application/json."));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleExceptionInternal(
      Exception e,
      @Nullable Object body,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    HttpStatus known = HttpStatus.valueOf(status.value());
    return of(
        Problem.of(
            known,
            "request",
            known.getReasonPhrase(),
            String.valueOf(e.getMessage()),
            "",
            "Check the address and the method of the request."));
  }

  private static ResponseEntity<Object> of(ProblemDetail problem) {
    return ResponseEntity.status(problem.getStatus()).body(problem);
  }
}

package app.geminal.server.problem;

import app.geminal.library.plan.JsonFault;
import app.geminal.notation.ShorthandError;
import app.geminal.units.Text;
import app.geminal.validation.InvalidValue;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.NonTransientDataAccessResourceException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.dao.UncategorizedDataAccessException;
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
import tools.jackson.core.JacksonException;

/** Turns every exception into a problem document. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
  private static final long MEGABYTE = 1024 * 1024;

  /** As in application.yaml, for documents of unannounced length. */
  private static final long LARGEST_DOCUMENT = 256 * 1024;

  private static final String TO_THE_PLACE = "Correct this value and send it again.";

  @ExceptionHandler
  ProblemDetail badValue(InvalidValue bad) {
    return badValue("/" + bad.path(), bad.words());
  }

  @ExceptionHandler
  ProblemDetail misread(ShorthandError bad) {
    ProblemDetail problem =
        Problem.of(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "misread",
            "The shorthand cannot be read",
            String.valueOf(bad.getMessage()),
            "/line",
            "Correct the words from “from” to “to”.");
    problem.setProperty("from", bad.from());
    problem.setProperty("to", bad.to());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail notThere(NotFound missing) {
    return Problem.of(
        HttpStatus.NOT_FOUND,
        "not-there",
        "Not found",
        String.valueOf(missing.getMessage()),
        "",
        "Go back to the Rack and choose from what is there.");
  }

  @ExceptionHandler
  ProblemDetail busy(Busy busy) {
    return busyProblem(busy);
  }

  private static ProblemDetail busyProblem(Busy busy) {
    return Problem.of(
        HttpStatus.SERVICE_UNAVAILABLE,
        "busy",
        "The shop is busy",
        String.valueOf(busy.getMessage()),
        "",
        "Wait until one has finished and try again.");
  }

  /** The database does not answer; what was asked for is not done, and can be asked again. */
  @ExceptionHandler({
    TransientDataAccessException.class,
    NonTransientDataAccessResourceException.class,
    RecoverableDataAccessException.class,
    UncategorizedDataAccessException.class,
    CannotCreateTransactionException.class,
    TransactionSystemException.class
  })
  ProblemDetail noDatabase(Exception e) {
    LOG.warn("The database does not answer: {}", e.getMessage());
    return noDatabase();
  }

  /** What everyone reads while the database is away. */
  private static ProblemDetail noDatabase() {
    return Problem.of(
        HttpStatus.SERVICE_UNAVAILABLE,
        "no-database",
        "The database does not answer",
        "The shop's database does not answer. Your change was not confirmed.",
        "",
        "Try again in a moment. A session retries by itself.");
  }

  /** Whether a failure has its cause in a database that is away. */
  private static boolean isDatabaseAway(@Nullable Throwable failure) {
    for (Throwable t = failure; t != null; t = t.getCause()) {
      if (t instanceof TransientDataAccessException
          || t instanceof NonTransientDataAccessResourceException
          || t instanceof RecoverableDataAccessException
          || t instanceof CannotCreateTransactionException
          || t instanceof TransactionSystemException
          || t instanceof UncategorizedDataAccessException) {
        return true;
      }
    }
    return false;
  }

  /** A problem for what failed outside every controller, or after an answer has begun. */
  public static ProblemDetail of(Exception e) {
    if (e instanceof InvalidValue bad) {
      return badValue("/" + bad.path(), bad.words());
    }
    if (e instanceof Busy busy) {
      return busyProblem(busy);
    }
    if (isDatabaseAway(e)) {
      LOG.warn("The database does not answer: {}", e.getMessage());
      return noDatabase();
    }
    BodyRefused refused = cause(e, BodyRefused.class);
    return refused == null ? unexpected(e) : refused.problem();
  }

  @ExceptionHandler
  ProblemDetail bodyRefused(BodyRefused refused) {
    return refused.problem();
  }

  private static <T extends Throwable> @Nullable T cause(Throwable from, Class<T> kind) {
    for (Throwable t = from; t != null; t = t.getCause()) {
      if (kind.isInstance(t)) {
        return kind.cast(t);
      }
    }
    return null;
  }

  /** A stored document that this release cannot read; what was sent is reported elsewhere. */
  @ExceptionHandler
  ProblemDetail damaged(JacksonException e) {
    LOG.warn("A stored document cannot be read: {}", e.getMessage());
    return damaged("The stored data is not as this release expects.");
  }

  /** The same, reported with the place in it. */
  @ExceptionHandler
  ProblemDetail damaged(Damaged e) {
    LOG.warn("{}", e.getMessage());
    return damaged(String.valueOf(e.getMessage()));
  }

  private static ProblemDetail damaged(String why) {
    return Problem.of(
        HttpStatus.CONFLICT,
        "damaged",
        "This record cannot be read",
        why + " Everything else works.",
        "",
        "Restore it from a backup, or open it with the release that wrote it.");
  }

  @ExceptionHandler
  ProblemDetail conflict(Conflict conflict) {
    return Problem.of(
        HttpStatus.CONFLICT,
        "conflict",
        "Not possible",
        String.valueOf(conflict.getMessage()),
        "",
        "Reload and check.");
  }

  @ExceptionHandler
  ProblemDetail stale(VersionConflict stale) {
    ProblemDetail problem =
        Problem.of(
            HttpStatus.CONFLICT,
            "stale",
            "It was changed elsewhere",
            String.valueOf(stale.getMessage()),
            "/version",
            "Reload, then make your change again.");
    problem.setProperty("storedVersion", stale.storedVersion());
    return problem;
  }

  /** Two changes wanted the same rows; the database let one of them go first. */
  @ExceptionHandler
  ProblemDetail tooManyAtOnce(PessimisticLockingFailureException e) {
    return busy(new Busy("Others are changing this at the moment."));
  }

  /** A figure or a date that passes every rule and still has no room in its column. */
  @ExceptionHandler
  ProblemDetail noRoom(DataIntegrityViolationException e) {
    LOG.warn("The database refused a value: {}", e.getMessage());
    return Problem.of(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "no-room",
        "A value cannot be stored",
        "A date, figure or text is out of range. Nothing was saved.",
        "",
        "Check dates and figures, then send it again.");
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> anythingElse(Exception e) {
    ProblemDetail problem = isDatabaseAway(e) ? noDatabase(e) : unexpected(e);
    return ResponseEntity.status(problem.getStatus()).body(problem);
  }

  private static ProblemDetail unexpected(Exception e) {
    String id = UUID.randomUUID().toString();
    LOG.error("Unexpected, reported to the user as {}", id, e);
    return Problem.of(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "unexpected",
        "Server error",
        "The server log has it under " + id + ".",
        "",
        "Try again. If it happens again, report it with this number.");
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    BodyRefused refused = cause(e, BodyRefused.class);
    return of(refused == null ? of(JsonFault.of(e)) : refused.problem());
  }

  /** Someone who is signed in and may not do what was asked. */
  @ExceptionHandler
  ProblemDetail forbidden(AccessDeniedException denied) {
    return forbidden();
  }

  /** What someone reads who may not do what was asked. */
  public static ProblemDetail forbidden() {
    return Problem.of(
        HttpStatus.FORBIDDEN,
        "forbidden",
        "You may not do this",
        "Your rank does not allow this, or the page has expired.",
        "",
        "Ask the owner, or reload the page and try again.");
  }

  @ExceptionHandler
  ProblemDetail badDocument(BadDocument bad) {
    return of(bad.fault());
  }

  private static ProblemDetail of(JsonFault fault) {
    return switch (fault.kind()) {
      case TOO_LARGE -> tooLarge(LARGEST_DOCUMENT);
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

  /** A body over its limit in bytes. */
  static ProblemDetail tooLarge(long mostBytes) {
    return Problem.of(
        HttpStatus.CONTENT_TOO_LARGE,
        "too-large",
        "This is too large",
        "The request is larger than the limit. Nothing was saved.",
        "",
        mostBytes < MEGABYTE
            ? Text.of("Send less than %d kB.", mostBytes / 1024)
            : Text.of("Send less than %d MB.", mostBytes / MEGABYTE));
  }

  /** A body that did not arrive in time. */
  static ProblemDetail tooSlow() {
    return Problem.of(
        HttpStatus.REQUEST_TIMEOUT,
        "too-slow",
        "This took too long to arrive",
        "The request was not complete in time. Nothing was saved.",
        "",
        "Check the connection and send it again.");
  }

  private static ProblemDetail badValue(String where, String words) {
    return Problem.of(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "bad-value",
        "A value is not valid",
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
            "This content type is not supported",
            Text.of("The request body has type %s.", String.valueOf(e.getContentType())),
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

package app.geminal.server.problem;

import app.geminal.library.file.JsonFault;
import app.geminal.notation.ShorthandError;
import app.geminal.text.Message;
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

  private static final Message TO_THE_PLACE = ProblemText.CORRECT_THIS.with();

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
            ProblemText.SHORTHAND_CANNOT_BE_READ.with(),
            bad.words(),
            "/line",
            ProblemText.CORRECT_WORDS.with());
    problem.setProperty("from", bad.from());
    problem.setProperty("to", bad.to());
    return problem;
  }

  @ExceptionHandler
  ProblemDetail notThere(NotFound missing) {
    return Problem.of(
        HttpStatus.NOT_FOUND,
        "not-there",
        ProblemText.NOT_FOUND.with(),
        missing.words(),
        "",
        ProblemText.GO_BACK_TO_RACK_AND_CHOOSE.with());
  }

  @ExceptionHandler
  ProblemDetail busy(Busy busy) {
    return busyProblem(busy);
  }

  private static ProblemDetail busyProblem(Busy busy) {
    return Problem.of(
        HttpStatus.SERVICE_UNAVAILABLE,
        "busy",
        ProblemText.SHOP_IS_BUSY.with(),
        busy.words(),
        "",
        ProblemText.WAIT_UNTIL_ONE_HAS_FINISHED.with());
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
        ProblemText.DATABASE_DOES_NOT_ANSWER.with(),
        ProblemText.SHOP_DATABASE_DOES_NOT_ANSWER.with(),
        "",
        ProblemText.TRY_AGAIN_IN_MOMENT.with());
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
    return damaged(ProblemText.STORED_DATA.with());
  }

  /** The same, reported with the place in it. */
  @ExceptionHandler
  ProblemDetail damaged(Damaged e) {
    LOG.warn("{}", e.getMessage());
    return damaged(e.words());
  }

  private static ProblemDetail damaged(Message why) {
    return Problem.of(
        HttpStatus.CONFLICT,
        "damaged",
        ProblemText.THIS_RECORD_CANNOT_BE_READ.with(),
        ProblemText.REST_WORKS.with("why", why),
        "",
        ProblemText.RESTORE_IT_FROM_BACKUP_OR_OPEN.with());
  }

  @ExceptionHandler
  ProblemDetail conflict(Conflict conflict) {
    return Problem.of(
        HttpStatus.CONFLICT,
        "conflict",
        ProblemText.NOT_POSSIBLE.with(),
        conflict.words(),
        "",
        ProblemText.RELOAD_AND_CHECK.with());
  }

  @ExceptionHandler
  ProblemDetail stale(VersionConflict stale) {
    ProblemDetail problem =
        Problem.of(
            HttpStatus.CONFLICT,
            "stale",
            ProblemText.IT_WAS_CHANGED_ELSEWHERE.with(),
            stale.words(),
            "/version",
            ProblemText.RELOAD_THEN_MAKE_YOUR_CHANGE_AGAIN.with());
    problem.setProperty("storedVersion", stale.storedVersion());
    return problem;
  }

  /** Two changes wanted the same rows; the database let one of them go first. */
  @ExceptionHandler
  ProblemDetail tooManyAtOnce(PessimisticLockingFailureException e) {
    return busy(new Busy(ProblemText.OTHERS_ARE_CHANGING_THIS_AT_MOMENT.with()));
  }

  /** A figure or a date that passes every rule and still has no room in its column. */
  @ExceptionHandler
  ProblemDetail noRoom(DataIntegrityViolationException e) {
    LOG.warn("The database refused a value: {}", e.getMessage());
    return Problem.of(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "no-room",
        ProblemText.VALUE_CANNOT_BE_STORED.with(),
        ProblemText.DATE_FIGURE_OR_TEXT_IS_OUT.with(),
        "",
        ProblemText.CHECK_DATES_AND_FIGURES_THEN_SEND.with());
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
        ProblemText.SERVER_ERROR.with(),
        ProblemText.LOGGED_UNDER.with("number", id),
        "",
        ProblemText.TRY_AGAIN.with());
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
        ProblemText.YOU_MAY_NOT_DO.with(),
        ProblemText.YOUR_RANK_DOES_NOT_ALLOW.with(),
        "",
        ProblemText.ASK_OWNER_OR_RELOAD_PAGE.with());
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
              ProblemText.REQUEST_CANNOT_BE_READ.with(),
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
        ProblemText.THIS_IS_TOO_LARGE.with(),
        ProblemText.REQUEST_IS_LARGER_THAN_LIMIT.with(),
        "",
        mostBytes < MEGABYTE
            ? ProblemText.SEND_LESS_THAN_KB.with("kilobytes", mostBytes / 1024)
            : ProblemText.SEND_LESS_THAN_MB.with("megabytes", mostBytes / MEGABYTE));
  }

  /** A body that did not arrive in time. */
  static ProblemDetail tooSlow() {
    return Problem.of(
        HttpStatus.REQUEST_TIMEOUT,
        "too-slow",
        ProblemText.THIS_TOOK_TOO_LONG_TO_ARRIVE.with(),
        ProblemText.REQUEST_WAS_NOT_COMPLETE_IN_TIME.with(),
        "",
        ProblemText.CHECK_CONNECTION_AND_SEND_IT_AGAIN.with());
  }

  private static ProblemDetail badValue(String where, Message words) {
    return Problem.of(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "bad-value",
        ProblemText.VALUE_IS_NOT_VALID.with(),
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
            ProblemText.THIS_CONTENT_TYPE_IS_NOT_SUPPORTED.with(),
            ProblemText.BODY_HAS_TYPE.with("type", String.valueOf(e.getContentType())),
            "",
            ProblemText.SEND_IT_AS_APPLICATION_JSON.with()));
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
            Message.written(known.getReasonPhrase()),
            Message.written(String.valueOf(e.getMessage())),
            "",
            ProblemText.CHECK_ADDRESS_AND_METHOD_OF_REQUEST.with()));
  }

  private static ResponseEntity<Object> of(ProblemDetail problem) {
    return ResponseEntity.status(problem.getStatus()).body(problem);
  }
}

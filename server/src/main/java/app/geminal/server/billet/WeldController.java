package app.geminal.server.billet;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.book.BookService;
import app.geminal.server.book.WeldView;
import app.geminal.server.stored.IdempotentRequests;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import com.fasterxml.jackson.annotation.JsonAlias;
import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.time.Clock;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Logs a weld at its billet. */
@RestController
class WeldController {
  private final BilletService billets;
  private final BookService book;
  private final IdempotentRequests once;
  private final Clock clock;

  WeldController(BilletService billets, BookService book, IdempotentRequests once, Clock clock) {
    this.once = once;
    this.billets = billets;
    this.book = book;
    this.clock = clock;
  }

  /**
   * A weld to log; {@code how} is optional, and without {@code madeAt} it was made just now.
   *
   * @param stepKey key of the step
   * @param madeAt when the weld was made, null for now
   * @param temperatureC temperature of the weld, °C
   * @param protection how air was kept from the joint
   * @param outcome how the weld turned out
   * @param note notes, may be empty, at most 2000 characters
   * @param how how the weld was made, null where not recorded
   */
  record NewWeld(
      String stepKey,
      @Nullable Instant madeAt,
      double temperatureC,
      @JsonAlias("school") AtmosphereProtection protection,
      WeldOutcome outcome,
      @Nullable String note,
      @Nullable WeldConditions how) {}

  /** Logs a weld of a billet. */
  @Operation(operationId = "logWeld")
  @PostMapping("/api/v1/billets/{id}/welds")
  @RequiredRank(Rank.APPRENTICE)
  @ResponseStatus(HttpStatus.CREATED)
  WeldView log(
      @PathVariable long id,
      @RequestBody NewWeld body,
      @RequestHeader(name = IdempotentRequests.HEADER, required = false) @Nullable String requestId,
      Principal who) {
    String where = "/api/v1/billets/" + id + "/welds";
    return book.weld(
        once.make(requestId, where, body, who.getName(), () -> log(id, body, who).id()));
  }

  private WeldView log(long id, NewWeld body, Principal who) {
    WeldRecord weld =
        new WeldRecord(
            body.stepKey(),
            Objects.requireNonNullElseGet(body.madeAt(), clock::instant),
            body.temperatureC(),
            body.protection(),
            body.outcome(),
            Objects.requireNonNullElse(body.note(), ""));
    return book.log(
        id,
        billets.get(id).plan(),
        weld,
        Objects.requireNonNullElse(body.how(), WeldConditions.UNKNOWN),
        who.getName());
  }
}

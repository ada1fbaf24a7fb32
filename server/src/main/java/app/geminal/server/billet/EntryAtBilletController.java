package app.geminal.server.billet;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.book.Entries;
import app.geminal.server.book.EntryBody;
import app.geminal.server.book.EntryView;
import app.geminal.server.stored.IdempotentRequests;
import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is written in the Book of one billet, and where its flaws are now. */
@RestController
class EntryAtBilletController {
  private final BilletService billets;
  private final Entries entries;
  private final Flaws flaws;
  private final IdempotentRequests once;

  EntryAtBilletController(
      BilletService billets, Entries entries, Flaws flaws, IdempotentRequests once) {
    this.once = once;
    this.billets = billets;
    this.entries = entries;
    this.flaws = flaws;
  }

  /** Inspections, repairs, measurements and notes of a billet. */
  @Operation(operationId = "listBilletEntries")
  @GetMapping("/api/v1/billets/{id}/entries")
  List<EntryView> of(@PathVariable long id) {
    billets.get(id);
    return entries.of(id);
  }

  /** Adds an inspection, a repair, measurements or a note about a step. */
  @Operation(operationId = "addBilletEntry")
  @PostMapping("/api/v1/billets/{id}/entries")
  @ResponseStatus(HttpStatus.CREATED)
  @RequiredRank(Rank.APPRENTICE)
  EntryView add(
      @PathVariable long id,
      @RequestBody EntryBody body,
      @RequestHeader(name = IdempotentRequests.HEADER, required = false) @Nullable String requestId,
      Principal who) {
    String login = who.getName();
    return entries.get(
        once.make(
            requestId,
            "/api/v1/billets/" + id + "/entries",
            body,
            login,
            () -> entries.add(id, billets.get(id).plan(), body, login).id()));
  }

  /** Where known flaws are in each stage of a billet. */
  @Operation(operationId = "listFlaws")
  @GetMapping("/api/v1/billets/{id}/flaws")
  List<FlawView> flaws(@PathVariable long id) {
    return flaws.of(billets.get(id));
  }

  /** Heights of the joints a step's weld closed, lowest first, mm. */
  @Operation(operationId = "listJoints")
  @GetMapping("/api/v1/billets/{id}/seams")
  List<Double> seams(@PathVariable long id, @RequestParam String step) {
    return flaws.seams(billets.get(id), step);
  }
}

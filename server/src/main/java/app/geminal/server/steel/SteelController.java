package app.geminal.server.steel;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.problem.Problem;
import app.geminal.steel.OwnSteel;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The steels at hand. */
@RestController
class SteelController {
  private static final String CSV = "text/csv";

  private final SteelShelf shelf;

  SteelController(SteelShelf shelf) {
    this.shelf = shelf;
  }

  /**
   * An own steel changed; {@code version} is the one the change was based on.
   *
   * @param version counts changes; what is sent is refused when another change came in between
   * @param steel the steel
   */
  record Changed(int version, OwnSteel steel) {}

  /**
   * How many steels a table brought.
   *
   * @param steels how many steels were taken
   */
  record Taken(int steels) {}

  /** The steels that can be used, the shop's own among them. */
  @Operation(operationId = "listSteels")
  @GetMapping("/api/v1/steels")
  List<SteelView> offered() {
    return shelf.offered();
  }

  /** Adds a steel of the shop's own. */
  @Operation(operationId = "addOwnSteel")
  @PostMapping("/api/v1/steels/own")
  @ResponseStatus(HttpStatus.CREATED)
  SteelView add(@RequestBody OwnSteel known) {
    return shelf.add(known);
  }

  /** Works out a steel's figures from what is known of it, without storing anything. */
  @Operation(operationId = "previewOwnSteel")
  @PostMapping("/api/v1/steels/own/preview")
  @RequiredRank(Rank.GUEST)
  SteelView preview(@RequestBody OwnSteel known) {
    return shelf.preview(known);
  }

  /** One of the shop's own steels, as it was entered. */
  @Operation(operationId = "getOwnSteel")
  @GetMapping("/api/v1/steels/own/{id}")
  StoredSteel own(@PathVariable long id) {
    return shelf.get(id);
  }

  /** Changes one of the shop's own steels. */
  @Operation(operationId = "changeOwnSteel")
  @PutMapping("/api/v1/steels/own/{id}")
  SteelView change(@PathVariable long id, @RequestBody Changed body) {
    return shelf.change(id, body.version(), body.steel());
  }

  /** Archives one of the shop's own steels. */
  @Operation(operationId = "archiveOwnSteel")
  @PostMapping("/api/v1/steels/own/{id}/unlist")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unlist(@PathVariable long id) {
    shelf.setListed(id, false);
  }

  /** Restores an archived steel. */
  @Operation(operationId = "restoreOwnSteel")
  @PostMapping("/api/v1/steels/own/{id}/list")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void list(@PathVariable long id) {
    shelf.setListed(id, true);
  }

  /** The shop's own steels as CSV. */
  @Operation(operationId = "exportOwnSteels")
  @GetMapping(value = "/api/v1/steels/own.csv", produces = CSV)
  ResponseEntity<String> table() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"own-steels.csv\"")
        .body(shelf.table());
  }

  /** Adds steels from CSV: all of them or, with the place of the fault, none. */
  @Operation(operationId = "importOwnSteels")
  @PostMapping(value = "/api/v1/steels/own.csv", consumes = CSV)
  Taken take(@RequestBody String csv) {
    return new Taken(shelf.take(csv));
  }

  @ExceptionHandler
  ProblemDetail badTable(SteelTableFaults bad) {
    ProblemDetail problem =
        Problem.of(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "bad-table",
            SteelText.TABLE_WAS_NOT_IMPORTED.with(),
            bad.words(),
            "",
            SteelText.CORRECT_LINES_LISTED_AND_IMPORT_WHOLE.with());
    problem.setProperty("faults", bad.faults());
    return problem;
  }
}

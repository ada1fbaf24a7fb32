package app.geminal.server.billet;

import app.geminal.library.plan.PlanFile;
import app.geminal.library.plan.PlanFiles;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.OwnSteel;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One billet's plan as an open file, out and in. */
@RestController
class PlanFileController {
  private final BilletService billets;
  private final SteelShelf shelf;
  private final PlanImports imports;

  PlanFileController(BilletService billets, SteelShelf shelf, PlanImports imports) {
    this.imports = imports;
    this.billets = billets;
    this.shelf = shelf;
  }

  /** A billet's plan as a file. */
  @ApiResponse(
      responseCode = "200",
      description = "The plan as an open file: docs/formats/plan.md.",
      content = @Content(mediaType = "application/json", schema = @Schema(types = "object")))
  @Operation(operationId = "exportPlan")
  @GetMapping("/api/v1/billets/{id}/plan-file")
  ResponseEntity<String> export(@PathVariable long id) {
    Billet billet = billets.get(id);
    List<OwnSteel> own = shelf.own(billet.plan().steels());
    String document =
        PlanFiles.write(new PlanFile(billet.name(), billet.purpose(), billet.plan(), own));
    String name = billet.name().replaceAll("[^\\p{L}\\p{N} _.-]", "").strip();
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(
                    (name.isEmpty() ? "billet" : name) + ".geminal.json", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(document);
  }

  /**
   * Creates a billet from a plan file; steels it brings are added where the shop has none of that
   * name.
   */
  @Operation(operationId = "importPlanFile")
  @PostMapping(path = "/api/v1/plan-files", consumes = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      content = @Content(mediaType = "application/json", schema = @Schema(types = "object")))
  PlanImports.Imported read(@RequestBody String document) {
    return imports.take(document);
  }
}

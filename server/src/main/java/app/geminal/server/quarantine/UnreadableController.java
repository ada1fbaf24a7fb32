package app.geminal.server.quarantine;

import app.geminal.server.stored.Unreadable;
import app.geminal.units.Text;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stored rows that this release cannot read, over HTTP. */
@RestController
class UnreadableController {
  private final Quarantine quarantine;

  UnreadableController(Quarantine quarantine) {
    this.quarantine = quarantine;
  }

  /**
   * What is stored and cannot be read by this release; billets are on the Rack.
   *
   * @param of which kinds; all where none is named
   */
  @Operation(operationId = "listUnreadable")
  @GetMapping("/api/v1/unreadable")
  List<Unreadable> all(@RequestParam(defaultValue = "") Set<Unreadable.Kind> of) {
    return quarantine.all(of);
  }

  /** Such a row just as it is stored. */
  @Operation(operationId = "getUnreadable")
  @ApiResponse(
      responseCode = "200",
      description = "The rows as they are stored, by the names of their columns.",
      content = @Content(mediaType = "application/json", schema = @Schema(types = "array")))
  @GetMapping("/api/v1/unreadable/{kind}/{id}")
  ResponseEntity<String> stored(@PathVariable Unreadable.Kind kind, @PathVariable long id) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            Text.of(
                "attachment; filename=\"%s-%d.stored.json\"",
                kind.name().toLowerCase(Locale.ROOT), id))
        .body(quarantine.stored(kind, id));
  }
}

package app.geminal.server.archive;

import app.geminal.server.account.Needs;
import app.geminal.server.account.Rank;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole shop as one file, over HTTP. It goes in again with bin/restore. */
@RestController
class ArchiveController {
  private final Archives archives;
  private final Clock clock;

  ArchiveController(Archives archives, Clock clock) {
    this.archives = archives;
    this.clock = clock;
  }

  /** Everything in the shop as a ZIP archive (docs/formats/archive.md). */
  @ApiResponse(
      responseCode = "200",
      description = "The whole shop: docs/formats/archive.md.",
      content =
          @Content(
              mediaType = "application/zip",
              schema = @Schema(type = "string", format = "binary")))
  @Operation(operationId = "getArchive")
  @GetMapping(value = "/api/v1/archive", produces = "application/zip")
  @Needs(Rank.OWNER)
  void archive(HttpServletResponse response) throws IOException {
    String name = "geminal-" + LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC) + ".zip";
    response.setContentType("application/zip");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION,
        ContentDisposition.attachment().filename(name).build().toString());
    archives.write(response.getOutputStream());
  }
}

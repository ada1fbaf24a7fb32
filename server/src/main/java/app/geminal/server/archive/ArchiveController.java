package app.geminal.server.archive;

import app.geminal.server.account.OwnerCode;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The whole shop as one file, over HTTP. bin/restore reads it back. */
@RestController
class ArchiveController {
  private static final String OWNER_CODE = "Owner-Code";

  private final Archives archives;
  private final Uploads uploads;
  private final OwnerCode code;
  private final Clock clock;

  ArchiveController(Archives archives, Uploads uploads, OwnerCode code, Clock clock) {
    this.archives = archives;
    this.uploads = uploads;
    this.code = code;
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
  @RequiredRank(Rank.OWNER)
  void archive(HttpServletResponse response) throws IOException {
    String name = "geminal-" + LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC) + ".zip";
    response.setContentType("application/zip");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION,
        ContentDisposition.attachment().filename(name).build().toString());
    archives.write(response.getOutputStream());
  }

  /**
   * Looks into an archive: what is in it, and whether it can be restored here. Nothing is stored.
   *
   * @param given the owner code, where no one can sign in yet
   */
  @Operation(operationId = "readArchive")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      required = true,
      content =
          @Content(
              mediaType = "application/zip",
              schema = @Schema(type = "string", format = "binary")))
  @PostMapping(value = "/api/v1/archives", consumes = "application/zip")
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  Uploads.Contents look(
      InputStream file,
      @RequestHeader(name = OWNER_CODE, required = false) @Nullable String given,
      @Nullable Principal who,
      HttpServletRequest request) {
    requireOwner(given, who, request);
    return uploads.take(file);
  }

  /**
   * Restores an archive that was looked into, into an empty shop: all of it, or nothing.
   *
   * @param id as it was named when it was looked into
   * @param given the owner code, where no one can sign in yet
   */
  @Operation(operationId = "restoreArchive")
  @PostMapping("/api/v1/archives/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  void restore(
      @PathVariable String id,
      @RequestHeader(name = OWNER_CODE, required = false) @Nullable String given,
      @Nullable Principal who,
      HttpServletRequest request) {
    requireOwner(given, who, request);
    uploads.restore(id);
    if (who == null) {
      code.forget();
    }
  }

  /** Where no one can sign in yet, the code from the console represents the owner. */
  private void requireOwner(
      @Nullable String given, @Nullable Principal who, HttpServletRequest request) {
    if (who == null) {
      code.require(given, request.getRemoteAddr());
    }
  }
}

package app.geminal.server.session;

import app.geminal.instrument.SensorState;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.instrument.Channel;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.units.Text;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Readings of a session over HTTP. */
@RestController
class SessionReadingController {
  private final SessionReadingService service;
  private final LiveSessions fires;
  private final Clock clock;

  SessionReadingController(SessionReadingService service, LiveSessions fires, Clock clock) {
    this.service = service;
    this.fires = fires;
    this.clock = clock;
  }

  /**
   * How many readings a file brought.
   *
   * @param lines lines taken
   */
  record Logged(int lines) {}

  /**
   * A reading of an instrument.
   *
   * @param second second of the session
   * @param channel what was measured
   * @param figure °C at the forge, MPa at the press
   * @param state what was thought of it
   */
  record ReadingView(int second, Channel channel, double figure, SensorState state) {
    static ReadingView of(ReadingRow row) {
      return new ReadingView(row.second(), row.channel(), row.figure(), row.state());
    }
  }

  /**
   * Readings of a session by channel and second, a page at a time.
   *
   * @param limit the most there should be on the page, 1 to 1000
   * @param after where the page begins; from the header Link of the page before, which names it
   */
  @Operation(operationId = "listReadings")
  @GetMapping("/api/v1/forge-sessions/{id}/readings")
  ResponseEntity<List<ReadingView>> readings(
      @PathVariable long id,
      @RequestParam(defaultValue = Page.MOST) int limit,
      @RequestParam(required = false) @Nullable String after) {
    Page<ReadingRow> page = service.readings(id, Page.size(limit), Cursor.parse(after));
    return page.of(page.items().stream().map(ReadingView::of).toList()).answer();
  }

  /**
   * Adds readings from a logger's CSV to a session: all of them or, with the place of the fault,
   * none.
   */
  @Operation(operationId = "importReadings")
  @PostMapping(value = "/api/v1/forge-sessions/{id}/readings", consumes = "text/csv")
  @RequiredRank(Rank.APPRENTICE)
  Logged logged(@PathVariable long id, @RequestBody String csv) {
    List<ReadingRow> rows = service.keepLogged(id, csv);
    fires.get(id).logged(rows, clock.instant());
    return new Logged(rows.size());
  }

  /** All readings, in the columns a logger's file has. */
  @ApiResponse(
      responseCode = "200",
      description = "The readings: docs/formats/logger-csv.md.",
      content = @Content(mediaType = "text/csv", schema = @Schema(type = "string")))
  @Operation(operationId = "exportReadings")
  @GetMapping("/api/v1/forge-sessions/{id}/readings.csv")
  ResponseEntity<String> readings(@PathVariable long id) {
    StringBuilder csv = new StringBuilder("at,channel,value,unit,state\n");
    for (ReadingRow r : service.readings(id)) {
      csv.append(
          String.format(
              Locale.ROOT,
              "%d,%s,%s,%s,%s\n",
              r.second(),
              r.channel().name().toLowerCase(Locale.ROOT),
              BigDecimal.valueOf(r.figure()).toPlainString(),
              switch (r.channel()) {
                case FORGE -> "C";
                case PRESS -> "MPa";
              },
              r.state().name().toLowerCase(Locale.ROOT)));
    }
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header("Content-Disposition", Text.of("attachment; filename=\"fire-%d.csv\"", id))
        .body(csv.toString());
  }
}

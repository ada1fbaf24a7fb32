package app.geminal.server.session;

import app.geminal.heatplan.HeatPlan;
import app.geminal.rotation.Rotation;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.simulator.Drill;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The fire over HTTP. */
@RestController
class ForgeSessionController {
  /** An empty line says that the connection is still open. */
  private static final long PATIENCE_MS = 5000;

  private static final int MOST_ENTRIES = 500;

  private final ForgeSessionService service;
  private final LiveSessions fires;
  private final HeatPlans plans;
  private final JsonMapper json;
  private final Clock clock;

  ForgeSessionController(
      ForgeSessionService service,
      LiveSessions fires,
      HeatPlans plans,
      JsonMapper json,
      Clock clock) {
    this.service = service;
    this.fires = fires;
    this.plans = plans;
    this.json = json;
    this.clock = clock;
  }

  /**
   * A session to begin.
   *
   * @param billets the billets in the session, in their places
   * @param rehearsal whether it is a practice run, which is not kept in the Book
   * @param drill what is wrong in a practice run on purpose; null for nothing
   * @param speed speed of a practice run, 1 as in the shop; null for 1
   */
  record NewSession(
      List<ForgeSessionService.Chosen> billets,
      boolean rehearsal,
      @Nullable Drill drill,
      @Nullable Double speed) {}

  /**
   * Where it is.
   *
   * @param id number
   */
  record Begun(long id) {}

  /**
   * Entries of one screen.
   *
   * @param entries entries in the order they were made
   */
  record NewEntries(List<Entry> entries) {}

  /**
   * What is on disk of them.
   *
   * @param kept ids of the entries that are now stored
   */
  record Kept(List<String> kept) {}

  /**
   * A day to lay out; minutes of the day, places in the forge.
   *
   * @param billets the billets in the session, in their places
   * @param places places in the forge
   * @param fromMin minutes from the start of the day where the plan begins
   * @param toMin minutes from the start of the day where the plan must end
   */
  record DayAsked(
      List<ForgeSessionService.Chosen> billets, int places, double fromMin, double toMin) {}

  /** The heats of a billet's plan that a session can be started with. */
  @Operation(operationId = "listHeats")
  @GetMapping("/api/v1/billets/{id}/heats")
  List<HeatPlans.HeatView> heats(@PathVariable long id) {
    return plans.heats(id);
  }

  /** How one heat is done. */
  @Operation(operationId = "getHeatPlan")
  @GetMapping("/api/v1/billets/{id}/heat-plan")
  HeatPlan plan(@PathVariable long id, @RequestParam String step) {
    return plans.compared(id, step);
  }

  /** How several heats share one forge and one press over a day. */
  @Operation(operationId = "planDay")
  @PostMapping("/api/v1/forge-sessions/day")
  @RequiredRank(Rank.GUEST)
  Rotation.Day day(@RequestBody DayAsked asked) {
    List<ForgeSessionService.Chosen> billets = Require.list("billets", asked.billets(), 1, 3);
    for (int i = 0; i < billets.size(); i++) {
      Require.text("billets/" + i + "/stepPath", billets.get(i).stepPath(), 120);
    }
    return plans.day(billets, asked.places(), asked.fromMin(), asked.toMin());
  }

  /**
   * The sessions, a page at a time: those going on first, then the newest.
   *
   * @param limit the most there should be on the page, 1 to 1000
   * @param after where the page begins; from the header Link of the page before, which names it
   */
  @Operation(operationId = "listSessions")
  @GetMapping("/api/v1/forge-sessions")
  ResponseEntity<List<SessionLine>> all(
      @RequestParam(defaultValue = Page.MOST) int limit,
      @RequestParam(required = false) @Nullable String after) {
    return service.newest(Page.size(limit), Cursor.parse(after)).answer();
  }

  /** Starts a session. */
  @Operation(operationId = "startSession")
  @PostMapping("/api/v1/forge-sessions")
  @RequiredRank(Rank.APPRENTICE)
  @ResponseStatus(HttpStatus.CREATED)
  Begun start(@RequestBody NewSession body, Principal who) {
    long id =
        service.start(
            Require.present("billets", body.billets()),
            body.rehearsal(),
            body.drill(),
            Objects.requireNonNullElse(body.speed(), 1.0),
            who.getName());
    fires.get(id);
    return new Begun(id);
  }

  /** A session with all its entries. */
  @Operation(operationId = "getSession")
  @GetMapping("/api/v1/forge-sessions/{id}")
  SessionView.Whole whole(@PathVariable long id) {
    return fires.get(id).whole(clock.instant());
  }

  /** Sends everything, and then what happens, a JSON object a line, as long as it is read. */
  @ApiResponse(
      responseCode = "200",
      description =
          "What happens in the session, one JSON object a line, as it comes; an empty line says that the connection is open.",
      content =
          @Content(
              mediaType = "application/x-ndjson",
              schema = @Schema(implementation = SessionView.class)))
  @Operation(operationId = "followSession")
  @GetMapping("/api/v1/forge-sessions/{id}/stream")
  void stream(@PathVariable long id, HttpServletRequest request, HttpServletResponse response)
      throws IOException, InterruptedException {
    LiveSession fire = fires.get(id);
    response.setContentType("application/x-ndjson");
    response.setCharacterEncoding(StandardCharsets.UTF_8);
    Listener listener = fire.listen(clock.instant(), request.getSession().getId());
    try {
      OutputStream out = response.getOutputStream();
      while (!listener.isLetGo()) {
        Object what = listener.next(PATIENCE_MS);
        if (what != null) {
          out.write(json.writeValueAsBytes(what));
        }
        out.write('\n');
        out.flush();
      }
    } catch (IOException gone) {
      // The screen is gone; it comes back by itself.
    } finally {
      fire.leave(listener);
    }
  }

  /** Keeps entries; answers when they are on disk. */
  @Operation(operationId = "addSessionEntries")
  @PostMapping("/api/v1/forge-sessions/{id}/entries")
  @RequiredRank(Rank.APPRENTICE)
  Kept keep(@PathVariable long id, @RequestBody NewEntries body, Principal who) {
    List<Entry> entries = Require.list("entries", body.entries(), 1, MOST_ENTRIES);
    List<KeptEntry> kept;
    // Screens that send the same entries at once would wait for each other's rows and give up.
    synchronized (fires.get(id).keeping()) {
      kept = service.keep(id, entries, who.getName());
    }
    fires.kept(id, kept);
    return new Kept(kept.stream().map(k -> k.entry().id()).toList());
  }

  /** Ends a session. */
  @Operation(operationId = "endSession")
  @PostMapping("/api/v1/forge-sessions/{id}/end")
  @RequiredRank(Rank.APPRENTICE)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable long id) {
    service.setEnded(id, true);
    fires.setEnded(id, true);
  }

  /** Continues with a session that has ended. */
  @Operation(operationId = "reopenSession")
  @PostMapping("/api/v1/forge-sessions/{id}/reopen")
  @RequiredRank(Rank.APPRENTICE)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void reopen(@PathVariable long id) {
    service.setEnded(id, false);
    fires.setEnded(id, false);
  }
}

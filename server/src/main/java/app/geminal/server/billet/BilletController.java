package app.geminal.server.billet;

import app.geminal.billet.BilletProgress;
import app.geminal.billet.Plan;
import app.geminal.server.book.BookService;
import app.geminal.server.book.WeldView;
import app.geminal.server.stored.StoredRow;
import app.geminal.text.Message;
import app.geminal.units.Text;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Billets over HTTP. */
@RestController
class BilletController {
  private final BilletService billets;
  private final BookService book;
  private final RunViews runs;
  private final RackFigures rackFigures;
  private final Flaws flaws;

  BilletController(
      BilletService billets,
      BookService book,
      RunViews runs,
      RackFigures rackFigures,
      Flaws flaws) {
    this.rackFigures = rackFigures;
    this.flaws = flaws;
    this.billets = billets;
    this.book = book;
    this.runs = runs;
  }

  /**
   * The state of a billet; welds are reported by the path of their step.
   *
   * @param weldsMade welds made
   * @param weldsPlanned welds in the plan
   * @param nextWeld path of the next weld's step, null when all are made
   * @param flaw the worst known flaw, null for none
   * @param flawKind kind of the worst known flaw, null for none
   */
  record ProgressView(
      int weldsMade,
      int weldsPlanned,
      @Nullable String nextWeld,
      @Nullable String flaw,
      @Nullable WeldOutcome flawKind) {

    static ProgressView of(Plan plan, List<WeldRecord> welds) {
      BilletProgress s = BilletProgress.of(plan, welds);
      return new ProgressView(
          s.weldsMade(),
          s.weldsPlanned(),
          s.nextWeld().orElse(null),
          s.flaw().orElse(null),
          s.flawKind().orElse(null));
    }
  }

  /**
   * A billet as the Rack shows it.
   *
   * @param id number
   * @param name name
   * @param purpose what it is for, may be empty
   * @param version counts changes; what is sent is refused when another change came in between
   * @param changedAt when it was last changed
   * @param progress how far it has come
   * @param nowStage number of the stage the billet has reached, from 0
   * @param now the stage it has come to: after its last weld made, or the stack
   * @param end the stage it should come to
   * @param stops whether its plan cannot be carried out to the end
   * @param willFail findings of the strongest kind in its plan
   */
  record OnRack(
      long id,
      String name,
      String purpose,
      int version,
      Instant changedAt,
      ProgressView progress,
      int nowStage,
      StageView now,
      StageView end,
      boolean stops,
      long willFail)
      implements RackLine {}

  /**
   * A billet whose plan cannot be read or worked through; why, as a sentence.
   *
   * @param id number
   * @param name name
   * @param unreadable why it cannot be read
   */
  record NotReadable(long id, String name, Message unreadable) implements RackLine {
    static NotReadable of(Unreadable billet) {
      return new NotReadable(billet.id(), billet.name(), billet.why());
    }
  }

  /** One place on the Rack. */
  sealed interface RackLine {
    /** The billet's number. */
    long id();
  }

  /**
   * A billet opened.
   *
   * @param id number
   * @param name name
   * @param purpose what it is for, may be empty
   * @param version counts changes; what is sent is refused when another change came in between
   * @param onRack whether it is on the Rack and not archived
   * @param plan the plan
   * @param run the plan calculated
   * @param progress how far it has come
   * @param welds the welds
   */
  record Opened(
      long id,
      String name,
      String purpose,
      int version,
      boolean onRack,
      Plan plan,
      RunView run,
      ProgressView progress,
      List<WeldView> welds) {}

  /**
   * A billet to start.
   *
   * @param name name
   * @param purpose what it is for, may be empty
   * @param plan the plan
   */
  record NewBillet(String name, String purpose, Plan plan) {}

  /**
   * A billet changed; {@code version} is the one the change was based on.
   *
   * @param version counts changes; what is sent is refused when another change came in between
   * @param name name
   * @param purpose what it is for, may be empty
   * @param plan the plan
   */
  record ChangedBillet(int version, String name, String purpose, Plan plan) {}

  /** The billets on the Rack. */
  @Operation(operationId = "listBillets")
  @GetMapping("/api/v1/billets")
  List<RackLine> rack() {
    Map<Long, List<WeldRecord>> welds = book.weldsByBillet();
    RackFigures.Glance glance = rackFigures.glance();
    List<RackLine> rack = new ArrayList<>();
    for (Billet b : billets.onRack(u -> rack.add(NotReadable.of(u)))) {
      rack.add(
          StoredRow.<RackLine, RuntimeException>of(
                  "billet",
                  b.id(),
                  () -> onRack(glance, b, welds.getOrDefault(b.id(), List.of())),
                  why -> rack.add(new NotReadable(b.id(), b.name(), why)))
              .orElse(null));
    }
    rack.removeIf(Objects::isNull);
    rack.sort(Comparator.comparingLong(RackLine::id));
    return rack;
  }

  /** The plan's document as it is stored, also of a billet that cannot be read. */
  @ApiResponse(
      responseCode = "200",
      description = "The plan as it is stored, which this release cannot read.",
      content = @Content(mediaType = "application/json", schema = @Schema(types = "object")))
  @Operation(operationId = "getStoredPlan")
  @GetMapping(value = "/api/v1/billets/{id}/stored", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> stored(@PathVariable long id) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            Text.of("attachment; filename=\"billet-%d.stored.json\"", id))
        .body(billets.document(id));
  }

  /** Creates a billet. */
  @Operation(operationId = "createBillet")
  @PostMapping("/api/v1/billets")
  @ResponseStatus(HttpStatus.CREATED)
  Opened start(@RequestBody NewBillet body, Principal who) {
    requireShown(body.plan(), 0, who);
    return opened(billets.start(body.name(), body.purpose(), body.plan()), who);
  }

  /** What is stored has been worked through for the screen once, so that it can be shown again. */
  private void requireShown(@Nullable Plan plan, long id, Principal who) {
    if (plan != null) {
      InvalidValue.within("plan", () -> runs.of(plan, id, who));
    }
  }

  /** A billet with its plan calculated. */
  @Operation(operationId = "getBillet")
  @GetMapping("/api/v1/billets/{id}")
  Opened open(@PathVariable long id, Principal who) {
    return opened(billets.get(id), who);
  }

  /** Changes a billet and its plan. */
  @Operation(operationId = "changeBillet")
  @PutMapping("/api/v1/billets/{id}")
  Opened change(@PathVariable long id, @RequestBody ChangedBillet body, Principal who) {
    requireShown(body.plan(), id, who);
    return opened(
        billets.change(id, body.version(), body.name(), body.purpose(), body.plan()), who);
  }

  /** Archives a billet. */
  @Operation(operationId = "archiveBillet")
  @PostMapping("/api/v1/billets/{id}/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeOff(@PathVariable long id) {
    billets.setOnRack(id, false);
  }

  /** Restores an archived billet. */
  @Operation(operationId = "restoreBillet")
  @PostMapping("/api/v1/billets/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable long id) {
    billets.setOnRack(id, true);
  }

  private Opened opened(Billet b, Principal who) {
    List<WeldView> welds = book.of(b.id());
    return new Opened(
        b.id(),
        b.name(),
        b.purpose(),
        b.version(),
        b.onRack(),
        b.plan(),
        runs.of(b.plan(), b.id(), who),
        progress(b, welds.stream().map(WeldView::made).toList()),
        welds);
  }

  private OnRack onRack(RackFigures.Glance glance, Billet b, List<WeldRecord> welds) {
    ProgressView progress = progress(b, welds);
    RackFigures.Figures figures = glance.of(b, reached(b.plan(), welds));
    return new OnRack(
        b.id(),
        b.name(),
        b.purpose(),
        b.version(),
        b.changedAt(),
        progress,
        figures.nowStage(),
        figures.now(),
        figures.end(),
        figures.stops(),
        figures.willFail());
  }

  /** A weld whose flaws are out of the bar counts as held for what is left of it. */
  private ProgressView progress(Billet b, List<WeldRecord> welds) {
    if (welds.stream().allMatch(w -> w.outcome() == WeldOutcome.HELD)) {
      return ProgressView.of(b.plan(), welds);
    }
    Set<String> settled = flaws.settled(b);
    return ProgressView.of(
        b.plan(),
        welds.stream()
            .map(w -> settled.contains(w.stepKey()) ? w.withOutcome(WeldOutcome.HELD) : w)
            .toList());
  }

  /** The furthest stage with a weld in the Book. */
  private static int reached(Plan plan, List<WeldRecord> welds) {
    int furthest = 0;
    for (int i = 0; i < plan.steps().size(); i++) {
      String key = plan.steps().get(i).key();
      if (welds.stream().anyMatch(w -> w.stepKey().equals(key))) {
        furthest = i + 1;
      }
    }
    return furthest;
  }
}

package app.geminal.server.session;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.validation.Require;
import app.geminal.weldmap.FailureCause;
import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is found after a practice run, over HTTP. */
@RestController
class PracticeController {
  private final PracticeService service;

  PracticeController(PracticeService service) {
    this.service = service;
  }

  /**
   * Why a joint of a practice run is open.
   *
   * @param place place of the billet in the session, from 0
   * @param joint which joint, from below, from 1
   * @param cause what it is taken to be
   */
  record Naming(int place, int joint, FailureCause cause) {}

  /**
   * The joints of a practice run that has ended: what they show, and the truth once it is named.
   */
  @Operation(operationId = "inspectPracticeRun")
  @GetMapping("/api/v1/forge-sessions/{id}/inspection")
  Inspection inspection(@PathVariable long id) {
    return service.inspection(id);
  }

  /** Names why a joint of a practice run is open; the first answer stays. */
  @Operation(operationId = "nameCause")
  @PostMapping("/api/v1/forge-sessions/{id}/inspection")
  @RequiredRank(Rank.APPRENTICE)
  Inspection name(@PathVariable long id, @RequestBody Naming body) {
    NamedCause named = new NamedCause(body.joint(), Require.present("cause", body.cause()));
    return service.name(id, body.place(), named);
  }

  /** How far the person who is signed in has come with each drill; those not tried are left out. */
  @Operation(operationId = "listDrills")
  @GetMapping("/api/v1/drills")
  List<DrillLine> drills(Principal who) {
    return service.drills(who.getName());
  }
}

package app.geminal.server.weldmap;

import app.geminal.billet.Run;
import app.geminal.server.account.Accounts;
import app.geminal.server.billet.BilletService;
import app.geminal.server.calibration.CalibrationService;
import app.geminal.server.session.HeatPlans;
import app.geminal.server.turn.Turns;
import app.geminal.weldmap.WeldMapper;
import app.geminal.weldmap.WeldSetup;
import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What becomes of the chances of plans once they are calculated with what the shop has learned. */
@RestController
class CalibrationEffectController {
  private final Turns turns =
      new Turns(2, 1, Duration.ofSeconds(30), WeldMapText.SEVERAL_MAPS_ARE_BEING_CALCULATED.with());

  private final BilletService billets;
  private final PlannedMaps maps;
  private final CalibrationService learning;
  private final Accounts accounts;

  CalibrationEffectController(
      BilletService billets, PlannedMaps maps, CalibrationService learning, Accounts accounts) {
    this.billets = billets;
    this.maps = maps;
    this.learning = learning;
    this.accounts = accounts;
  }

  /**
   * One weld of a billet.
   *
   * @param step names of the parts the step is in, then its key, with strokes between
   * @param title which weld it is, after the part it is for
   * @param now chance that all its joints are sound as plans are calculated now, 0 to 1
   * @param then the same once they are calculated with what was learned
   */
  record WeldEffect(String step, String title, double now, double then) {}

  /**
   * How the chances of a billet's welds change with what was learned; those without a map are left
   * out.
   *
   * @param id number of the billet
   * @param row number under which what was learned is kept
   */
  @Operation(operationId = "listCalibrationEffects")
  @GetMapping("/api/v1/billets/{id}/calibration-effects")
  List<WeldEffect> effects(@PathVariable long id, @RequestParam long row, Principal who) {
    PlannedMaps.Worked worked = maps.worked(billets.get(id).plan());
    Run run = worked.run();
    WeldMapper now = worked.mapper();
    WeldMapper then = worked.with(learning.of(row));
    List<WeldEffect> effects = new ArrayList<>();
    try (Turns.Turn _ = turns.take(accounts.turnOf(who.getName()))) {
      for (String step : WeldMapper.welds(run)) {
        Optional<List<WeldSetup>> course = now.course(run, step);
        course.ifPresent(welds ->
            effects.add(
                new WeldEffect(
                    step,
                    HeatPlans.title(run.find(step).orElseThrow()),
                    now.map(welds).chance(),
                    then.map(welds).chance())));
      }
    }
    return effects;
  }
}

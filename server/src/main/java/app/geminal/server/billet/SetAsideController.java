package app.geminal.server.billet;

import app.geminal.billet.Plan;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.Steels;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Bars that were set aside, over HTTP. */
@RestController
class SetAsideController {
  private final SetAsideBars aside;
  private final SteelShelf shelf;

  SetAsideController(SetAsideBars aside, SteelShelf shelf) {
    this.aside = aside;
    this.shelf = shelf;
  }

  /**
   * Bars that wait; sizes of each.
   *
   * @param billetId number of the billet
   * @param billet name of the billet
   * @param stepKey key of the step
   * @param free bars that no other billet has used
   * @param bars the bars set aside
   * @param visibleCount layers as counted in the bar
   * @param section size of the section
   */
  record WaitingView(
      long billetId,
      String billet,
      String stepKey,
      int free,
      StageView.AsideView bars,
      long visibleCount,
      SectionView section) {}

  /**
   * The history of bars as a part's plan.
   *
   * @param plan the plan
   */
  record HistoryView(Plan plan) {}

  /** Bars set aside that no billet has used yet. */
  @Operation(operationId = "listSetAside")
  @GetMapping("/api/v1/set-aside")
  List<WaitingView> waiting() {
    Steels steels = shelf.steels();
    return aside.all().stream()
        .map(w ->
            new WaitingView(
                w.billetId(),
                w.billet(),
                w.leaving().stepKey(),
                w.free(),
                StageView.AsideView.of(w.leaving().bars(), steels),
                w.leaving().bars().visibleCount(),
                SectionView.of(w.leaving().bars().section())))
        .toList();
  }

  /** The plan that bars set aside came from. */
  @Operation(operationId = "setAsideHistory")
  @GetMapping("/api/v1/set-aside/history")
  HistoryView history(
      @RequestParam long billetId, @RequestParam String stepKey, @RequestParam int count) {
    return new HistoryView(aside.history(billetId, stepKey, count));
  }
}

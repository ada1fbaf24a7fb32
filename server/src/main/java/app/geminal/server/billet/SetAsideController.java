package app.geminal.server.billet;

import app.geminal.billet.Plan;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.Steels;
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

  /** Bars that wait; sizes of each. */
  record WaitingView(
      long billetId,
      String billet,
      String stepKey,
      int free,
      StageView.AsideView bars,
      long visibleCount,
      SectionView section) {}

  /** The history of bars as a part's plan. */
  record HistoryView(Plan plan) {}

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

  @GetMapping("/api/v1/set-aside/history")
  HistoryView history(
      @RequestParam long billetId, @RequestParam String stepKey, @RequestParam int count) {
    return new HistoryView(aside.history(billetId, stepKey, count));
  }
}

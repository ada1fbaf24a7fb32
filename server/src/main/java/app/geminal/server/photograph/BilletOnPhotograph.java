package app.geminal.server.photograph;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.server.billet.BilletService;
import app.geminal.server.problem.NotFound;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import org.springframework.stereotype.Component;

/** Finds the stage of a billet that a photograph shows. */
@Component
class BilletOnPhotograph {
  private final BilletService billets;
  private final SteelShelf shelf;
  private final ShopService shops;

  BilletOnPhotograph(BilletService billets, SteelShelf shelf, ShopService shops) {
    this.billets = billets;
    this.shelf = shelf;
    this.shops = shops;
  }

  /**
   * The bars after a step, as the shop would make them.
   *
   * @param run that the step is in
   * @param stage of that Run
   */
  record Shown(Run run, int stage, Steels steels, ShopDefaults defaults) {
    Bars bars() {
      return run.stages().get(stage).bars();
    }
  }

  /**
   * The stage after a step.
   *
   * @param step names of the parts the step is in, then its key, with strokes between
   * @param bar which of its bars, from 0
   */
  Shown shown(long billetId, String step, int bar) {
    Steels steels = shelf.steels();
    ShopDefaults defaults = shops.defaults();
    Run.Found found =
        Run.of(billets.get(billetId).plan(), steels, defaults)
            .find(step)
            .orElseThrow(() -> new NotFound(PhotographText.STEP_NOT_REACHED.with("step", step)));
    Shown shown = new Shown(found.run(), found.stage(), steels, defaults);
    if (bar < 0 || bar >= shown.bars().count()) {
      throw new InvalidValue("bar", PhotographText.NO_SUCH_BAR.with("most", shown.bars().count()));
    }
    return shown;
  }
}

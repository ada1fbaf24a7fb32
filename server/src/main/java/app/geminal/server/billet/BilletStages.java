package app.geminal.server.billet;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.server.problem.NotFound;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import org.springframework.stereotype.Component;

/** Finds the stage of a billet after one of its steps, as the shop would make it. */
@Component
public class BilletStages {
  private final BilletService billets;
  private final SteelShelf shelf;
  private final ShopService shops;

  BilletStages(BilletService billets, SteelShelf shelf, ShopService shops) {
    this.billets = billets;
    this.shelf = shelf;
    this.shops = shops;
  }

  /**
   * A stage with the steels and defaults that it was worked with.
   *
   * @param run that the step is in
   * @param stage of that Run
   */
  public record Reached(Run run, int stage, Steels steels, ShopDefaults defaults) {
    /** Bars of that stage. */
    public Bars bars() {
      return run.stages().get(stage).bars();
    }
  }

  /**
   * The stage after a step.
   *
   * @param step names of the parts the step is in, then its key, with strokes between
   * @throws NotFound where there is no such step, or it cannot be worked
   */
  public Reached after(long billetId, String step) {
    Steels steels = shelf.steels();
    ShopDefaults defaults = shops.defaults();
    Run.Found found =
        Run.of(billets.get(billetId).plan(), steels, defaults)
            .find(step)
            .orElseThrow(() -> new NotFound(BilletText.STEP_NOT_REACHED.with("step", step)));
    return new Reached(found.run(), found.stage(), steels, defaults);
  }

  /**
   * The stage after a step that has a bar.
   *
   * @param bar which of its bars, from 0
   */
  public Reached after(long billetId, String step, int bar) {
    Reached reached = after(billetId, step);
    if (bar < 0 || bar >= reached.bars().count()) {
      throw new InvalidValue("bar", BilletText.NO_SUCH_BAR.with("most", reached.bars().count()));
    }
    return reached;
  }
}

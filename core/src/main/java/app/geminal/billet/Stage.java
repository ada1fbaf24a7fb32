package app.geminal.billet;

import app.geminal.bar.Bars;
import app.geminal.geometry.ShapeChange;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.operation.Fit;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The steel after one step.
 *
 * @param step what was done, empty for the stack itself; a step left out changes nothing
 * @param bars what is on the bench now
 * @param added new steel that came in with this step
 * @param joined steel that came in with bars of parts
 * @param losses steel that left in this step
 * @param aside bars that left for another billet
 * @param joints new joints in each bar
 * @param merged how many visible layers each bar has fewer because touching faces are of one steel
 * @param gone how many whole visible layers fire or grinding took off each bar, from joint faces
 *     before they met too
 * @param meeting steels of which two faces met in a new joint
 * @param fits how parts met the bar
 * @param changes what was done to the bars in this step, in order
 * @param planned the bars as calculated, where they were measured otherwise
 */
public record Stage(
    Optional<Step> step,
    Bars bars,
    Amount added,
    Amount joined,
    List<Loss> losses,
    Optional<Bars> aside,
    int joints,
    long merged,
    long gone,
    Set<String> meeting,
    List<Fit> fits,
    List<ShapeChange> changes,
    Optional<Bars> planned) {

  /** The bars as calculated, measured or not. */
  public Bars calculated() {
    return planned.orElse(bars);
  }

  /** Visible layers of each bar. */
  public long visibleCount() {
    return bars.visibleCount();
  }

  /** Whether the step is left out for now. */
  public boolean isOff() {
    return step.map(Step::off).orElse(false);
  }

  /** The same stage, its bars as they were measured. */
  Stage measured(Bars real, List<Loss> newLosses) {
    return new Stage(
        step,
        real,
        added,
        joined,
        List.copyOf(newLosses),
        aside,
        joints,
        merged,
        gone,
        meeting,
        fits,
        changes,
        Optional.of(bars));
  }
}

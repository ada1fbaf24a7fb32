package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.geometry.BarChange;
import app.geminal.geometry.ShapeChange;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.validation.OrderedCopies;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The step can be done.
 *
 * @param bars as they are after it
 * @param losses steel that left
 * @param added new steel that came in, such as sheets laid between
 * @param joined steel that came in with bars of parts
 * @param layers what the step did to the layers
 * @param aside bars that left for another billet
 * @param taken bars used, by the name of their part
 * @param fits how parts met the bar
 * @param changes what was done to the bars, in order; where their steel is afterwards follows
 */
public record Done(
    Bars bars,
    List<Loss> losses,
    Amount added,
    Amount joined,
    Layers layers,
    Optional<Bars> aside,
    Map<String, Integer> taken,
    List<Fit> fits,
    List<ShapeChange> changes)
    implements OperationResult {

  /** What a step does to the layers on the counting line. */
  public sealed interface Layers {
    /** Nothing, or whole layers off the outside. */
    record Kept() implements Layers {}

    /** They lie another way now and are counted again. */
    record Moved() implements Layers {}

    /**
     * Faces were laid together.
     *
     * @param joints new joints in each resulting bar
     * @param before visible layers that met in one resulting bar, after their faces were ground and
     *     before any of them merged
     * @param ground whole layers that grinding the joint faces took off before they met
     * @param meeting steels of which two faces met; each such pair is one layer from then on
     */
    record Joined(int joints, long before, long ground, Set<String> meeting) implements Layers {
      /** Copies the set. */
      public Joined {
        meeting = OrderedCopies.copyOf(meeting);
      }

      /** Nothing was ground off, and what meets is not reported. */
      Joined(int joints, long before) {
        this(joints, before, 0, Set.of());
      }
    }
  }

  /** Nothing, or whole layers off the outside. */
  public static final Layers KEPT = new Layers.Kept();

  /** They lie another way now and are counted again. */
  public static final Layers MOVED = new Layers.Moved();

  /** Nothing happens. */
  public static Done unchanged(Bars bars) {
    return of(bars);
  }

  /** Bars as they are, and what they lost. */
  public static Done of(Bars bars, Loss... losses) {
    return new Done(
        bars,
        List.of(losses),
        Amount.NONE,
        Amount.NONE,
        KEPT,
        Optional.empty(),
        Map.of(),
        List.of(),
        List.of());
  }

  /** The same, with what it did to the layers. */
  public Done with(Layers newLayers) {
    return new Done(bars, losses, added, joined, newLayers, aside, taken, fits, changes);
  }

  /** Then the bars are changed. */
  public Done then(BarChange change) {
    return by(change, change.of(bars));
  }

  /** Then steel is taken off, and lost. */
  public Done losing(LossKind kind, BarChange change) {
    Done changed = then(change);
    return changed.withLosses(new Loss(kind, bars.amount().minus(changed.bars.amount())));
  }

  /** The bars that a change made of them. */
  Done by(ShapeChange change, Bars newBars) {
    List<ShapeChange> all = new ArrayList<>(changes);
    all.add(change);
    return new Done(newBars, losses, added, joined, layers, aside, taken, fits, List.copyOf(all));
  }

  Done with(Bars newBars) {
    return new Done(newBars, losses, added, joined, layers, aside, taken, fits, changes);
  }

  /** The same, more steel lost. */
  public Done withLosses(Loss... more) {
    List<Loss> all = new ArrayList<>(losses);
    all.addAll(List.of(more));
    return new Done(bars, List.copyOf(all), added, joined, layers, aside, taken, fits, changes);
  }

  Done withAdded(Amount newSteel) {
    return new Done(bars, losses, newSteel, joined, layers, aside, taken, fits, changes);
  }

  Done withAside(Bars bars) {
    return new Done(
        this.bars, losses, added, joined, layers, Optional.of(bars), taken, fits, changes);
  }
}

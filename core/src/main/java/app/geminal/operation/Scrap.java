package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.geometry.Renumbered;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import java.util.List;

/**
 * Bars given up: not worth repair. The others keep their order.
 *
 * @param which of them, counted from 1; 1 to 60 different ones
 */
public record Scrap(List<Integer> which) implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Scrap> KIND =
      OperationKind.of(
          new StepName("scrap", StepName.At.BENCH, 'j'),
          Scrap.class,
          ShorthandText.AFTER_SCRAP,
          (bars, _) -> new Scrap(List.of(bars.count())),
          OperationField.of(
              "which",
              FieldType.bars(1, 60),
              Said.alone().ifMissing(ShorthandText.WRITE_BARS_SCRAPPED)));

  /** Checks and copies the list. */
  public Scrap {
    KIND.check(which);
    which = List.copyOf(which);
  }

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    var missing = BarSelection.missing("which", which, bars);
    if (missing.isPresent()) {
      return missing.get();
    }
    int stay = bars.count() - which.size();
    return Done.of(bars)
        .then(new Renumbered(order(bars.count()), stay, false, Size.of(bars)))
        .withLosses(new Loss(LossKind.SCRAP, bars.times(which.size()).amount()));
  }

  /** Where bars of so many come from, in the order they are numbered afterwards; counted from 0. */
  public List<Integer> order(int count) {
    return BarSelection.order(which, count);
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }
}

package app.geminal.operation;

import app.geminal.bar.Bars;

/** Nothing is done to the bar; a flaw in it is looked at again here before the work continues. */
public record Watch() implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Watch> KIND =
      OperationKind.of(
          new StepName("watch", StepName.At.BENCH, 'h'),
          Watch.class,
          ShorthandText.WRITE_NOTHING_AFTER_WATCH,
          (_, _) -> new Watch());

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return Done.of(bars);
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }
}

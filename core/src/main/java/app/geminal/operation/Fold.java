package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.geometry.Folded;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/**
 * Each bar cut half through and folded on itself, top face to top face: half as long, twice as
 * high, one joint, in which one steel always meets itself. Folded again before the weld, the same
 * happens again.
 *
 * @param endLossMm length of the bar lost with each bent end, cut off later; 0 to 500
 * @param folds one after the other before the next weld; 1 to 6
 */
public record Fold(double endLossMm, int folds) implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Fold> KIND =
      OperationKind.of(
          new StepName("fold", StepName.At.STACK, 'f'),
          Fold.class,
          ShorthandText.AFTER_FOLD,
          (bars, _) -> once(FirstGuess.mm(Math.min(2 * bars.heightMm(), bars.lengthMm() / 4))),
          OperationField.of(
              "endLossMm", FieldType.length(500), Said.apartAfter("end").usually(0.0).always()),
          OperationField.of("folds", FieldType.count(1, 6), Said.beforeSame("times").usually(1))
              .otherwise(1));

  /** Checks both fields. */
  public Fold {
    KIND.check(endLossMm, folds);
  }

  /** Folded once. */
  public static Fold once(double endLossMm) {
    return new Fold(endLossMm, 1);
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    Done folded = Done.of(bars);
    int joints = 0;
    long before = bars.visibleCount();
    Set<String> meeting = new HashSet<>();
    for (int i = 0; i < folds; i++) {
      Bars now = folded.bars();
      Folded over = new Folded(Size.of(now), endLossMm);
      if (over.lengthMm() <= 0) {
        return new Impossible(
            "endLossMm",
            OperationText.BENT_END_TAKES_BAR.with(
                "end", Quantity.mm(endLossMm), "length", Quantity.mm(now.lengthMm())),
            OperationText.DRAW_BAR_LONGER_BEFORE_FOLDING.with());
      }
      meeting.add(now.section().up().topSteel());
      folded = folded.then(over);
      joints = 2 * joints + 1;
      before = Math.multiplyExact(before, 2L);
    }
    Bars after = folded.bars();
    Loss end = new Loss(LossKind.TRIM, bars.amount().minus(after.amount()));
    boolean across = after.section().isCountedAcross();
    return folded
        .withLosses(end)
        .with(
            across
                ? new Done.Layers.Joined(joints, after.visibleCount())
                : new Done.Layers.Joined(joints, before, 0, meeting));
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public Message whyCounted(Laying laid) {
    if (folds == 1 && laid.after().section().isLevel()) {
      return CountText.FOLD.with(
          "steel",
          laid.before().layers().topSteel(),
          "before",
          laid.before().visibleCount(),
          "visible",
          laid.visible());
    }
    return laid.sum(CountText.FOLDED.with("times", folds));
  }

  @Override
  public Optional<Meeting> meeting() {
    return Optional.of(new Meeting(BarFace.TOP, 0, null));
  }

  @Override
  public Work work() {
    return Work.ofCuts(1, folds);
  }
}

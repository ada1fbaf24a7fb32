package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.geometry.Sawn;
import app.geminal.layup.Stack;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Quantity;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * Sawing each bar into pieces of one length: the whole bar into equal ones, or so many of a given
 * length with the rest left over.
 *
 * @param pieces from each bar; 1 to 60, and 2 or more where no length is given
 * @param kerfMm width of the saw cut; 0 to 20
 * @param eachMm length of each piece, or 0 to share out the whole bar; to 3000
 */
public record Cut(int pieces, double kerfMm, double eachMm) implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<Cut> KIND =
      OperationKind.of(
          new StepName("cut", StepName.At.BENCH, 'c'),
          Cut.class,
          ShorthandText.AFTER_CUT,
          (_, shop) -> equal(FirstGuess.PIECES, shop.kerfMm()),
          OperationField.of(
              "pieces",
              FieldType.count(1, 60),
              Said.alone().ifMissing(ShorthandText.WRITE_PIECES_TO_CUT)),
          OperationField.of(
              "kerfMm", FieldType.length(20), Said.after("kerf").usuallyIn(ShopDefaults::kerfMm)),
          OperationField.of(
                  "eachMm", FieldType.length(Stack.LONGEST_MM), Said.after("each").usually(0.0))
              .otherwise(0.0));

  private static final double DUST_MM = 1e-9;

  /** Checks every field. */
  public Cut {
    Require.count("pieces", pieces, eachMm > 0 ? 1 : 2, 60);
    KIND.check(pieces, kerfMm, eachMm);
  }

  /** The whole bar into equal pieces. */
  public static Cut equal(int pieces, double kerfMm) {
    return new Cut(pieces, kerfMm, 0);
  }

  /**
   * Where to scribe a bar.
   *
   * @param fromEndMm where each saw cut begins, from the squared end; the saw takes the kerf beyond
   * @param pieceMm length of each piece
   * @param leftMm what is left over at the far end
   */
  public record Marks(List<Double> fromEndMm, double pieceMm, double leftMm) {}

  /** The marks on a bar of that length, which the cut must fit. */
  public Marks marks(double lengthMm) {
    double piece = pieceMm(lengthMm);
    double rest = lengthMm - pieces * piece - (pieces - 1) * kerfMm;
    boolean lastCut = eachMm > 0 && rest > DUST_MM;
    List<Double> marks = new ArrayList<>();
    for (int i = 1; i <= (lastCut ? pieces : pieces - 1); i++) {
      marks.add(i * piece + (i - 1) * kerfMm);
    }
    return new Marks(marks, piece, lastCut ? Math.max(0, rest - kerfMm) : 0);
  }

  private double pieceMm(double lengthMm) {
    return eachMm > 0 ? eachMm : (lengthMm - kerfMm * (pieces - 1)) / pieces;
  }

  @Override
  public boolean needsSquare() {
    return false;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    double length = pieceMm(bars.lengthMm());
    double needed = pieces * length + (pieces - 1) * kerfMm;
    if (length <= 0 || needed > bars.lengthMm() + DUST_MM) {
      return new Impossible(
          "pieces",
          eachMm > 0
              ? OperationText.PIECES_NEED_MORE.with(
                  "pieces",
                  pieces,
                  "each",
                  Quantity.mm(eachMm),
                  "needed",
                  Quantity.mm(needed),
                  "length",
                  Quantity.mm(bars.lengthMm()))
              : OperationText.SAW_CUTS_USE_UP_BAR.with(
                  "cuts",
                  pieces - 1,
                  "kerf",
                  Quantity.mm(kerfMm),
                  "length",
                  Quantity.mm(bars.lengthMm())),
          OperationText.CUT_FEWER_PIECES.with());
    }
    Size size = Size.of(bars);
    Done sawn =
        Done.of(bars).then(new Sawn(pieces, kerfMm, new Size(length, size.width(), size.height())));
    Bars cut = sawn.bars();
    Bars offcut = bars.withLength(marks(bars.lengthMm()).leftMm());
    Loss kerf = new Loss(LossKind.KERF, bars.amount().minus(cut.amount()).minus(offcut.amount()));
    return offcut.lengthMm() > 0
        ? sawn.withLosses(kerf, new Loss(LossKind.TRIM, offcut.amount()))
        : sawn.withLosses(kerf);
  }

  @Override
  public Work work() {
    return Work.ofCuts(1, pieces - 1);
  }
}

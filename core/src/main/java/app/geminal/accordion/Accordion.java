package app.geminal.accordion;

import app.geminal.bar.Bars;
import app.geminal.geometry.SkinOff;
import app.geminal.geometry.Stretch;
import app.geminal.layup.Stack;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Done;
import app.geminal.operation.FieldType;
import app.geminal.operation.FirstGuess;
import app.geminal.operation.Heated;
import app.geminal.operation.Impossible;
import app.geminal.operation.OperationContext;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.OperationResult;
import app.geminal.operation.Said;
import app.geminal.operation.ScaleLoss;
import app.geminal.operation.StepName;
import app.geminal.units.Quantity;
import com.google.auto.service.AutoService;

/**
 * Cut hot across the bar, from one edge and from the other in turn, opened like an accordion and
 * flattened. Each piece between two cuts stays joined to the next by a hinge at one edge and turns
 * a quarter: the end grain comes to the broad faces, the height of the bar becomes the width of the
 * new one, the pitch its height, and its length is as many widths as there are pieces. What is left
 * over at the back end is trimmed off. A chisel takes no steel away.
 *
 * @param pitchMm from cut to cut along the bar; above 0, to 500
 * @param depthMm of each cut from its edge, less than the width; above 0, to 1000
 * @param flattenToMm height afterwards, or 0 to leave it at the pitch; to 1000
 * @param heats to cut, open and flatten it, 1 to 60; each costs scale at the shop's drawing heat
 */
public record Accordion(double pitchMm, double depthMm, double flattenToMm, int heats)
    implements Heated {
  /** What it is called, and its fields. */
  public static final OperationKind<Accordion> KIND =
      OperationKind.of(
          new StepName("accordion", StepName.At.FORGE, 'v'),
          Accordion.class,
          AccordionText.AFTER_ACCORDION,
          (bars, _) ->
              new Accordion(
                  FirstGuess.mm(FirstGuess.thin(bars)),
                  FirstGuess.mm(bars.widthMm() - FirstGuess.thin(bars) / 4),
                  0,
                  3),
          OperationField.of("pitchMm", FieldType.lengthAboveZero(500), Said.after("pitch")),
          OperationField.of(
              "depthMm", FieldType.lengthAboveZero(Stack.WIDEST_MM), Said.after("depth")),
          OperationField.of(
              "flattenToMm", FieldType.length(Stack.WIDEST_MM), Said.after("to").usually(0.0)),
          OperationField.of("heats", FieldType.heats(), Said.before("heat").usually(1).always()));

  private static final int FEWEST_PIECES = 2;

  /** Makes the kind known. */
  @AutoService(OperationKinds.Further.class)
  public static final class Kind implements OperationKinds.Further {
    @Override
    public OperationKind<Accordion> kind() {
      return KIND;
    }
  }

  /** Checks every field. */
  public Accordion {
    KIND.check(pitchMm, depthMm, flattenToMm, heats);
  }

  /**
   * What is left between the end of a cut and the other edge, mm; 0 or less where it cuts through.
   */
  double hingeMm(Bars bars) {
    return bars.widthMm() - depthMm;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    return ScaleLoss.inHeats(this, bars, bench.defaults(), this::opened);
  }

  private OperationResult opened(Done scaled) {
    Bars bars = scaled.bars();
    if (hingeMm(bars) <= 0) {
      return new Impossible(
          "depthMm",
          AccordionText.CUTS_THROUGH.with(
              "depth", Quantity.mm(depthMm), "width", Quantity.mm(bars.widthMm())),
          AccordionText.CUT_LESS_DEEP.with());
    }
    int pieces = (int) Math.floor(bars.lengthMm() / pitchMm + 1e-9);
    if (pieces < FEWEST_PIECES) {
      return new Impossible(
          "pitchMm",
          AccordionText.TOO_FEW_PIECES.with(
              "pitch", Quantity.mm(pitchMm), "length", Quantity.mm(bars.lengthMm())),
          AccordionText.CUT_CLOSER.with());
    }
    if (flattenToMm > pitchMm) {
      return new Impossible(
          "flattenToMm",
          AccordionText.NOT_SO_HIGH.with("height", Quantity.mm(flattenToMm)),
          AccordionText.FLATTEN_FURTHER.with("pitch", Quantity.mm(pitchMm)));
    }
    double overMm = Math.max(0, bars.lengthMm() - pieces * pitchMm);
    Done even = scaled.losing(LossKind.TRIM, SkinOff.ends(bars, 0, overMm));
    Done opened =
        even.then(new Unfolded(pieces, pitchMm, bars.widthMm(), bars.section().heightMm()));
    Done flat =
        flattenToMm == 0
            ? opened
            : opened.then(Stretch.toSection(opened.bars(), opened.bars().widthMm(), flattenToMm));
    return flat.with(Done.MOVED);
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }
}

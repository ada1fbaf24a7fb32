package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All bars at hand laid side by side, with other bars to their left and right: edge, core, spine.
 * Heights must agree; what is higher is ground down to the lowest, or shims bring the lower ones
 * up.
 *
 * @param turns which way the bars at hand are laid, left to right, gone through again and again; 1
 *     to 60
 * @param left laid to their left, outermost first; 0 to 20
 * @param right laid to their right, outermost last; 0 to 20
 * @param shims laid on each bar at hand, bottom first; 0 to 5
 * @param faceGrindMm ground off each forged side that meets another; 0 to 20
 */
public record LayUp(
    List<Turn> turns, List<Laid> left, List<Laid> right, List<Piece> shims, double faceGrindMm)
    implements Operation {
  /** What it is called, and its fields. */
  public static final OperationKind<LayUp> KIND =
      OperationKind.of(
          new StepName("layup", StepName.At.STACK, 'b'),
          LayUp.class,
          ShorthandText.AFTER_LAYUP,
          (bars, shop) ->
              new LayUp(
                  Restack.ALL_SAME,
                  List.of(new Piece(FirstGuess.steel(bars), FirstGuess.mm(bars.widthMm() / 4))),
                  List.of(),
                  List.of(),
                  shop.faceGrindMm()),
          OperationField.of(
              "turns",
              FieldType.choices(Turn.class, 60),
              Said.alone().usually(Restack.ALL_SAME).always()),
          OperationField.of("left", FieldType.laid(20), Said.after("left").usually(List.of())),
          OperationField.of("right", FieldType.laid(20), Said.after("right").usually(List.of())),
          OperationField.of("shims", FieldType.pieces(5), Said.after("shim").usually(List.of())),
          OperationField.of("faceGrindMm", FieldType.length(20), Said.after("ground").usually(0.0))
              .otherwise(0.0));

  /** Checks every field and copies the lists. */
  public LayUp {
    KIND.check(turns, left, right, shims, faceGrindMm);
    turns = List.copyOf(turns);
    left = List.copyOf(left);
    right = List.copyOf(right);
    shims = List.copyOf(shims);
  }

  @Override
  public Map<String, List<? extends Laid>> laid() {
    Map<String, List<? extends Laid>> laid = new LinkedHashMap<>();
    laid.put("left", left);
    laid.put("right", right);
    laid.put("shims", shims);
    return laid;
  }

  @Override
  public OperationResult applyTo(Bars bars, OperationContext bench) {
    if (bars.count() < 2 && left.isEmpty() && right.isEmpty()) {
      return new Impossible(
          "",
          OperationText.NOTHING_TO_PUT_BESIDE.with(),
          OperationText.CUT_BAR_FIRST_OR_ADD_PART.with());
    }
    List<Laid> all = new ArrayList<>(left);
    all.addAll(right);
    var missing = BlockBuilder.missing(bench, all, 1);
    if (missing.isPresent()) {
      return missing.get();
    }
    BlockBuilder laying = new BlockBuilder(BlockBuilder.Axis.ACROSS, bars, shims, bench);
    laying.all(left);
    for (int i = 0; i < bars.count(); i++) {
      laying.own(turns.get(i % turns.size()));
    }
    laying.all(right);
    return laying.block(1, faceGrindMm);
  }

  /** The same with other bars to its left and right. */
  public LayUp withSides(List<Laid> newLeft, List<Laid> newRight) {
    return new LayUp(turns, newLeft, newRight, shims, faceGrindMm);
  }

  /** The same with other shims on the bars at hand. */
  public LayUp withShims(List<Piece> newShims) {
    return new LayUp(turns, left, right, newShims, faceGrindMm);
  }

  @Override
  public boolean keepsTheMiddle() {
    return false;
  }

  @Override
  public Message whyCounted(Laying laid) {
    return laid.sum(
        CountText.SIDE_BY_SIDE.with("bars", laid.before().count() + left.size() + right.size()));
  }

  @Override
  public boolean needsSolidBars() {
    return false;
  }

  @Override
  public Optional<Meeting> meeting() {
    return Optional.of(
        new Meeting(BarFace.SIDES, faceGrindMm, mm -> new LayUp(turns, left, right, shims, mm)));
  }

  @Override
  public int timesLaid(String field, int bars) {
    return field.equals("shims") ? bars : 1;
  }
}

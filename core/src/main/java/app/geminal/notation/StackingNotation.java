package app.geminal.notation;

import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import app.geminal.operation.Fold;
import app.geminal.operation.FourWay;
import app.geminal.operation.LayUp;
import app.geminal.operation.Restack;
import app.geminal.operation.Sandwich;
import java.util.List;

/** Steps that lay bars together: restack, fold, fourway, sandwich, layup. Package use only. */
final class StackingNotation {
  /** A clause that says which way bars are laid. */
  private static final String TURNS =
      "same|turned|end|quarter|\\(\\s*(same|over|end|quarter)\\b.*\\)|[a-z]+";

  private final Reading reading;
  private final PieceNotation pieces;

  StackingNotation(Reading reading, PieceNotation pieces) {
    this.reading = reading;
    this.pieces = pieces;
  }

  Restack restack(Clauses said) {
    List<Laid> between = said.after("with").map(pieces::laid).orElse(List.of());
    double ground = said.after("ground").map(reading::mm).orElse(0.0);
    Restack restack =
        new Restack(
            said.nextIf(TURNS).map(pieces::turns).orElse(Restack.ALL_SAME), between, ground);
    said.end(NotationText.AFTER_RESTACK.with());
    return restack;
  }

  String write(Restack restack) {
    return "restack "
        + PieceNotation.write(restack.turns())
        + (restack.between().isEmpty() ? "" : ", with " + pieces.group(restack.between()))
        + ground(restack.faceGrindMm());
  }

  Fold fold(Clauses said) {
    Fold fold =
        new Fold(
            said.after("end").map(reading::mm).orElse(0.0),
            said.before("times").map(Reading::count).orElse(1));
    said.end(NotationText.AFTER_FOLD.with());
    return fold;
  }

  String write(Fold fold) {
    return "fold, end "
        + reading.mm(fold.endLossMm())
        + (fold.folds() == 1 ? "" : ", " + fold.folds() + " times");
  }

  FourWay fourWay(Clauses said) {
    double kerf = said.after("kerf").map(reading::mm).orElse(reading.defaults().kerfMm());
    FourWay fourWay = new FourWay(said.oneOf(Turn.values(), Turn::word, Turn.SAME), kerf);
    said.end(NotationText.AFTER_FOURWAY.with());
    return fourWay;
  }

  String write(FourWay fourWay) {
    return "fourway "
        + fourWay.turn().word()
        + (fourWay.kerfMm() == reading.defaults().kerfMm()
            ? ""
            : ", kerf " + reading.mm(fourWay.kerfMm()));
  }

  Sandwich sandwich(Clauses said) {
    List<Laid> below = said.after("below").map(pieces::laid).orElse(List.of());
    List<Laid> above = said.after("above").map(pieces::laid).orElse(List.of());
    double ground = said.after("ground").map(reading::mm).orElse(0.0);
    Sandwich sandwich =
        below.isEmpty() && above.isEmpty()
            ? Sandwich.bothSides(pieces.laid(said.next(NotationText.WRITE_CLADDING.with())), ground)
            : new Sandwich(below, above, ground);
    said.end(NotationText.AFTER_SANDWICH.with());
    return sandwich;
  }

  String write(Sandwich sandwich) {
    String round =
        sandwich.isMirrored()
            ? pieces.group(sandwich.above())
            : String.join(
                ", ",
                java.util.stream.Stream.of(
                        sandwich.below().isEmpty() ? "" : "below " + pieces.group(sandwich.below()),
                        sandwich.above().isEmpty() ? "" : "above " + pieces.group(sandwich.above()))
                    .filter(s -> !s.isEmpty())
                    .toList());
    return "sandwich " + round + ground(sandwich.faceGrindMm());
  }

  LayUp layUp(Clauses said) {
    List<Laid> left = said.after("left").map(pieces::laid).orElse(List.of());
    List<Laid> right = said.after("right").map(pieces::laid).orElse(List.of());
    List<Piece> shims = said.after("shim").map(pieces::pieces).orElse(List.of());
    double ground = said.after("ground").map(reading::mm).orElse(0.0);
    LayUp layUp =
        new LayUp(
            said.nextIf(TURNS).map(pieces::turns).orElse(Restack.ALL_SAME),
            left,
            right,
            shims,
            ground);
    said.end(NotationText.AFTER_LAYUP.with());
    return layUp;
  }

  String write(LayUp layUp) {
    return "layup "
        + PieceNotation.write(layUp.turns())
        + (layUp.left().isEmpty() ? "" : ", left " + pieces.group(layUp.left()))
        + (layUp.right().isEmpty() ? "" : ", right " + pieces.group(layUp.right()))
        + (layUp.shims().isEmpty() ? "" : ", shim " + pieces.group(layUp.shims()))
        + ground(layUp.faceGrindMm());
  }

  private String ground(double mm) {
    return mm == 0 ? "" : ", ground " + reading.mm(mm);
  }
}

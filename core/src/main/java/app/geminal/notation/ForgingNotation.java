package app.geminal.notation;

import app.geminal.layup.Piece;
import app.geminal.operation.Draw;
import app.geminal.operation.Resquare;
import app.geminal.operation.RollUp;
import app.geminal.operation.Twist;
import app.geminal.operation.Upset;
import app.geminal.shop.Tool;
import java.util.List;
import java.util.regex.Pattern;

/** Steps that shape a bar hot: draw, twist, resquare, upset, roll. Package use only. */
final class ForgingNotation {
  /** Heats of a step that says none. */
  static final int USUAL_HEATS = 1;

  private static final Pattern BY = Pattern.compile("[x×*]");

  private final Reading reading;
  private final PieceNotation pieces;

  ForgingNotation(Reading reading, PieceNotation pieces) {
    this.reading = reading;
    this.pieces = pieces;
  }

  Draw draw(Span text, Clauses said) {
    List<Span> sides = said.next(NotationText.WRITE_SECTION.with()).split(BY);
    if (sides.size() != 2) {
      throw text.misread(NotationText.WRITE_BOTH_SIDES.with());
    }
    Draw draw =
        new Draw(
            reading.mm(sides.get(0)),
            reading.mm(sides.get(1)),
            said.heats(USUAL_HEATS),
            said.oneOf(Tool.values(), Tool::word, reading.defaults().drawTool()));
    said.end(NotationText.AFTER_DRAW.with());
    return draw;
  }

  String write(Draw draw) {
    return "draw "
        + reading.mm(draw.widthMm())
        + " x "
        + reading.mm(draw.heightMm())
        + heats(draw.heats())
        + (draw.tool() == reading.defaults().drawTool() ? "" : ", " + draw.tool().word());
  }

  Twist twist(Clauses said) {
    double turns =
        Reading.number(
            said.before("turns?").orElseGet(() -> said.next(NotationText.WRITE_TURNS.with())));
    Twist twist =
        new Twist(
            turns,
            said.before("sections?").map(Reading::count).orElse(1),
            said.oneOf(Twist.Hand.values(), Twist.Hand::word, Twist.Hand.RIGHT),
            !said.flag("square"),
            said.heats(USUAL_HEATS));
    said.end(NotationText.AFTER_TWIST.with());
    return twist;
  }

  String write(Twist twist) {
    return "twist "
        + Reading.plain(twist.turns())
        + (twist.sections() == 1 ? "" : ", " + Reading.counted(twist.sections(), "section"))
        + (twist.hand() == Twist.Hand.RIGHT ? "" : ", " + twist.hand().word())
        + (twist.rounded() ? "" : ", square")
        + heats(twist.heats());
  }

  Resquare resquare(Clauses said) {
    Resquare resquare =
        new Resquare(
            said.nextIf("[\\d.]+\\s*°?")
                .map(s -> new Span(s.text().replace("°", "").strip(), s.from()))
                .map(Reading::number)
                .orElse(45.0),
            said.after("to").map(reading::mm).orElse(0.0),
            said.heats(USUAL_HEATS));
    said.end(NotationText.AFTER_RESQUARE.with());
    return resquare;
  }

  String write(Resquare resquare) {
    return "resquare "
        + Reading.plain(resquare.angleDeg())
        + (resquare.sideMm() == 0 ? "" : ", to " + reading.mm(resquare.sideMm()))
        + heats(resquare.heats());
  }

  Upset upset(Clauses said) {
    Upset upset =
        new Upset(
            Reading.percent(said.next(NotationText.WRITE_REDUCTION.with())),
            said.after("bow").map(reading::mm).orElse(0.0),
            said.heats(USUAL_HEATS));
    said.end(NotationText.AFTER_UPSET.with());
    return upset;
  }

  String write(Upset upset) {
    return "upset "
        + Reading.percent(upset.reduction())
        + (upset.bowMm() == 0 ? "" : ", bow " + reading.mm(upset.bowMm()))
        + heats(upset.heats());
  }

  RollUp roll(Clauses said) {
    boolean round = said.flag("round");
    boolean square = said.flag("square") || !round;
    List<Piece> core = said.after("core").map(pieces::pieces).orElse(List.of());
    RollUp roll =
        new RollUp(square, core.isEmpty() ? null : core.getFirst(), said.heats(USUAL_HEATS));
    said.end(NotationText.AFTER_ROLL.with());
    return roll;
  }

  String write(RollUp roll) {
    Piece core = roll.core();
    return "roll "
        + (roll.square() ? "square" : "round")
        + (core == null ? "" : ", core " + pieces.group(List.of(core)))
        + heats(roll.heats());
  }

  private static String heats(int heats) {
    return ", " + Reading.counted(heats, "heat");
  }
}

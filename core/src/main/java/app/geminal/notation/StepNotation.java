package app.geminal.notation;

import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Dimples;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.FourWay;
import app.geminal.operation.Grind;
import app.geminal.operation.Ladder;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.Resquare;
import app.geminal.operation.Restack;
import app.geminal.operation.RollUp;
import app.geminal.operation.Sandwich;
import app.geminal.operation.Scrap;
import app.geminal.operation.SetAside;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.operation.Twist;
import app.geminal.operation.Upset;
import app.geminal.operation.Watch;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One step, read and written. Package use only. */
final class StepNotation {
  private static final Pattern WORD = Pattern.compile("(\\p{L}+)(.*)", Pattern.DOTALL);

  private final SetNotation set;
  private final ForgingNotation forging;
  private final BenchNotation bench;
  private final StackingNotation laying;

  StepNotation(Reading reading, PieceNotation pieces) {
    this.set = new SetNotation(reading);
    this.forging = new ForgingNotation(reading, pieces);
    this.bench = new BenchNotation(reading);
    this.laying = new StackingNotation(reading, pieces);
  }

  Operation read(Span text) {
    Matcher m = WORD.matcher(text.text());
    if (!m.matches()) {
      throw text.misread(NotationText.WRITE_STEP_HERE.with("steps", NotationText.STEPS.with()));
    }
    Span rest = text.after(m.start(2));
    String word = m.group(1);
    return Reading.checked(
        text,
        () ->
            switch (word.toLowerCase(Locale.ROOT)) {
              case "set", "weld" -> set.read(rest);
              case "draw" -> forging.draw(text, new Clauses(rest));
              case "trim" -> bench.trim(new Clauses(rest));
              case "grind" -> bench.grind(new Clauses(rest));
              case "cut" -> bench.cut(new Clauses(rest));
              case "scrap" -> bench.scrap(new Clauses(rest));
              case "watch" -> bench.watch(new Clauses(rest));
              case "aside" -> bench.aside(new Clauses(rest));
              case "restack" -> laying.restack(new Clauses(rest));
              case "fold" -> laying.fold(new Clauses(rest));
              case "twist" -> forging.twist(new Clauses(rest));
              case "resquare" -> forging.resquare(new Clauses(rest));
              case "upset" -> forging.upset(new Clauses(rest));
              case "roll" -> forging.roll(new Clauses(rest));
              case "fourway" -> laying.fourWay(new Clauses(rest));
              case "ladder" -> bench.ladder(new Clauses(rest));
              case "dimples" -> bench.dimples(new Clauses(rest));
              case "uneven" -> bench.uneven(new Clauses(rest));
              case "sandwich" -> laying.sandwich(new Clauses(rest));
              case "layup" -> laying.layUp(new Clauses(rest));
              case "blade" -> bench.blade(text, new Clauses(rest));
              default ->
                  throw text.misread(
                      NotationText.NOT_A_STEP.with(
                          "word", word, "steps", NotationText.STEPS.with()));
            });
  }

  String write(Operation operation) {
    return switch (operation) {
      case SetWeld weld -> set.write(weld);
      case Draw draw -> forging.write(draw);
      case Trim trim -> bench.write(trim);
      case Grind grind -> bench.write(grind);
      case Cut cut -> bench.write(cut);
      case SetAside aside -> bench.write(aside);
      case Scrap scrap -> bench.write(scrap);
      case Watch _ -> "watch";
      case Restack restack -> laying.write(restack);
      case Fold fold -> laying.write(fold);
      case Twist twist -> forging.write(twist);
      case Resquare resquare -> forging.write(resquare);
      case Upset upset -> forging.write(upset);
      case RollUp roll -> forging.write(roll);
      case FourWay fourWay -> laying.write(fourWay);
      case Ladder ladder -> bench.write(ladder);
      case Dimples dimples -> bench.write(dimples);
      case ForgedSurface surface -> bench.write(surface);
      case Sandwich sandwich -> laying.write(sandwich);
      case LayUp layUp -> laying.write(layUp);
      case Blade blade -> bench.write(blade);
    };
  }
}

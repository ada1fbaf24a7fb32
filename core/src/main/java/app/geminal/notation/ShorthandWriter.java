package app.geminal.notation;

import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Lay;
import app.geminal.operation.Operation;
import app.geminal.operation.Practice;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.units.Lengths;
import app.geminal.units.Temperatures;
import app.geminal.units.UnitSystem;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Package use only; see {@link Shorthand}. */
final class ShorthandWriter {
  private static final String STEP = " > ";
  private static final int LONGEST_PATTERN = 6;

  private final UnitSystem units;
  private final Practice practice;

  ShorthandWriter(UnitSystem units, Practice practice) {
    this.units = units;
    this.practice = practice;
  }

  String plan(Plan plan) {
    List<String> parts = new ArrayList<>();
    parts.add(stack(plan.stack()));
    plan.steps().stream().map(Step::operation).map(this::operation).forEach(parts::add);
    return String.join(STEP, parts);
  }

  String operation(Operation operation) {
    return switch (operation) {
      case SetWeld weld -> set(weld);
      case Draw draw ->
          "draw " + mm(draw.widthMm()) + " x " + mm(draw.heightMm()) + ", " + heats(draw.heats());
      case Trim trim ->
          "trim "
              + mm(trim.frontMm())
              + ", "
              + mm(trim.backMm())
              + (trim.sidesMm() == 0 ? "" : ", sides " + mm(trim.sidesMm()));
      case Grind grind -> "grind " + mm(grind.bottomMm()) + ", " + mm(grind.topMm());
      case Cut cut ->
          "cut "
              + cut.pieces()
              + (cut.kerfMm() == practice.kerfMm() ? "" : ", kerf " + mm(cut.kerfMm()));
      case Restack restack ->
          "restack "
              + (restack.lay() == Lay.SAME ? "same" : "turned")
              + (restack.between().isEmpty() ? "" : " with " + group(restack.between(), 0));
      case Fold fold -> "fold, end " + mm(fold.endLossMm());
    };
  }

  private String set(SetWeld weld) {
    SetWeld usual = SetWeld.of(practice);
    StringBuilder words = new StringBuilder("set ").append(weld.heats());
    if (weld.reduction() != usual.reduction()) {
      words.append(' ').append(plain(BigDecimal.valueOf(weld.reduction()).movePointRight(2)));
      words.append('%');
    }
    if (weld.temperatureC() != usual.temperatureC()) {
      words.append(' ').append(Temperatures.format(weld.temperatureC(), units));
    }
    if (weld.soakMin() != usual.soakMin()) {
      words.append(' ').append(plain(BigDecimal.valueOf(weld.soakMin()))).append("min");
    }
    if (weld.school() != usual.school()) {
      words.append(' ').append(weld.school().word());
    }
    return words.toString();
  }

  /** Groups that follow a short pattern are written as a number and the pattern. */
  private String stack(Stack stack) {
    List<String> groups = new ArrayList<>();
    List<Piece> rest = stack.pieces();
    List<Piece> single = new ArrayList<>();
    while (!rest.isEmpty()) {
      Pattern pattern = Pattern.at(rest);
      if (!pattern.isWorthSaying(stack.pieces().size())) {
        single.add(rest.getFirst());
        rest = rest.subList(1, rest.size());
        continue;
      }
      flush(single, groups);
      groups.add(group(rest.subList(0, pattern.length()), pattern.covers()));
      rest = rest.subList(pattern.covers(), rest.size());
    }
    flush(single, groups);
    return String.join(" + ", groups) + " " + mm(stack.widthMm()) + " x " + mm(stack.lengthMm());
  }

  private void flush(List<Piece> single, List<String> groups) {
    if (!single.isEmpty()) {
      groups.add(group(single, 0));
      single.clear();
    }
  }

  private String group(List<Piece> pieces, int times) {
    return (times > 0 ? times + " " : "")
        + "("
        + String.join(
            ", ", pieces.stream().map(p -> p.steel() + " " + mm(p.thicknessMm())).toList())
        + ")";
  }

  private String mm(double value) {
    return Lengths.format(value, units);
  }

  private static String heats(int n) {
    return n + (n == 1 ? " heat" : " heats");
  }

  private static String plain(BigDecimal value) {
    return value.stripTrailingZeros().toPlainString();
  }

  /** The pattern that carries on furthest from the start of a list of pieces. */
  private record Pattern(int length, int covers) {
    /** When it is repeated in full, or carries on through the whole stack. */
    boolean isWorthSaying(int stack) {
      return covers >= 3 && (covers >= 2 * length || covers == stack);
    }

    static Pattern at(List<Piece> pieces) {
      Pattern best = new Pattern(1, 1);
      for (int length = 1; length <= Math.min(LONGEST_PATTERN, pieces.size()); length++) {
        int covers = length;
        while (covers < pieces.size() && pieces.get(covers).equals(pieces.get(covers % length))) {
          covers++;
        }
        if (covers > best.covers() && covers > length) {
          best = new Pattern(length, covers);
        }
      }
      return best;
    }
  }
}

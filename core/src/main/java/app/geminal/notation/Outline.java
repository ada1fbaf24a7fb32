package app.geminal.notation;

import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.layup.Stack;
import app.geminal.layup.Turn;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.FirstGuess;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * A first whole plan from a stack and the restacks wanted: between two restacks the bar is set,
 * drawn down until its pieces make about the first height again, trimmed and cut, and their mating
 * faces ground. Meant to be changed.
 */
public final class Outline {
  private static final int MOST_RESTACKS = 6;
  private static final int HEATS_PER_DRAW = 4;

  private Outline() {}

  /**
   * One restack.
   *
   * @param cut pieces the bar is cut into, 2 to 60
   * @param turns which way they are laid, gone through again and again
   */
  public record Round(int cut, List<Turn> turns) {
    /** Checks both fields. */
    public Round {
      Require.count("cut", cut, 2, 60);
      turns = Require.list("turns", turns, 1, 60);
    }
  }

  /** Builds the plan; without restacks it is the stack and its first weld. */
  public static Plan of(Stack stack, List<Round> rounds, Steels steels, ShopDefaults defaults) {
    List<Round> wanted = Require.list("restacks", rounds, 0, MOST_RESTACKS);
    List<Operation> steps = new ArrayList<>(List.of(SetWeld.of(defaults)));
    for (Round round : wanted) {
      Bars set = Run.of(Plan.of(stack, steps), steels, defaults).last().bars();
      steps.add(
          new Draw(
              stack.widthMm(),
              Math.max(FirstGuess.mm(stack.heightMm() / round.cut()), 2),
              HEATS_PER_DRAW,
              defaults.drawTool()));
      steps.add(new Trim(defaults.endTrimMm(), defaults.endTrimMm(), 0));
      steps.add(Cut.equal(round.cut(), defaults.kerfMm()));
      boolean thick = set.heightMm() / round.cut() > 4 * defaults.faceGrindMm();
      steps.add(new Restack(round.turns(), List.of(), thick ? defaults.faceGrindMm() : 0));
      steps.add(SetWeld.of(defaults));
    }
    return Plan.of(stack, steps);
  }
}

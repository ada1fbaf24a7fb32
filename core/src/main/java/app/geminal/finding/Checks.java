package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Dimples;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.FourWay;
import app.geminal.operation.Grind;
import app.geminal.operation.Heated;
import app.geminal.operation.Ladder;
import app.geminal.operation.LayUp;
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
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Runs every check on a worked-through plan. Parts are checked as Runs of their own. */
public final class Checks {
  private Checks() {}

  /** All findings, safety first, then by severity, then down the Run. */
  public static List<Finding> of(Run run, Steels steels, Shop shop, ShopKnowledge known) {
    List<Finding> found = new ArrayList<>();
    found.addAll(StackChecks.of(run, shop));
    found.addAll(CoatingChecks.of(run));
    for (int i = 0; i < run.stages().size(); i++) {
      if (run.stages().get(i).isOff()) {
        continue;
      }
      found.addAll(LayerChecks.merging(run, i, shop.defaults()));
      found.addAll(LayerChecks.gone(run, i));
      if (i > 0) {
        StepContext at = new StepContext(run, i, shop, steels);
        found.addAll(step(at));
        if (at.operation() instanceof Heated) {
          found.addAll(CopperChecks.heated(at, shop.defaults().drawTemperatureC()));
        }
        found.addAll(MachineChecks.of(at));
        found.addAll(FitChecks.of(at));
      }
    }
    found.addAll(LayerChecks.fineness(run, shop.limits()));
    found.addAll(PairChecks.of(run, steels, shop.defaults(), known));
    found.addAll(PartChecks.of(run, known));
    found.addAll(FinishChecks.of(run, shop));
    found.sort(
        Comparator.comparing((Finding f) -> !f.safety())
            .thenComparing(Finding::severity)
            .thenComparingInt(Finding::stage));
    return List.copyOf(found);
  }

  private static List<Finding> step(StepContext at) {
    return switch (at.operation()) {
      case SetWeld weld -> {
        List<Finding> found = new ArrayList<>(WeldChecks.of(at, weld));
        found.addAll(SoakChecks.of(at, weld));
        found.addAll(OxygenChecks.of(at, weld));
        yield found;
      }
      case Cut cut -> {
        List<Finding> found = new ArrayList<>(WeldChecks.notWelded(at));
        found.addAll(FinishChecks.cutPieces(at, cut));
        yield found;
      }
      case Draw draw -> both(WeldChecks.notWelded(at), DrawChecks.of(at, draw));
      case Fold _ -> both(WeldChecks.notWelded(at), FaceChecks.fold(at));
      case Restack restack -> both(WeldChecks.notWelded(at), FaceChecks.restack(at, restack));
      case Twist twist -> both(WeldChecks.notWelded(at), PatternChecks.twist(at, twist));
      case Resquare _ -> both(WeldChecks.notWelded(at), PatternChecks.square(at));
      case Upset _ -> WeldChecks.notWelded(at);
      case RollUp _ -> WeldChecks.notWelded(at);
      case FourWay _ -> both(WeldChecks.notWelded(at), PatternChecks.square(at));
      case Ladder ladder -> both(WeldChecks.notWelded(at), PatternChecks.hollows(at, ladder));
      case Dimples dimples -> both(WeldChecks.notWelded(at), PatternChecks.hollows(at, dimples));
      case Blade blade -> both(WeldChecks.notWelded(at), PatternChecks.blade(at, blade));
      case ForgedSurface _ -> WeldChecks.notWelded(at);
      case Sandwich sandwich -> FaceChecks.sandwich(at, sandwich);
      case LayUp layUp -> FaceChecks.layUp(at, layUp);
      case Trim _, Grind _, SetAside _, Scrap _, Watch _ -> List.of();
    };
  }

  private static List<Finding> both(List<Finding> some, List<Finding> others) {
    List<Finding> all = new ArrayList<>(some);
    all.addAll(others);
    return all;
  }
}

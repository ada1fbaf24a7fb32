package app.geminal.bench;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.finding.Checks;
import app.geminal.finding.Finding;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Soak;
import app.geminal.library.ShippedSteels;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.units.Text;
import app.geminal.units.UnitSystem;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A plan of twenty steps worked through, and checked. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(2)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class EvaluateBenchmark {
  private static final String ROUND =
      " > draw 38 x 6, 4 heats > trim 5, 5 > cut %d > restack same, ground 0.2 > set 3";

  private final Steels steels = ShippedSteels.read();
  private final Shop shop = Shop.common();
  private final Plan usual = plan(21, 4, 4, 3, " > trim 5, 5 > grind 0.2 > grind 0.1 > trim 1, 1");

  /** 21 pieces put together three times ten-fold, and on: a million layers at the saw. */
  private final Plan million =
      plan(21, 40, 40, 30, " > trim 1, 1 > grind 0.1 > grind 0.1 > trim 1");

  private Plan plan(int pieces, int first, int second, int third, String end) {
    String line =
        pieces
            + " (1075 3.2, 15N20 1.5) 38 x 2000 > set 3"
            + Text.of(ROUND, first)
            + Text.of(ROUND, second)
            + Text.of(ROUND, third)
            + end;
    Plan plan = Shorthand.parse(line, UnitSystem.METRIC, shop.defaults());
    if (plan.steps().size() != 20) {
      throw new IllegalStateException("The benchmark is for 20 steps.");
    }
    return plan;
  }

  /** Sizes, both counts and losses of about a thousand layers. */
  @Benchmark
  public Run usual() {
    return Run.of(usual, steels, shop.defaults());
  }

  /** The same for a million layers. */
  @Benchmark
  public Run million() {
    return Run.of(million, steels, shop.defaults());
  }

  /** All findings too. */
  @Benchmark
  public List<Finding> usualWithFindings() {
    return Checks.of(Run.of(usual, steels, shop.defaults()), steels, shop, ShopKnowledge.nothing());
  }

  /** One soak calculated from nothing; a plan's soak is remembered from its first evaluation on. */
  @Benchmark
  public Soak.Answer soak() {
    return Soak.calculate(BarHeat.Of.solid(38, 50, 150).loose(2.4), 20, 1180, 5, 15);
  }

  /** All findings of a million layers. */
  @Benchmark
  public List<Finding> millionWithFindings() {
    return Checks.of(
        Run.of(million, steels, shop.defaults()), steels, shop, ShopKnowledge.nothing());
  }
}

package app.geminal.bench;

import app.geminal.compatibility.Pairing;
import app.geminal.compatibility.SteelQuestion;
import app.geminal.library.ShippedSteels;
import app.geminal.steel.Steel;
import app.geminal.weld.AtmosphereProtection;
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
import org.openjdk.jmh.infra.Blackhole;

/** The map of all pairs of the shipped steels, once. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(2)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class PairMapBenchmark {
  private final List<Steel> steels = ShippedSteels.read().all();

  /** Every pair of all 51 steels: 1275 verdicts. */
  @Benchmark
  public void allShippedPairs(Blackhole hole) {
    map(steels, hole);
  }

  /** Every pair of 45 steels: 990 verdicts. */
  @Benchmark
  public void fortyFiveSteels(Blackhole hole) {
    map(steels.subList(0, 45), hole);
  }

  private static void map(List<Steel> steels, Blackhole hole) {
    for (int i = 0; i < steels.size(); i++) {
      for (int k = 0; k < i; k++) {
        hole.consume(
            Pairing.of(
                SteelQuestion.mixed(
                    AtmosphereProtection.BORAX, List.of(steels.get(i), steels.get(k)))));
      }
    }
  }
}

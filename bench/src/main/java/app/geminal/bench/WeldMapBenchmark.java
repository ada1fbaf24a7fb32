package app.geminal.bench;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.shop.FacePrep;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weldmap.Bite;
import app.geminal.weldmap.HotStrength;
import app.geminal.weldmap.PatchGrid;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldSetup;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Weld maps: 30 joints of 32 patches, 64 samples, one heat of twenty minutes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class WeldMapBenchmark {
  private static final int JOINTS = 30;

  private final WeldSetup weld =
      new WeldSetup(
          new BarHeat.Of(38, 75, 150, 75.0 / (JOINTS + 1), BarHeat.Of.USUAL_GAP),
          IntStream.rangeClosed(1, JOINTS).mapToObj(j -> (double) j / (JOINTS + 1)).toList(),
          1110,
          new WeldSetup.Fire(1240, 6, Atmosphere.RICH, List.of(20.0)),
          new WeldSetup.Squeeze(
              0.05,
              Bite.fromTheMiddle(3, 60, 150),
              0.2,
              400,
              HotStrength.of(celsius -> 50),
              0.03,
              0.1),
          new WeldSetup.Faces(
              AtmosphereProtection.BORAX, Jacket.BEAD, FacePrep.GROUND, 0.02, 0.03));

  private final List<Sample> ensemble = Sample.ensemble();

  /** The whole map. */
  @Benchmark
  public double mapOfThirtyJoints() {
    return WeldMap.of(List.of(weld), ensemble, PatchGrid.USUAL).chance();
  }
}

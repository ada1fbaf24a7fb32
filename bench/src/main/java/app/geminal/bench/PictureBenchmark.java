package app.geminal.bench;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.library.ShippedSteels;
import app.geminal.library.picture.Png;
import app.geminal.notation.Shorthand;
import app.geminal.pattern.Field;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.Picture;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.pattern.View;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.units.UnitSystem;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The ground face of a plan of twelve steps, 1280 × 800 pixels, and its first coarse picture. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(2)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class PictureBenchmark {
  private static final String WORKED =
      "15 (1075 3.2, 15N20 1.5) 38 x 150 > set 3 > draw 38 x 8 > trim 10, 10 > cut 5 > restack same"
          + " > set 3 > draw 18 x 18";

  /** What follows the seven steps that lay the layers flat; twelve in all. */
  @Param({"twisted", "grooved", "tiled"})
  private String kind;

  private final Steels steels = ShippedSteels.read();
  private final ShopDefaults defaults = ShopDefaults.common();
  private final Tones tones = Tones.of(List.of("1075", "15N20"), steels);
  private Run run;
  private SectionView sight;
  private Pane pane;
  private Picture painted;

  /** Everything but the painting. */
  @Setup
  public void look() {
    String more =
        switch (kind) {
          case "twisted" ->
              " > twist 6, 3 sections > trim 10, 10 > draw 30 x 8 > grind 1 > trim 2, 2";
          case "grooved" ->
              " > ladder pitch 12, width 8, depth 3 > draw 30 x 7 > trim 2, 2"
                  + " > uneven 0.3, scale 8, seed 3 > grind 0.3";
          default -> " > resquare 45 > trim 5, 5 > fourway same > draw 24 x 24 > twist 3";
        };
    Plan plan = Shorthand.parse(WORKED + more, UnitSystem.METRIC, defaults);
    if (plan.steps().size() != 12) {
      throw new IllegalStateException("The benchmark is for 12 steps.");
    }
    run = Run.of(plan, steels, defaults);
    if (run.stop().isPresent()) {
      throw new IllegalStateException(run.stop().get().why().reason().marked());
    }
    sight = sight();
    double width = sight.heightMm() * 1.6;
    pane = new Pane(20, 0, width, sight.heightMm(), 1280, 800);
    painted = Painter.paint(sight, pane, tones);
  }

  private SectionView sight() {
    return SectionView.of(Field.of(run, 12), new View.Face(false, 1.5), 0);
  }

  /** A painted picture as a file for the screen. */
  @Benchmark
  public byte[] png() {
    return Png.of(painted, pane, true);
  }

  /** All of it. */
  @Benchmark
  public Picture fine() {
    return Painter.paint(sight, pane, tones);
  }

  /** From the plan on, on a quarter of the pixels each way. */
  @Benchmark
  public Picture coarseFromThePlan() {
    return Painter.paint(sight(), pane.coarse(), tones);
  }
}

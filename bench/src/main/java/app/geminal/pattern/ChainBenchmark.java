package app.geminal.pattern;

import app.geminal.bar.Size;
import app.geminal.billet.Run;
import app.geminal.geometry.Point;
import app.geminal.library.ShippedSteels;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Grind;
import app.geminal.operation.Heated;
import app.geminal.operation.Ladder;
import app.geminal.operation.Operation;
import app.geminal.operation.Twist;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The chain of a plan against the same maps written out by hand in one method, per point. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Fork(2)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class ChainBenchmark {
  private static final int POINTS = 1 << 14;
  private static final int TWISTED = 8;
  private static final int FORGED = 10;
  private static final int GROOVED = 11;

  private final ShopDefaults defaults = ShopDefaults.common();
  private final Run run =
      Run.of(
          Shorthand.parse(
              "15 (1075 3.2, 15N20 1.5) 38 x 150 > set 3 > draw 38 x 8 > trim 10, 10 > cut 5"
                  + " > restack same > set 3 > draw 18 x 18 > twist 6 > trim 10, 12"
                  + " > draw 30 x 9 > ladder pitch 12, width 8, depth 2 > grind 0.5",
              UnitSystem.METRIC,
              defaults),
          ShippedSteels.read(),
          defaults);
  private final Field field = Field.of(run, 12);
  private final FlatLayers layers =
      FlatLayers.of(run.stages().get(TWISTED - 1).bars().layers(), FlatLayers.MOST).orElseThrow();
  private final double[] x = new double[POINTS];
  private final double[] y = new double[POINTS];
  private final double[] z = new double[POINTS];
  private final Point point = new Point();

  private final Ladder ladder = (Ladder) operation(GROOVED);
  private final Grind grind = (Grind) operation(GROOVED + 1);
  private final Size square = box(TWISTED - 1);
  private final Size twisted = box(TWISTED);
  private final Size trimmed = box(TWISTED + 1);
  private final Size forged = box(FORGED);
  private final Size grooved = box(GROOVED);
  private final Size ground = box(GROOVED + 1);
  private final double grooveSkin = ladder.skinMm(defaults);
  private final double drawSkin = ((Heated) operation(FORGED)).skinMm(defaults);
  private final double twistSkin = ((Twist) operation(TWISTED)).skinMm(defaults);
  private final Size beforeGroove = forged.without(grooveSkin);
  private final Size beforeDraw = trimmed.without(drawSkin);
  private final Size beforeTwist = square.without(twistSkin);
  private final double alongGroove = beforeGroove.length() / grooved.length();
  private final double acrossGroove = beforeGroove.width() / grooved.width();
  private final double drawX = beforeDraw.length() / forged.length();
  private final double drawY = beforeDraw.width() / forged.width();
  private final double drawZ = beforeDraw.height() / forged.height();
  private final double perMm = 2 * Math.PI * 6 / twisted.length();

  /** Points of the finished bar; both ways must agree about them. */
  public ChainBenchmark() {
    SplittableRandom random = new SplittableRandom(5);
    int apart = 0;
    for (int i = 0; i < POINTS; i++) {
      x[i] = random.nextDouble() * ground.length();
      y[i] = random.nextDouble() * ground.width();
      z[i] = random.nextDouble() * ground.height();
      point.begin(x[i], y[i], z[i], 0);
      field.chain().land(point);
      if (Math.abs(point.z - height(x[i], y[i], z[i])) > 1e-9) {
        apart++;
      }
    }
    if (apart > 0) {
      throw new IllegalStateException(apart + " points differ from the chain's.");
    }
  }

  private Size box(int stage) {
    return Size.of(run.stages().get(stage).bars());
  }

  private Operation operation(int stage) {
    return run.stages().get(stage).step().orElseThrow().operation();
  }

  /** Everything the chain does for this plan, by hand. */
  private double height(double px, double py, double pz) {
    double ax = px * alongGroove;
    double ay = py * acrossGroove;
    double pitches = ax / 12 - 0.5;
    double off = (pitches - Math.rint(pitches)) * 12 * 2 / 8;
    double depth = Math.max(0, 2 * (1 - off * off));
    double az =
        (pz + grind.bottomMm()) / grooved.height() * (beforeGroove.height() - depth) + grooveSkin;
    ax += grooveSkin;
    ay += grooveSkin;
    ax = ax * drawX + drawSkin + 10;
    ay = ay * drawY + drawSkin;
    az = az * drawZ + drawSkin;
    double u = 2 * ay / twisted.width() - 1;
    double v = 2 * az / twisted.height() - 1;
    double a = u * Math.sqrt(Math.max(0, 1 - v * v / 2));
    double b = v * Math.sqrt(Math.max(0, 1 - u * u / 2));
    double angle = perMm * ax;
    double cos = Math.cos(angle);
    double sin = -Math.sin(angle);
    double c = a * cos - b * sin;
    double d = a * sin + b * cos;
    double up = 2 - c * c + d * d;
    double twice = 2 * Math.sqrt(2) * d;
    double unit = (Math.sqrt(Math.max(0, up + twice)) - Math.sqrt(Math.max(0, up - twice))) / 2;
    return (unit + 1) * beforeTwist.height() / 2 + twistSkin;
  }

  /** The application's own. */
  @Benchmark
  @OperationsPerInvocation(POINTS)
  public int chain() {
    int sum = 0;
    for (int i = 0; i < POINTS; i++) {
      point.begin(x[i], y[i], z[i], 0);
      FlatLayers into = field.chain().land(point);
      sum += into.at(point.z);
    }
    return sum;
  }

  /** Written out. */
  @Benchmark
  @OperationsPerInvocation(POINTS)
  public int byHand() {
    int sum = 0;
    for (int i = 0; i < POINTS; i++) {
      sum += layers.at(height(x[i], y[i], z[i]));
    }
    return sum;
  }
}

package app.geminal.bench;

import app.geminal.following.FollowedBar;
import app.geminal.following.Place;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Surroundings;
import app.geminal.rotation.Rotation;
import java.util.ArrayList;
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

/** The fire: half an hour in it, a second of following it, a day's order. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class FireBenchmark {
  private static final BarHeat.Of STACK = BarHeat.Of.solid(83, 38, 127).loose(2.4);

  private final FollowedBar following = started();
  private final List<Rotation.Job> jobs = jobs();

  private static FollowedBar started() {
    FollowedBar f = new FollowedBar(STACK, 20);
    f.put(Place.FIRE);
    f.advance(300, 1240);
    return f;
  }

  private static List<Rotation.Job> jobs() {
    List<Rotation.Job> jobs = new ArrayList<>();
    for (int j = 0; j < 3; j++) {
      List<Rotation.Heat> heats = new ArrayList<>();
      for (int h = 0; h < 8; h++) {
        heats.add(new Rotation.Heat("", h == 0 ? 15 + j : 4, 12, 1.3, 10));
      }
      jobs.add(new Rotation.Job("bar " + j, heats, 3, -1));
    }
    return jobs;
  }

  /** A loose stack 38 × 83 mm for thirty minutes, in steps of four seconds. */
  @Benchmark
  public double soakOfThirtyMinutes() {
    BarHeat bar = new BarHeat(STACK, 20);
    bar.advance(1800, Surroundings.chamber(1260).withPowerKw(4));
    return bar.coreC();
  }

  /** One second of one billet in a session: the whole ensemble. */
  @Benchmark
  public double secondOfFollowing() {
    following.advance(1, 1240);
    return following.estimate().coreC();
  }

  /** How long still, and how it continues for ten minutes. */
  @Benchmark
  public double forecasting() {
    return following.secondsToReady(1120).middle() + following.forecast(20, 30).getLast().coreC();
  }

  /** Three billets, eight heats each, two places in the forge. */
  @Benchmark
  public double dayOfThreeBillets() {
    return Rotation.of(jobs, 2, 480, 1020).endsMin();
  }
}

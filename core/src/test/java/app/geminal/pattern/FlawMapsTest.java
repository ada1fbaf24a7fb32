package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.flaw.FlawTracker;
import app.geminal.flaw.Spot;
import app.geminal.geometry.Point;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.FourWay;
import app.geminal.operation.Grind;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.Sandwich;
import app.geminal.operation.Scrap;
import app.geminal.operation.SetAside;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.operation.Watch;
import app.geminal.shop.ShopDefaults;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Flaws are carried forwards through the work, the field walks backwards: two ways written apart,
 * which have to meet. A point of the last bars is walked back to an earlier stage; a speck there,
 * carried forwards, has to come back to that point. Where the work is straight it has to come to
 * nothing else that the field does not bring back to the speck.
 */
class FlawMapsTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();
  private static final double SPECK_MM = 1e-6;
  private static final double NEAR_MM = 1e-4;
  private static final int POINTS = 12;

  static LongStream seeds() {
    return RandomPlans.seeds();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatTheFieldBringsBackTheFlawBringsForward(long seed) {
    meet(Run.of(RandomPlans.plan(seed), TestSteels.ALL, PRACTICE), seed);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void flatWorkCarriesItExactly(long seed) {
    meet(Run.of(RandomPlans.level(seed), TestSteels.ALL, PRACTICE), seed);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void andSoDoesWorkThatRunsThrough(long seed) {
    meet(Run.of(RandomPlans.sizeable(seed), TestSteels.ALL, PRACTICE), seed);
  }

  @Test
  void mostRunsAreFollowedOverSeveralStraightStages() {
    long straight =
        seeds()
            .mapToObj(s -> Run.of(RandomPlans.level(s), TestSteels.ALL, PRACTICE))
            .filter(r -> r.stages().size() > 4 && r.last().bars().count() > 0)
            .count();
    assertThat(straight).isGreaterThan(150);
  }

  private static void meet(Run run, long seed) {
    int last = run.stages().size() - 1;
    Bars bars = run.last().bars();
    if (bars.count() == 0) {
      return;
    }
    SplittableRandom random = new SplittableRandom(seed);
    for (int i = 0; i < POINTS; i++) {
      int earlier = random.nextInt(last + 1);
      Chain back = new History(run, 1000).between(earlier, last);
      Point p = new Point();
      double x = random.nextDouble() * bars.lengthMm();
      double y = random.nextDouble() * bars.widthMm();
      double z = random.nextDouble() * bars.section().heightMm();
      int bar = random.nextInt(bars.count());
      p.begin(x, y, z, bar);
      if (back.land(p) != FlatLayers.NOTHING) {
        continue; // It came from a sheet or a part laid in since.
      }
      Spot speck = speck(p, run.stages().get(earlier).bars());
      List<Spot> ends =
          FlawTracker.of(run, "", earlier, speck).stream()
              .filter(at -> at.stage() == last && !at.aside())
              .map(FlawTracker.At::spot)
              .toList();
      assertThat(ends)
          .as("point %.3f %.3f %.3f of bar %d from stage %d", x, y, z, bar, earlier)
          .anyMatch(s -> s.bar() == bar && holds(s, x, y, z));
      if (isStraight(run, earlier)) {
        ends.forEach(s -> comesBack(s, back, speck));
      }
    }
  }

  private static Spot speck(Point p, Bars bars) {
    double x = Math.clamp(p.x, 0, bars.lengthMm());
    double y = Math.clamp(p.y, 0, bars.widthMm());
    double z = Math.clamp(p.z, 0, bars.section().heightMm());
    return new Spot(
        p.bar,
        Math.max(0, x - SPECK_MM),
        x + SPECK_MM,
        Math.max(0, y - SPECK_MM),
        y + SPECK_MM,
        Math.max(0, z - SPECK_MM),
        z + SPECK_MM);
  }

  private static boolean holds(Spot s, double x, double y, double z) {
    return in(x, s.fromXMm(), s.toXMm())
        && in(y, s.fromYMm(), s.toYMm())
        && in(z, s.fromZMm(), s.toZMm());
  }

  private static boolean in(double at, double from, double to) {
    return at >= from - NEAR_MM && at <= to + NEAR_MM;
  }

  /** The middle of where it came to is walked back to the speck. */
  private static void comesBack(Spot end, Chain back, Spot speck) {
    Point p = new Point();
    p.begin(
        (end.fromXMm() + end.toXMm()) / 2,
        (end.fromYMm() + end.toYMm()) / 2,
        (end.fromZMm() + end.toZMm()) / 2,
        end.bar());
    back.land(p);
    assertThat(p.bar).isEqualTo(speck.bar());
    assertThat(holds(speck, p.x, p.y, p.z))
        .as("%s came back to %.6f %.6f %.6f of %s", end, p.x, p.y, p.z, speck)
        .isTrue();
  }

  private static boolean isStraight(Run run, int earlier) {
    return run.stages().get(earlier).bars().form() == Form.BAR
        && run.plan().steps().subList(earlier, run.stages().size() - 1).stream()
            .filter(s -> !s.off())
            .allMatch(s -> isStraight(s.operation()));
  }

  private static boolean isStraight(Operation operation) {
    return switch (operation) {
      case SetWeld _, Draw _, Trim _, Grind _, Cut _, SetAside _, Scrap _, Watch _ -> true;
      case Restack _, Sandwich _, LayUp _, Fold _, FourWay _ -> true;
      default -> false;
    };
  }

  @Test
  void barsGivenUpAndNamedBarsSetAsideLeaveTheOthersInOrder() {
    Plan plan =
        Plan.of(
            RandomPlans.sizeable(1).stack(),
            List.of(
                SetWeld.of(PRACTICE),
                Cut.equal(5, 1),
                new Scrap(List.of(2)),
                SetAside.these(List.of(1, 4)),
                Restack.of(Restack.EVERY_SECOND)));
    Run run = Run.of(plan, TestSteels.ALL, PRACTICE);
    assertThat(run.stop()).isEmpty();
    meet(run, 7);
    // Of 1 to 5 the second is given up, then the first and the last of four set aside.
    Spot inFourth = new Spot(3, 1, 2, 1, 2, 1, 2);
    assertThat(FlawTracker.of(run, "", 2, inFourth))
        .extracting(at -> at.spot().bar())
        .containsExactly(3, 2, 1, 0);
    assertThat(FlawTracker.of(run, "", 2, inFourth.inBar(1))).as("scrapped").hasSize(1);
    assertThat(FlawTracker.of(run, "", 2, inFourth.inBar(4)).getLast().aside()).isTrue();
  }
}

package app.geminal.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.finding.ShopKnowledge;
import app.geminal.following.HeatCalibration;
import app.geminal.following.Interval;
import app.geminal.following.ShopUnknown;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.units.UnitSystem;
import app.geminal.weldmap.BondCause;
import app.geminal.weldmap.FailureCause;
import app.geminal.weldmap.OpenJoint;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldMapper;
import app.geminal.weldmap.WeldSetup;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** The joints of a weld, followed through what was really done. */
class FollowedJointsTest {
  private static final Shop SHOP = Shop.common();
  private static final String LINE = "7 (D 5, B 4) 38 x 120 > set 2 1180C borax 20min";
  private static final Press WITHOUT_LIMIT = new Press(0, 0, 220, 150, 60, 60, 10, 15);
  private static final double LOADED_MPA = 12;

  private final HeatPlanner heats =
      new HeatPlanner(TestSteels.ALL, SHOP, ShopKnowledge.nothing(), Map.of());
  private final Run run =
      Run.of(
          Shorthand.parse(LINE, UnitSystem.METRIC, SHOP.defaults()),
          TestSteels.ALL,
          SHOP.defaults());
  private final HeatPlan plan = heats.plan(run, "s1").orElseThrow();
  private final List<WeldSetup> course =
      new WeldMapper(TestSteels.ALL, SHOP, heats).course(run, "s1").orElseThrow();
  private final HeatSession session =
      new HeatSession(plan, WITHOUT_LIMIT, course, HeatCalibration.nothing());
  private int made;

  private void tap(ForgeAction act) {
    session.done(new LogEntry("e" + made++, act, session.nowS()));
  }

  private void passes(int seconds, double mpa) {
    for (int i = 0; i < seconds; i++) {
      session.passes(1, plan.window().chamberC(), mpa);
    }
  }

  /** One heat, the plan's minutes long, turned halfway. */
  private void heat(double minutes, int toDiesS, int loadedS) {
    tap(ForgeAction.IN);
    passes((int) (30 * minutes), 0);
    tap(ForgeAction.FLUX);
    tap(ForgeAction.TURN);
    passes((int) (30 * minutes), 0);
    tap(ForgeAction.OUT);
    passes(toDiesS, 0);
    for (int bite = 0; bite < plan.squeezing().bites(); bite++) {
      tap(ForgeAction.SQUEEZE);
      passes(1, 0);
      passes(loadedS, loadedS > 0 ? LOADED_MPA : 0);
      tap(ForgeAction.LET_GO);
      passes(1, 0);
    }
  }

  private OpenJoint.Suspect first() {
    return session.whyOpen(OpenJoint.Place.ANYWHERE, true).orElseThrow().suspects().getFirst();
  }

  @Test
  void doneAsPlannedItComesOutAsPlanned() {
    WeldMap planned = WeldMap.of(course, Sample.ensemble());
    assertThat(session.weldMap().orElseThrow().chance()).as("loose").isZero();
    assertThat(session.jointsSoFar()).isEmpty();
    heat(20, 5, 0);
    assertThat(session.jointsSoFar().orElseThrow().toString())
        .startsWith("0 of 6 joints likely set.")
        .endsWith("not pressed enough.");
    double once = session.weldMap().orElseThrow().chance();
    heat(10, 5, 0);
    WeldMap made = session.weldMap().orElseThrow();
    assertThat(made.joints()).hasSize(6);
    assertThat(session.jointsSoFar().orElseThrow().toString()).matches("[3-6] of 6 joints .*");
    assertThat(made.chance()).isGreaterThanOrEqualTo(once).isCloseTo(planned.chance(), within(0.1));
  }

  @Test
  void threeQuartersOfAMinuteOnTheWayAreTooCold() {
    heat(20, 45, 0);
    heat(10, 45, 0);
    assertThat(session.weldMap().orElseThrow().chance()).isLessThan(0.1);
    assertThat(session.weldMap().orElseThrow().joints().getFirst().weakest().cause())
        .contains(BondCause.HEAT);
    assertThat(first().cause()).isEqualTo(FailureCause.HEAT);
    assertThat(first().evidence().toString())
        .contains("45 s after it left the fire")
        .contains("By the log it was")
        .contains("under welding heat");
    assertThat(session.jointsSoFar().orElseThrow().toString())
        .contains("Least likely: joint 1 from below")
        .contains("too cold when pressed");
  }

  @Test
  void onlyWhatWasUnderTheDiesIsSet() {
    tap(ForgeAction.IN);
    passes(1500, 0);
    tap(ForgeAction.OUT);
    passes(4, 0);
    assertThat(first().cause()).isEqualTo(FailureCause.PRESSURE);
  }

  /** What the ram was seen to take counts, not what was planned. */
  @Test
  void aSqueezeThatWasSeenToGoTooFarPullsTheEdgesOpen() {
    heat(20, 5, 6);
    assertThat(first().cause()).isEqualTo(FailureCause.REOPENED);
  }

  /** Pressed for a second at what the gauge says, 12 s after the fire; its core then. */
  private Interval coreAfter(Press press, double mpa) {
    HeatSession one = new HeatSession(plan, press, course, HeatCalibration.nothing());
    one.done(new LogEntry("in", ForgeAction.IN, 0));
    for (int s = 0; s < 1200; s++) {
      one.passes(1, plan.window().chamberC(), 0);
    }
    one.done(new LogEntry("out", ForgeAction.OUT, one.nowS()));
    one.passes(12, plan.window().chamberC(), 0);
    one.done(new LogEntry("down", ForgeAction.SQUEEZE, one.nowS()));
    one.passes(1, plan.window().chamberC(), mpa);
    one.done(new LogEntry("up", ForgeAction.LET_GO, one.nowS()));
    return one.estimate().core();
  }

  @Test
  void theForceOfASqueezeSaysHowHotItWas() {
    Press gauged = new Press(178, 20.7, 500, 380, 130, 130, 60, 15);
    double usual = 0.4 * gauged.gaugeLimitMpa();
    Interval unseen = coreAfter(WITHOUT_LIMIT, usual);
    Interval soft = coreAfter(gauged, usual);
    Interval hard = coreAfter(gauged, 1.6 * usual);
    assertThat(hard.middle()).isLessThan(soft.middle() - 10);
    assertThat(soft.halfWidth()).isLessThan(unseen.halfWidth());
    assertThat(coreAfter(gauged, gauged.gaugeLimitMpa()))
        .as("at its limit the dies may have met their stops")
        .isEqualTo(coreAfter(WITHOUT_LIMIT, gauged.gaugeLimitMpa()));
  }

  @Test
  void aSessionInWhichOnlyTheGaugeOfThePressWasSeenTeaches() {
    Press gauged = Objects.requireNonNull(SHOP.press());
    HeatSession one = new HeatSession(plan, gauged, course, HeatCalibration.nothing());
    one.done(new LogEntry("in", ForgeAction.IN, 0));
    one.passes(1200, plan.window().chamberC(), 0);
    one.done(new LogEntry("down", ForgeAction.SQUEEZE, one.nowS()));
    one.passes(1, plan.window().chamberC(), 3);
    assertThat(one.calibration().heats()).isZero();
    one.done(new LogEntry("up", ForgeAction.LET_GO, one.nowS()));
    HeatCalibration after = one.calibration();
    assertThat(after.heats()).isEqualTo(1);
    assertThat(after.spread(ShopUnknown.FLOW_STRESS, ShopUnknown.FLOW_STRESS)).isLessThan(1);
  }

  @Test
  void aCopyGoesItsOwnWay() {
    heat(20, 5, 0);
    HeatSession copy = session.copy();
    heat(10, 5, 0);
    assertThat(copy.weldMap()).isNotEqualTo(session.weldMap());
    assertThat(copy.heat()).isEqualTo(1);
  }
}

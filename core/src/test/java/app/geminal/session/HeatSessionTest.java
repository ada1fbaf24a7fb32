package app.geminal.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.following.HeatCalibration;
import app.geminal.following.Place;
import app.geminal.following.Sighting.Sign;
import app.geminal.following.Sighting.SkinReading;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlannerTest;
import app.geminal.heatplan.HeatWindow;
import app.geminal.review.ReviewNote;
import app.geminal.review.SessionReview;
import app.geminal.session.PlanProgress.StepState;
import app.geminal.shop.Limits;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.weld.AtmosphereProtection;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One billet going through its heats, well and badly. */
class HeatSessionTest {
  private static final double FORGE_C = 1240;
  private static final Press PRESS = new Press(0, 0, 220, 150, 60, 60, 10, 15);
  private int made;

  private HeatSession dry() {
    return new HeatSession(HeatPlannerTest.weld(AtmosphereProtection.DRY), PRESS);
  }

  private void tap(HeatSession course, ForgeAction act) {
    course.done(new LogEntry("e" + made++, act, course.nowS()));
  }

  private static void wait(HeatSession course, int seconds) {
    wait(course, seconds, 0);
  }

  private static void wait(HeatSession course, int seconds, double mpa) {
    for (int i = 0; i < seconds; i++) {
      course.passes(1, FORGE_C, mpa);
    }
  }

  /** Does what it is asked, second by second, until nothing is left to do. */
  private void obey(HeatSession course) {
    for (int s = 0; s < 4 * 3600 && !course.progress().isFinished(); s++) {
      Advice advice = Advice.of(course);
      if (!advice.waits()) {
        tap(course, advice.main());
        wait(course, 3);
      }
      course.passes(1, FORGE_C, 0);
    }
  }

  /** A thermometer says twice that the chamber is hotter than its gauge. */
  @Test
  void theNextSessionKnowsWhatThisOneShowed() {
    HeatSession first = dry();
    tap(first, ForgeAction.IN);
    wait(first, 3600);
    assertThat(first.calibration().heats()).isZero();
    first.done(new LogSighting("t1", new SkinReading(FORGE_C + 20), first.nowS()));
    first.done(new LogSighting("t2", new SkinReading(FORGE_C + 20), first.nowS()));
    HeatCalibration shown = first.calibration();
    assertThat(shown.heats()).isEqualTo(1);

    HeatSession next =
        new HeatSession(HeatPlannerTest.weld(AtmosphereProtection.DRY), PRESS, List.of(), shown);
    tap(next, ForgeAction.IN);
    wait(next, 3600);
    assertThat(next.estimate().core().middle()).isGreaterThan(FORGE_C + 8);
    assertThat(next.estimate().core().halfWidth())
        .isLessThan(0.9 * unseen().estimate().core().halfWidth());
  }

  private HeatSession unseen() {
    HeatSession unseen = dry();
    tap(unseen, ForgeAction.IN);
    wait(unseen, 3600);
    return unseen;
  }

  @Test
  void whoDoesAsReportedWeldsWell() {
    HeatSession course = dry();
    obey(course);
    assertThat(course.progress().isFinished()).isTrue();
    assertThat(course.progress().states()).containsOnly(StepState.DONE);
    assertThat(course.heat()).isEqualTo(3);
    assertThat(SessionReview.of(course, Limits.common())).isNotEmpty().allMatch(ReviewNote::well);
    assertThat(course.exposure().hotS()).isBetween(200.0, 3600.0);
    assertThat(Advice.of(course).title()).isEqualTo(SessionText.NOW_DONE.with());
  }

  @Test
  void everyProtectionCanBeFollowedToItsEnd() {
    for (AtmosphereProtection protection : AtmosphereProtection.values()) {
      HeatSession course = new HeatSession(HeatPlannerTest.weld(protection), PRESS);
      obey(course);
      assertThat(course.progress().states()).as(protection.word()).containsOnly(StepState.DONE);
    }
  }

  @Test
  void aDrawToo() {
    HeatSession course =
        new HeatSession(
            HeatPlannerTest.plan(
                "5 (D 3, B 2) 30 x 120 > set 3 > draw 30 x 6, 3 heats", "s2", Shop.common()),
            PRESS);
    obey(course);
    assertThat(course.progress().states()).containsOnly(StepState.DONE);
  }

  @Test
  void whatIsTappedTicksOffTheStepsAndPassesOverOthers() {
    HeatSession course = dry();
    assertThat(course.progress().step().orElseThrow().act()).contains(ForgeAction.FUEL);
    tap(course, ForgeAction.IN);
    assertThat(course.progress().states().subList(0, 3))
        .containsExactly(StepState.LEFT_OUT, StepState.DONE, StepState.NOW);
    wait(course, 60);
    tap(course, ForgeAction.OUT);
    List<StepState> now = course.progress().states();
    assertThat(now.get(2)).isEqualTo(StepState.LEFT_OUT);
    assertThat(now.get(3)).as("waiting for an even heat").isEqualTo(StepState.DONE);
    assertThat(course.place()).isEqualTo(Place.AIR);
  }

  @Test
  void pulledTooEarlyAndOutTooLong() {
    HeatSession course = dry();
    tap(course, ForgeAction.IN);
    wait(course, 240);
    tap(course, ForgeAction.OUT);
    assertThat(Advice.of(course).title().key()).isEqualTo("heat.now-too-cold");
    wait(course, 60);
    tap(course, ForgeAction.SQUEEZE);
    List<ReviewNote> reviewNotes = SessionReview.of(course, Limits.common());
    assertThat(reviewNotes)
        .filteredOn(l -> !l.well())
        .extracting(ReviewNote::kind)
        .contains(ReviewNote.Kind.PULLED, ReviewNote.Kind.WAITED, ReviewNote.Kind.LEFT_OUT);
    LogMark squeeze = course.marks().getLast();
    assertThat(squeeze.sinceOutS()).isCloseTo(60, within(1e-9));
  }

  @Test
  void squeezedTooHardIsReadFromTheGauge() {
    HeatSession course = dry();
    tap(course, ForgeAction.IN);
    wait(course, 1500);
    tap(course, ForgeAction.OUT);
    wait(course, 5);
    tap(course, ForgeAction.SQUEEZE);
    wait(course, 2, 0);
    wait(course, 4, 14);
    tap(course, ForgeAction.LET_GO);
    assertThat(course.marks().get(2).pressedMm()).isCloseTo(4 * 3, within(1e-9));
    assertThat(course.peakMpa()).isEqualTo(14);
    assertThat(SessionReview.of(course, Limits.common()))
        .anyMatch(l -> l.kind() == ReviewNote.Kind.SQUEEZED && !l.well());
  }

  @Test
  void tooHotIsSaidAtOnceAndAfterwards() {
    HeatSession course = dry();
    tap(course, ForgeAction.IN);
    for (int i = 0; i < 1500; i++) {
      course.passes(1, 1400, 0);
    }
    assertThat(Advice.of(course).title().key()).isEqualTo("heat.now-too-hot");
    assertThat(Advice.of(course).urgent()).isTrue();
    assertThat(SessionReview.of(course, Limits.common()))
        .anyMatch(l -> l.kind() == ReviewNote.Kind.HEAT && !l.well());
  }

  @Test
  void overTheWindowTheForgeIsTurnedDownBeforeMetalRuns() {
    HeatSession course = dry();
    HeatWindow window = course.plan().window();
    tap(course, ForgeAction.IN);
    double hot = (window.ceilingC() + window.meltsC()) / 2;
    while (course.estimate().skinC() < window.ceilingC() + 5) {
      course.passes(1, hot, 0);
    }
    assertThat(Advice.of(course).title()).isEqualTo(SessionText.NOW_TURN.with());
    tap(course, ForgeAction.TURN);
    while (course.estimate().skinC() < window.ceilingC() + 5) {
      course.passes(1, hot + 15, 0);
    }
    assertThat(Advice.of(course).title())
        .isIn(SessionText.NOW_TURN_DOWN.with(), SessionText.NOW_OUT.with("over", false));
    assertThat(window.chamberC()).isBetween(window.aimC(), window.ceilingC());
  }

  @Test
  void readyTooLongIsSaid() {
    HeatSession course = dry();
    tap(course, ForgeAction.IN);
    wait(course, 300);
    tap(course, ForgeAction.TURN);
    wait(course, 3000);
    assertThat(Advice.of(course).title().toString()).contains("only loses steel");
    assertThat(course.readyForS()).isGreaterThan(600);
    assertThat(course.secondsToReady().middle()).isZero();
    assertThat(course.working().jointS()).isPositive();
  }

  @Test
  void aFuelledStackLeftOutAndFluxPutOnColdAreReported() {
    HeatSession fuelled = dry();
    tap(fuelled, ForgeAction.IN);
    wait(fuelled, 200);
    tap(fuelled, ForgeAction.OUT);
    wait(fuelled, 30);
    tap(fuelled, ForgeAction.IN);
    assertThat(SessionReview.of(fuelled, Limits.common()))
        .anyMatch(l -> l.kind() == ReviewNote.Kind.SEAMS && !l.well());
    HeatSession fluxed = new HeatSession(HeatPlannerTest.weld(AtmosphereProtection.BORAX), PRESS);
    tap(fluxed, ForgeAction.IN);
    wait(fluxed, 20);
    tap(fluxed, ForgeAction.FLUX);
    wait(fluxed, 400);
    tap(fluxed, ForgeAction.FLUX);
    assertThat(SessionReview.of(fluxed, Limits.common()))
        .filteredOn(l -> l.kind() == ReviewNote.Kind.FLUXED)
        .extracting(ReviewNote::well)
        .containsExactly(false, true);
    assertThat(SessionReview.of(fluxed, Limits.common()))
        .noneMatch(l -> l.kind() == ReviewNote.Kind.SEAMS);
  }

  @Test
  void fluxComesAtDullRed() {
    HeatSession course = new HeatSession(HeatPlannerTest.weld(AtmosphereProtection.BORAX), PRESS);
    tap(course, ForgeAction.IN);
    assertThat(Advice.of(course).why().toString()).contains("dull red");
    wait(course, 240);
    assertThat(Advice.of(course).main()).isEqualTo(ForgeAction.FLUX);
    tap(course, ForgeAction.OUT);
    wait(course, 10);
    tap(course, ForgeAction.IN);
    assertThat(course.heat()).as("out to flux is no new heat").isEqualTo(1);
  }

  @Test
  void itAsksForALookWhileTheCoreIsInDoubtAndNotTwiceAtOnce() {
    HeatSession course = dry();
    assertThat(course.ask()).as("cold").isEmpty();
    tap(course, ForgeAction.IN);
    while (course.ask().isEmpty()) {
      course.passes(1, FORGE_C, 0);
    }
    assertThat(course.nowS()).isLessThan(course.plan().soaking().firstMin() * 90);
    double before = course.estimate().core().halfWidth();
    course.done(new LogSighting("seen", Sign.NO_SHADOW, course.nowS()));
    assertThat(course.estimate().core().halfWidth()).isLessThan(before);
    assertThat(course.ask()).as("just looked").isEmpty();
    assertThat(course.ids()).contains("seen");
    assertThat(course.last().orElseThrow().act()).isEqualTo(ForgeAction.IN);
    wait(course, 3000);
    assertThat(course.isReady()).isTrue();
    assertThat(course.ask()).as("ready").isEmpty();
  }
}

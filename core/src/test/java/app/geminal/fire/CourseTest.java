package app.geminal.fire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.fire.Course.Standing;
import app.geminal.heat.Following.Place;
import app.geminal.shop.Limits;
import app.geminal.shop.Shop;
import app.geminal.weld.OxygenSchool;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One billet going through its heats, well and badly. */
class CourseTest {
  private static final double FORGE_C = 1240;
  private int made;

  private Course dry() {
    return new Course(HeatPlannerTest.weld(OxygenSchool.DRY), 15);
  }

  private void tap(Course course, Act act) {
    course.done(new Deed("e" + made++, act, course.nowS()));
  }

  private static void wait(Course course, int seconds) {
    wait(course, seconds, 0);
  }

  private static void wait(Course course, int seconds, double mpa) {
    for (int i = 0; i < seconds; i++) {
      course.passes(1, FORGE_C, mpa);
    }
  }

  /** Does what it is told, second by second, until nothing is left to do. */
  private void obey(Course course) {
    for (int s = 0; s < 4 * 3600 && !course.finished(); s++) {
      Advice advice = Advice.of(course);
      if (!advice.waits()) {
        tap(course, advice.main());
        wait(course, 3);
      }
      course.passes(1, FORGE_C, 0);
    }
  }

  @Test
  void whoDoesAsToldWeldsWell() {
    Course course = dry();
    obey(course);
    assertThat(course.finished()).isTrue();
    assertThat(course.standings()).containsOnly(Standing.DONE);
    assertThat(course.heat()).isEqualTo(3);
    assertThat(Review.of(course, Limits.common())).isNotEmpty().allMatch(Lesson::well);
    assertThat(course.toll().hotS()).isBetween(200.0, 3600.0);
    assertThat(Advice.of(course).title()).isEqualTo(HeatText.NOW_DONE.with());
  }

  @Test
  void everySchoolCanBeFollowedToItsEnd() {
    for (OxygenSchool school : OxygenSchool.values()) {
      Course course = new Course(HeatPlannerTest.weld(school), 15);
      obey(course);
      assertThat(course.standings()).as(school.word()).containsOnly(Standing.DONE);
    }
  }

  @Test
  void aDrawToo() {
    Course course =
        new Course(
            HeatPlannerTest.plan(
                "5 (D 3, B 2) 30 x 120 > set 3 > draw 30 x 6, 3 heats", "s2", Shop.common()),
            15);
    obey(course);
    assertThat(course.standings()).containsOnly(Standing.DONE);
  }

  @Test
  void whatIsTappedTicksOffTheStepsAndPassesOverOthers() {
    Course course = dry();
    assertThat(course.step().orElseThrow().act()).contains(Act.FUEL);
    tap(course, Act.IN);
    assertThat(course.standings().subList(0, 3))
        .containsExactly(Standing.LEFT_OUT, Standing.DONE, Standing.NOW);
    wait(course, 60);
    tap(course, Act.OUT);
    List<Standing> now = course.standings();
    assertThat(now.get(2)).isEqualTo(Standing.LEFT_OUT);
    assertThat(now.get(3)).as("waiting for an even heat").isEqualTo(Standing.DONE);
    assertThat(course.place()).isEqualTo(Place.AIR);
  }

  @Test
  void pulledTooEarlyAndOutTooLong() {
    Course course = dry();
    tap(course, Act.IN);
    wait(course, 240);
    tap(course, Act.OUT);
    assertThat(Advice.of(course).title().key()).isEqualTo("heat.now-too-cold");
    wait(course, 60);
    tap(course, Act.SQUEEZE);
    List<Lesson> lessons = Review.of(course, Limits.common());
    assertThat(lessons)
        .filteredOn(l -> !l.well())
        .extracting(Lesson::kind)
        .contains(Lesson.Kind.PULLED, Lesson.Kind.WAITED, Lesson.Kind.LEFT_OUT);
    Mark squeeze = course.marks().getLast();
    assertThat(squeeze.sinceOutS()).isCloseTo(60, within(1e-9));
  }

  @Test
  void squeezedTooHardIsReadFromTheGauge() {
    Course course = dry();
    tap(course, Act.IN);
    wait(course, 1500);
    tap(course, Act.OUT);
    wait(course, 5);
    tap(course, Act.SQUEEZE);
    wait(course, 2, 0);
    wait(course, 4, 14);
    tap(course, Act.LET_GO);
    assertThat(course.marks().get(2).pressedMm()).isCloseTo(4 * 3, within(1e-9));
    assertThat(course.peakMpa()).isEqualTo(14);
    assertThat(Review.of(course, Limits.common()))
        .anyMatch(l -> l.kind() == Lesson.Kind.SQUEEZED && !l.well());
  }

  @Test
  void tooHotIsSaidAtOnceAndAfterwards() {
    Course course = dry();
    tap(course, Act.IN);
    for (int i = 0; i < 1500; i++) {
      course.passes(1, 1400, 0);
    }
    assertThat(Advice.of(course).title().key()).isEqualTo("heat.now-too-hot");
    assertThat(Advice.of(course).urgent()).isTrue();
    assertThat(Review.of(course, Limits.common()))
        .anyMatch(l -> l.kind() == Lesson.Kind.HEAT && !l.well());
  }

  @Test
  void overTheWindowTheForgeIsTurnedDownBeforeMetalRuns() {
    Course course = dry();
    Window window = course.plan().window();
    tap(course, Act.IN);
    double hot = (window.ceilingC() + window.meltsC()) / 2;
    while (course.estimate().skinC() < window.ceilingC() + 5) {
      course.passes(1, hot, 0);
    }
    assertThat(Advice.of(course).title()).isEqualTo(HeatText.NOW_TURN.with());
    tap(course, Act.TURN);
    while (course.estimate().skinC() < window.ceilingC() + 5) {
      course.passes(1, hot + 15, 0);
    }
    assertThat(Advice.of(course).title())
        .isIn(HeatText.NOW_TURN_DOWN.with(), HeatText.NOW_OUT.with("over", false));
    assertThat(window.chamberC()).isBetween(window.aimC(), window.ceilingC());
  }

  @Test
  void readyTooLongIsSaid() {
    Course course = dry();
    tap(course, Act.IN);
    wait(course, 300);
    tap(course, Act.TURN);
    wait(course, 3000);
    assertThat(Advice.of(course).title().toString()).contains("only loses steel");
    assertThat(course.readyForS()).isGreaterThan(600);
    assertThat(course.secondsToReady()).isZero();
    assertThat(course.working().jointS()).isPositive();
  }

  @Test
  void aFuelledStackLeftOutAndFluxPutOnColdAreTold() {
    Course fuelled = dry();
    tap(fuelled, Act.IN);
    wait(fuelled, 200);
    tap(fuelled, Act.OUT);
    wait(fuelled, 30);
    tap(fuelled, Act.IN);
    assertThat(Review.of(fuelled, Limits.common()))
        .anyMatch(l -> l.kind() == Lesson.Kind.SEAMS && !l.well());
    Course fluxed = new Course(HeatPlannerTest.weld(OxygenSchool.BORAX), 15);
    tap(fluxed, Act.IN);
    wait(fluxed, 20);
    tap(fluxed, Act.FLUX);
    wait(fluxed, 400);
    tap(fluxed, Act.FLUX);
    assertThat(Review.of(fluxed, Limits.common()))
        .filteredOn(l -> l.kind() == Lesson.Kind.FLUXED)
        .extracting(Lesson::well)
        .containsExactly(false, true);
    assertThat(Review.of(fluxed, Limits.common())).noneMatch(l -> l.kind() == Lesson.Kind.SEAMS);
  }

  @Test
  void fluxComesAtDullRed() {
    Course course = new Course(HeatPlannerTest.weld(OxygenSchool.BORAX), 15);
    tap(course, Act.IN);
    assertThat(Advice.of(course).why().toString()).contains("dull red");
    wait(course, 240);
    assertThat(Advice.of(course).main()).isEqualTo(Act.FLUX);
    tap(course, Act.OUT);
    wait(course, 10);
    tap(course, Act.IN);
    assertThat(course.heat()).as("out to flux is no new heat").isEqualTo(1);
  }
}

package app.geminal.workplan;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Cooling;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Shop;
import app.geminal.units.UnitSystem;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class BilletTasksTest {
  private static final String LINE =
      "13 (D 3.2, B 1.6) 38 x 150 > set 3 1180C dry > draw 38 x 10, 4 heats"
          + " > trim 15, 15 > cut 5 > grind 0.3, 0.3 > restack same > set 3 1180C dry"
          + " > draw 32 x 6, 3 heats";
  private static final Shop SHOP = Shop.common();

  private static Job job(String line, WorkRules rules, TaskPace pace, BilletTasks.DoneSoFar done) {
    Run run =
        Run.of(
            Shorthand.parse(line, UnitSystem.METRIC, SHOP.defaults()),
            TestSteels.ALL,
            SHOP.defaults());
    HeatPlanner heats = new HeatPlanner(TestSteels.ALL, SHOP, ShopKnowledge.nothing(), Map.of());
    return new BilletTasks(SHOP, rules, heats, pace).job(4, "Knife", null, run, done);
  }

  private static Job job(String line) {
    return job(line, WorkRules.common(), TaskPace.USUAL, BilletTasks.DoneSoFar.NOTHING);
  }

  private static Task task(Job job, String id) {
    return job.tasks().stream().filter(t -> t.id().equals(id)).findFirst().orElseThrow();
  }

  private static TaskLink link(Job job, String before, String after) {
    return job.links().stream()
        .filter(l -> l.before().equals(before) && l.after().equals(after))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aPlanIsFacesStackHeatsAndCuts() {
    Job job = job(LINE);
    assertThat(job.tasks())
        .extracting(Task::kind)
        .containsExactly(
            TaskKind.PREPARE,
            TaskKind.STACK,
            TaskKind.WELD,
            TaskKind.FORGE,
            TaskKind.SAW,
            TaskKind.SAW,
            TaskKind.GRIND,
            TaskKind.STACK,
            TaskKind.WELD,
            TaskKind.FORGE);
    // Twelve joints, two faces each, four minutes a face; four cuts into five, four minutes each.
    assertThat(task(job, "4/s1#prepare").minutes()).isEqualTo(12 * 2 * 4);
    assertThat(task(job, "4/s1").heats()).isEqualTo(3);
    assertThat(task(job, "4/s4").minutes()).isEqualTo(4 * 4);
  }

  @Test
  void brightFacesAreWeldedTheSameDay() {
    Job job = job(LINE);
    assertThat(link(job, "4/s1#prepare", "4/s1#stack").sameDay()).isTrue();
    assertThat(link(job, "4/s1#stack", "4/s1").sameDay()).isTrue();
    assertThat(link(job, "4/s1", "4/s2").sameDay()).isFalse();
    assertThat(link(job, "4/s5", "4/s7#stack").sameDay()).isTrue();
    WorkRules keep = new WorkRules(2, 30, true, false, 15);
    Job kept = job(LINE, keep, TaskPace.USUAL, BilletTasks.DoneSoFar.NOTHING);
    assertThat(link(kept, "4/s1#prepare", "4/s1#stack").sameDay()).isFalse();
    assertThat(link(kept, "4/s1#stack", "4/s1").sameDay()).isTrue();
  }

  /** The saw waits as long as the heat model says for the bar as it comes from the last heat. */
  @Test
  void theSawWaitsUntilTheBarIsCold() {
    Job job = job(LINE);
    int wait = link(job, "4/s2", "4/s3").waitMin();
    Run run =
        Run.of(
            Shorthand.parse(LINE, UnitSystem.METRIC, SHOP.defaults()),
            TestSteels.ALL,
            SHOP.defaults());
    double lengthMm = run.stages().get(2).bars().lengthMm();
    BarHeat bar = new BarHeat(BarHeat.Of.solid(38, 10, lengthMm), 1100, 4.0);
    double seconds = 0;
    while (bar.meanC() > Cooling.TO_THE_SAW_C) {
      bar.advance(10, app.geminal.heat.Surroundings.air());
      seconds += 10;
    }
    assertThat(wait).isBetween((int) (seconds / 60 * 0.95), (int) (seconds / 60 * 1.05) + 2);
    assertThat(wait).isBetween(20, 90);
  }

  /** Checked by hand: a lump whose heat leaves by its faces, h about 10 + radiation. */
  @Test
  void thickBarsCoolLonger() {
    double thin = Cooling.minutes(BarHeat.Of.solid(30, 5, 300), 1100, 50);
    double thick = Cooling.minutes(BarHeat.Of.solid(50, 50, 150), 1100, 50);
    assertThat(thin).isBetween(12.0, 40.0);
    assertThat(thick / thin).isBetween(3.0, 6.0);
  }

  @Test
  void aStackSoakedInFuelWaits() {
    assertThat(link(job(LINE), "4/s1#stack", "4/s1").waitMin()).isEqualTo(15);
    Job borax = job(LINE.replace(" dry", " borax"));
    assertThat(link(borax, "4/s1#stack", "4/s1").waitMin()).isZero();
  }

  @Test
  void whatIsDoneIsLeftOut() {
    BilletTasks.DoneSoFar stacked =
        new BilletTasks.DoneSoFar(Set.of(), Map.of("4/s1#prepare", 100, "4/s1#stack", 130));
    Job job = job(LINE, WorkRules.common(), TaskPace.USUAL, stacked);
    assertThat(job.tasks().getFirst().id()).isEqualTo("4/s1");
    assertThat(job.notBeforeMin()).containsEntry("4/s1", 145);
    BilletTasks.DoneSoFar cut = new BilletTasks.DoneSoFar(Set.of("s4"), Map.of());
    assertThat(job(LINE, WorkRules.common(), TaskPace.USUAL, cut).tasks().getFirst().kind())
        .isEqualTo(TaskKind.GRIND);
  }

  /** Ground yesterday, and rusty by now. */
  @Test
  void facesGroundOnADayBeforeAreGroundAgain() {
    BilletTasks.DoneSoFar yesterday =
        new BilletTasks.DoneSoFar(Set.of(), Map.of("4/s1#prepare", -300));
    assertThat(job(LINE, WorkRules.common(), TaskPace.USUAL, yesterday).tasks().getFirst().id())
        .isEqualTo("4/s1#prepare");
    WorkRules keep = new WorkRules(2, 30, true, false, 15);
    assertThat(job(LINE, keep, TaskPace.USUAL, yesterday).tasks().getFirst().id())
        .isEqualTo("4/s1#stack");
  }

  @Test
  void aBladeIsHardenedTemperedTwiceAndEtched() {
    Job job = job(LINE + " > blade 150 x 30 x 5");
    assertThat(job.tasks())
        .extracting(Task::kind)
        .endsWith(TaskKind.HARDEN, TaskKind.TEMPER, TaskKind.TEMPER, TaskKind.ETCH);
    assertThat(link(job, "4/#harden", "4/#temper1").sameDay()).isTrue();
    assertThat(task(job, "4/#temper1").handsMin()).isEqualTo(10);
  }

  @Test
  void aTwistTakesTwoWhereTheShopSaysSo() {
    String twist =
        "8 (D 3, B 1.5) 20 x 150 > set 3 1180C > draw 14 x 14, 4 heats > twist 4, 3 heats";
    WorkRules two = new WorkRules(2, 30, false, true, 15);
    Job job = job(twist, two, TaskPace.USUAL, BilletTasks.DoneSoFar.NOTHING);
    assertThat(job.tasks().getLast().people()).isEqualTo(2);
    assertThat(job(twist).tasks().getLast().people()).isEqualTo(1);
  }

  /** From four records on, the middle of what it took. */
  @Test
  void actualTimesMoveEstimatesFromFourRecordsOn() {
    TaskPace.Taken slow = new TaskPace.Taken(TaskKind.PREPARE, 100, 150);
    TaskPace.Taken once = new TaskPace.Taken(TaskKind.PREPARE, 100, 900);
    Job three = job(LINE, WorkRules.common(), TaskPace.of(List.of(slow, slow, once)), NOTHING);
    assertThat(task(three, "4/s1#prepare").minutes()).isEqualTo(96);
    Job four = job(LINE, WorkRules.common(), TaskPace.of(List.of(slow, slow, slow, once)), NOTHING);
    assertThat(task(four, "4/s1#prepare").minutes()).isEqualTo(144);
    assertThat(task(four, "4/s4").minutes()).isEqualTo(16);
  }

  private static final BilletTasks.DoneSoFar NOTHING = BilletTasks.DoneSoFar.NOTHING;
}

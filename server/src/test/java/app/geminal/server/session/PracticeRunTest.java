package app.geminal.server.session;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.heat.Atmosphere;
import app.geminal.heatplan.ForgeAction;
import app.geminal.server.TestShop;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.simulator.Drill;
import app.geminal.simulator.TrueJoints;
import app.geminal.weldmap.FailureCause;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** What really becomes of the joints in a practice run. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PracticeRunTest {
  private static final Press PRESS = Objects.requireNonNull(Shop.common().press());
  private static final long SEED = 5;

  private PlannedHeat heat;

  @BeforeAll
  void plans() {
    try (TestShop demo = TestShop.demo()) {
      String step = demo.smith().get("/api/v1/billets/1/heats").at("$[0].path");
      heat = demo.bean(HeatPlans.class).planned(1, step);
    }
  }

  private PracticeRun run(@Nullable Drill drill) {
    return new PracticeRun(List.of(heat), PRESS, SEED, drill);
  }

  /** The ram comes down on it in half a second, then moves as far as it should. */
  private double asPlannedS() {
    return 0.5 + heat.welds().getLast().squeeze().strokeS();
  }

  /** One heat: so many minutes in the fire, then every bite. */
  private void heat(PracticeRun run, double minutes, double squeezeS) {
    run.done(0, ForgeAction.IN);
    run.done(0, ForgeAction.FLUX);
    run.advance(30 * minutes);
    run.done(0, ForgeAction.TURN);
    run.advance(30 * minutes);
    run.done(0, ForgeAction.OUT);
    run.advance(4);
    for (int bite = 0; bite < heat.welds().getLast().squeeze().bites().size(); bite++) {
      run.done(0, ForgeAction.SQUEEZE);
      run.advance(squeezeS);
      run.done(0, ForgeAction.LET_GO);
      run.advance(2);
    }
  }

  private TrueJoints made(PracticeRun run, double minutes, double squeezeS) {
    for (int n = 0; n < heat.welds().getLast().fire().minutes().size(); n++) {
      heat(run, n == 0 ? minutes : minutes / 2, squeezeS);
    }
    run.ends();
    return run.joints(0).orElseThrow();
  }

  private static long sound(TrueJoints joints) {
    return IntStream.range(0, joints.joints()).filter(joints::isSound).count();
  }

  private static List<FailureCause> causes(TrueJoints joints) {
    return IntStream.range(0, joints.joints())
        .mapToObj(joints::cause)
        .flatMap(cause -> cause.stream())
        .distinct()
        .toList();
  }

  @Test
  void hotLongAndFirmlySqueezedEveryJointIsSound() {
    PracticeRun run = run(Drill.COLD_CENTER);
    run.set(run.setC() + 60);
    TrueJoints joints = made(run, 40, 1.5 * asPlannedS());
    assertThat(sound(joints)).isEqualTo(joints.joints());
    assertThat(causes(joints)).isEmpty();
  }

  @Test
  void theSameRunComesOutTheSame() {
    TrueJoints once = made(run(null), 9, 1.1);
    TrueJoints again = made(run(null), 9, 1.1);
    for (int joint = 0; joint < once.joints(); joint++) {
      for (int patch = 0; patch < TrueJoints.ALONG * TrueJoints.ACROSS; patch++) {
        assertThat(again.isBonded(joint, patch)).isEqualTo(once.isBonded(joint, patch));
      }
    }
  }

  @Test
  void takenOutTooEarlyItWasTheHeat() {
    TrueJoints joints = made(run(Drill.COLD_CENTER), 3.5, asPlannedS());
    assertThat(sound(joints)).isZero();
    assertThat(causes(joints)).containsExactly(FailureCause.HEAT);
  }

  @Test
  void notSqueezedItWasThePressure() {
    PracticeRun run = run(Drill.COLD_CENTER);
    heat(run, 40, 0);
    run.ends();
    assertThat(causes(run.joints(0).orElseThrow())).containsExactly(FailureCause.PRESSURE);
  }

  @Test
  void edgesThatOpenEarlyAreSqueezedOpen() {
    TrueJoints joints = made(run(Drill.OVER_PRESSED), 40, 3 * asPlannedS());
    assertThat(sound(joints)).isZero();
    assertThat(causes(joints)).contains(FailureCause.REOPENED);
  }

  @Test
  void anAirRichFlameCanBeTurnedDown() {
    PracticeRun run = run(Drill.LEAN_FLAME);
    assertThat(run.flame()).isEqualTo(Atmosphere.OXIDISING);
    run.air(0.85);
    assertThat(run.flame()).isEqualTo(Atmosphere.RICH);
    run.air(1);
    assertThat(run.flame()).isEqualTo(Atmosphere.NEUTRAL);
  }

  @Test
  void aGaugeThatReadsHighSaysWhatTheControllerIsSetToAndTheForgeIsColder() {
    PracticeRun run = run(Drill.LYING_GAUGE);
    run.done(0, ForgeAction.IN);
    run.advance(3600);
    assertThat(run.gaugeC()).isBetween(run.setC() - 10, run.setC() + 10);
    assertThat(Objects.requireNonNull(run.glow(0)).skinC()).isLessThan(run.setC() - 50);
  }
}

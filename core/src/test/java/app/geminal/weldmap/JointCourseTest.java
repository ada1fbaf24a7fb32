package app.geminal.weldmap;

import static app.geminal.weldmap.Setups.faces;
import static app.geminal.weldmap.Setups.fire;
import static app.geminal.weldmap.Setups.sealed;
import static app.geminal.weldmap.Setups.squeeze;
import static app.geminal.weldmap.Setups.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import app.geminal.shop.FacePrep;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Limits that can be worked out by hand, by the likely figures. */
class JointCourseTest {
  private static final PatchGrid GRID = PatchGrid.USUAL;

  private static Joints made(WeldSetup... course) {
    return made(Sample.likely(), course);
  }

  private static Joints made(Sample sample, WeldSetup... course) {
    return JointCourse.of(List.of(course), sample, GRID).joints();
  }

  /** States of one joint, a line of the width for each place along. */
  private static List<String> states(Joints of, int joint) {
    List<String> lines = new ArrayList<>();
    for (int along = 0; along < GRID.along(); along++) {
      StringBuilder line = new StringBuilder();
      for (int across = 0; across < GRID.across(); across++) {
        line.append(of.at(joint, along * GRID.across() + across).state().name().charAt(0));
      }
      lines.add(line.toString());
    }
    return lines;
  }

  private static void allAre(Joints of, String line) {
    for (int joint = 0; joint < Setups.JOINTS.size(); joint++) {
      assertThat(states(of, joint)).containsOnly(line);
    }
  }

  @Test
  void evenlyHotCleanAndUnderOneDieEverythingBonds() {
    Joints weld = made(sealed());
    allAre(weld, "BBBB");
    assertThat(weld.isSound(0)).isTrue();
    assertThat(weld.at(0, 0).cause()).isNull();
  }

  @Test
  void coldNothingBonds() {
    Joints weld = made(with(sealed(), fire(900, 60.0)));
    allAre(weld, "SSSS");
    assertThat(weld.isSound(0)).isFalse();
    assertThat(weld.at(0, 0).cause()).isEqualTo(BondCause.HEAT);
    assertThat(weld.at(0, 0).heatMarginC()).isBetween(-200.0, -160.0);
  }

  @Test
  void diesOnHalfOfItBondHalf() {
    Joints weld = made(with(sealed(), squeeze(0.08, new Bite(0, Setups.LENGTH_MM / 2))));
    assertThat(states(weld, 1))
        .containsExactly("BBBB", "BBBB", "BBBB", "BBBB", "OOOO", "OOOO", "OOOO", "OOOO");
    assertThat(weld.at(1, 31).cause()).isEqualTo(BondCause.PRESSURE);
    assertThat(weld.at(1, 31).reductionMargin()).isCloseTo(-0.03, within(1e-9));
  }

  /** Half an hour in an oxidising flame with nothing to keep it out. */
  @Test
  void openItIsOxidisedFromTheEdgesInwards() {
    WeldSetup open = with(with(sealed(), faces(AtmosphereProtection.DRY)), fire(1200, 30.0));
    Joints weld = made(Sample.likely().with(Unknown.FUEL_LASTS, 0.01), open);
    assertThat(states(weld, 1))
        .containsExactly("SSSS", "SBBS", "SBBS", "SBBS", "SBBS", "SBBS", "SBBS", "SSSS");
    assertThat(weld.at(1, 0).cause()).isEqualTo(BondCause.OXIDE);
    assertThat(weld.at(1, 0).oxideMarginUm()).isLessThan(-10);
  }

  @ParameterizedTest
  @ValueSource(doubles = {30, 60, 180})
  void sealedItBondsWhateverTheTime(double minutes) {
    allAre(made(with(sealed(), fire(1200, minutes))), "BBBB");
  }

  @Test
  void fluxTakesAwayWhatHasGrown() {
    WeldSetup fluxed = with(with(sealed(), faces(AtmosphereProtection.BORAX)), fire(1200, 20.0));
    allAre(made(fluxed), "BBBB");
    WeldSetup scaled =
        with(
            fluxed,
            new WeldSetup.Faces(
                AtmosphereProtection.BORAX, Jacket.BEAD, FacePrep.GROUND, 0.05, 60));
    allAre(made(scaled), "SSSS");
    assertThat(made(scaled).at(1, 9).cause()).isEqualTo(BondCause.OXIDE);
  }

  @Test
  void tooHardASqueezePullsUnsetEdgesOpen() {
    WeldSetup hard =
        with(
            with(sealed(), faces(AtmosphereProtection.BORAX)),
            squeeze(0.25, new Bite(0, Setups.LENGTH_MM)));
    Joints weld = made(hard);
    allAre(weld, "OBBO");
    assertThat(weld.at(2, 0).cause()).isEqualTo(BondCause.REOPENED);
    assertThat(weld.isSound(2)).isFalse();
  }

  @Test
  void aPressThatLacksForceDoesNotReachItsStop() {
    WeldSetup.Squeeze s = sealed().squeeze();
    WeldSetup weak =
        with(
            sealed(),
            new WeldSetup.Squeeze(s.reduction(), s.bites(), 0.2, 150, s.strength(), 0.03, 0.1));
    Joints weld = made(weak);
    allAre(weld, "SSSS");
    assertThat(weld.at(0, 9).cause()).isEqualTo(BondCause.PRESSURE);
  }

  /** 200 mm wide and thick as honey: the middle cannot get its slag out, the edges can. */
  @Test
  void slagIsLockedInWhereTheWayOutIsLong() {
    WeldSetup s = sealed();
    WeldSetup wide =
        new WeldSetup(
            new BarHeat.Of(200, 40, 300, 8, BarHeat.Of.USUAL_GAP),
            s.joints(),
            s.floorC(),
            s.fire(),
            squeeze(0.08, new Bite(0, 300)),
            faces(AtmosphereProtection.BORAX));
    Joints weld = made(Sample.likely().with(Unknown.SLAG_VISCOSITY, 3), wide);
    assertThat(states(weld, 1).get(4)).isEqualTo("BIIB");
    assertThat(weld.at(1, 17).cause()).isEqualTo(BondCause.INCLUSION);
  }

  @Test
  void aLateBiteIsAColdOne() {
    Bite[] eight = Bite.fromTheMiddle(8, 20, Setups.LENGTH_MM).toArray(Bite[]::new);
    WeldSetup late = with(with(sealed(), squeeze(0.08, eight)), fire(1150, 60.0));
    Joints weld = made(Sample.likely().with(Unknown.PER_BITE, 6), late);
    assertThat(weld.at(3, 16).heatMarginC()).isGreaterThan(weld.at(3, 4).heatMarginC() + 20);
    assertThat(weld.at(3, 4).heatMarginC()).isGreaterThan(weld.at(3, 0).heatMarginC() + 20);
    assertThat(states(weld, 3).getFirst()).isEqualTo("SSSS");
    assertThat(states(weld, 3).get(3)).isEqualTo("BBBB");
  }

  /** Two light heats set what one does not, and what is bonded stays so. */
  @Test
  void heatsAddUp() {
    WeldSetup light = with(sealed(), squeeze(0.02, new Bite(0, Setups.LENGTH_MM)));
    allAre(made(light), "SSSS");
    allAre(made(with(light, fire(1200, 60.0, 20.0))), "BBBB");
    allAre(made(light, light), "BBBB");
    allAre(made(sealed(), with(sealed(), fire(700, 20.0))), "BBBB");
  }

  /** Nothing of the joints' own gets into the heat: the solver alone comes out the same. */
  @Test
  void theLikelyMemberHasTheTemperaturesOfTheBarAlone() {
    WeldSetup.Fire fire = new WeldSetup.Fire(1230, 1e9, Atmosphere.RICH, List.of(12.0));
    WeldSetup setup = with(with(sealed(), squeeze(0.05)), fire);
    Surroundings chamber = Surroundings.chamber(1230).on(FaceContact.FLOOR);
    BarHeat alone = new BarHeat(setup.bar(), 20);
    alone.advance(360, chamber);
    alone.turnedOver();
    alone.advance(360, chamber);
    for (int second = 0; second < Unknown.TO_DIES.likely(); second++) {
      alone.advance(1, Surroundings.air());
    }
    alone.welded();
    alone.advance(40 - Unknown.TO_DIES.likely(), Surroundings.air());
    assertThat(JointCourse.of(List.of(setup), Sample.likely(), GRID).coreC())
        .isEqualTo(alone.coreC());
  }
}

package app.geminal.weldmap;

import static app.geminal.weldmap.Setups.faces;
import static app.geminal.weldmap.Setups.fire;
import static app.geminal.weldmap.Setups.sealed;
import static app.geminal.weldmap.Setups.squeeze;
import static app.geminal.weldmap.Setups.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.units.Units;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weldmap.OpenJoint.Place;
import app.geminal.weldmap.OpenJoint.Suspect;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Why a joint is open, from the plan alone: one thing is wrong in each, and it is named. */
class OpenJointTest {
  private static final WeldSetup WHOLE = with(sealed(), faces(AtmosphereProtection.BORAX));

  static Stream<Arguments> oneThingWrong() {
    Bite half = new Bite(0, Setups.LENGTH_MM / 2);
    Bite all = new Bite(0, Setups.LENGTH_MM);
    return Stream.of(
        Arguments.of(FailureCause.HEAT, with(sealed(), fire(1000, 60.0)), Place.ANYWHERE, true),
        Arguments.of(
            FailureCause.HEAT, with(sealed(), fire(1190, 4.0)), new Place(2, 0.5, 0.5), true),
        Arguments.of(
            FailureCause.PRESSURE,
            with(sealed(), squeeze(0.08, half)),
            new Place(2, 0.9, 0.5),
            true),
        Arguments.of(
            FailureCause.PRESSURE, with(sealed(), squeeze(0.005, all)), Place.ANYWHERE, true),
        Arguments.of(
            FailureCause.OXIDE,
            with(with(sealed(), faces(AtmosphereProtection.DRY)), fire(1200, 45.0)),
            new Place(3, 0.5, 0.05),
            true),
        Arguments.of(
            FailureCause.REOPENED,
            with(with(WHOLE, fire(1200, 20.0)), squeeze(0.3, all)),
            new Place(1, 0.5, 0.0),
            true),
        Arguments.of(FailureCause.DIRT, sealed(), new Place(2, 0.5, 0.5), true),
        Arguments.of(FailureCause.PAIR, sealed(), new Place(2, 0.5, 0.5), false));
  }

  @ParameterizedTest
  @MethodSource("oneThingWrong")
  void theOneThingThatIsWrongIsFirst(
      FailureCause cause, WeldSetup setup, Place place, boolean commonHeat) {
    OpenJoint why = OpenJoint.of(List.of(setup), Sample.ensemble(), place, commonHeat);
    assertThat(why.suspects().getFirst().cause()).as(why.toString()).isEqualTo(cause);
    assertThat(why.suspects().stream().mapToDouble(Suspect::weight).sum())
        .isCloseTo(1, within(0.1));
    assertThat(why.suspects().getFirst().evidence().read(Units.US)).isNotBlank();
  }

  /** Nothing is wrong in the middle; at the edge of the same joint it is the oxide. */
  @Test
  void whereItIsDecides() {
    WeldSetup open = with(with(sealed(), faces(AtmosphereProtection.DRY)), fire(1200, 25.0));
    OpenJoint middle =
        OpenJoint.of(List.of(open), Sample.ensemble(), new Place(2, 0.45, 0.45), true);
    OpenJoint edge = OpenJoint.of(List.of(open), Sample.ensemble(), new Place(2, 0.45, 0.0), true);
    assertThat(weight(edge, FailureCause.OXIDE)).isGreaterThan(weight(middle, FailureCause.OXIDE));
    assertThat(edge.suspects().getFirst().cause()).isEqualTo(FailureCause.OXIDE);
  }

  @Test
  void aJointThatTheWeldHasNotIsLeftToWhatIsBelievedOfAny() {
    OpenJoint why =
        OpenJoint.of(List.of(sealed()), Sample.ensemble(), new Place(99, null, null), true);
    assertThat(why.suspects().getFirst().cause()).isEqualTo(FailureCause.DIRT);
    assertThat(weight(why, FailureCause.HEAT)).isZero();
  }

  private static double weight(OpenJoint why, FailureCause cause) {
    return why.suspects().stream()
        .filter(s -> s.cause() == cause)
        .mapToDouble(Suspect::weight)
        .findFirst()
        .orElse(0);
  }

  @Test
  void aCheckTellsTheTwoLikeliestApart() {
    WeldSetup cool = with(with(sealed(), faces(AtmosphereProtection.DRY)), fire(1130, 30.0));
    OpenJoint why = OpenJoint.of(List.of(cool), Sample.ensemble(), new Place(4, 0.02, 0.02), true);
    assertThat(why.suspects().stream().limit(2).map(Suspect::cause))
        .containsExactlyInAnyOrder(FailureCause.HEAT, FailureCause.OXIDE);
    assertThat(why.check().orElseThrow().read(Units.METRIC))
        .contains("grinding marks still sharp", "dark scale on both faces");
  }
}

package app.geminal.simulator;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.following.Estimate;
import app.geminal.following.FollowedBar;
import app.geminal.following.Look;
import app.geminal.following.Place;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Soak;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * What is said of the core against what is true, in heats that were drawn by another hand: {@value
 * #USUAL} of them, or as many as {@code -Dgeminal.heats} says.
 */
class FollowedHeatsTest {
  private static final int USUAL = 120;
  private static final double STEP_S = 4;
  private static final double LONGEST_S = 5400;
  private static final double BETWEEN_LOOKS_S = 60;
  private static final double IN_SIGHT_K = 60;

  private static List<Heat> alone;
  private static List<Heat> looked;

  /** A moment: what was said of the core and what it was. */
  private record Said(Estimate estimate, double trueC, double threeBarsC, double threeBarsOffC) {
    boolean holds() {
      return estimate.core().low() <= trueC && trueC <= estimate.core().high();
    }

    double halfWidth() {
      return estimate.core().halfWidth();
    }
  }

  /** One heat: what was said every few minutes, and when it said ready. */
  private record Heat(List<Said> minutes, Said ready) {}

  @BeforeAll
  static void heats() {
    int heats = Integer.getInteger("geminal.heats", USUAL);
    alone = IntStream.range(0, heats).parallel().mapToObj(i -> heat(i, 0)).toList();
    looked = IntStream.range(0, heats).parallel().mapToObj(i -> heat(i, 2)).toList();
  }

  private static Heat heat(int number, int looks) {
    Random random = new Random(7_000_003L * number + 17);
    BarHeat.Of stack =
        BarHeat.Of.solid(
                Many.between(random, 25, 55),
                Many.between(random, 25, 75),
                Many.between(random, 100, 250))
            .loose(Many.between(random, 1.5, 8));
    double aimC = Many.between(random, 1150, 1200);
    TrueHeat truth = TrueHeat.drawn(random);
    SimulatedEye eye = new SimulatedEye(random);
    BarHeat real = truth.bar(stack);
    SimulatedForge forge =
        new SimulatedForge(number, aimC + Soak.CHAMBER_OVER_C, aimC + Soak.CHAMBER_OVER_C);
    forge.offset(-truth.gaugeOffsetC());
    forge.put("it", real, truth);
    FollowedBar followed = new FollowedBar(stack, 20);
    ThreeBars before = new ThreeBars(stack);
    followed.put(Place.FIRE);
    List<Said> minutes = new ArrayList<>();
    double lookedAt = 0;
    int left = looks;
    for (double s = STEP_S; s <= LONGEST_S; s += STEP_S) {
      if (s % 240 == 0) {
        real.turnedOver();
        followed.turnedOver();
        before.turnedOver();
      }
      forge.advance(STEP_S);
      followed.advance(STEP_S, forge.gaugeC());
      before.advance(STEP_S, forge.gaugeC());
      if (left > 0
          && s >= lookedAt + BETWEEN_LOOKS_S
          && followed.estimate().core().high() >= aimC - 60 - IN_SIGHT_K) {
        Optional<Look> best = followed.mostInformative(EnumSet.of(Look.SHADOW, Look.COLOR));
        if (best.isPresent()) {
          double skin = real.topSkinC(truth.chamber(forge.chamberC()));
          followed.seen(eye.look(best.get(), skin, real.coreC()));
          lookedAt = s;
          left--;
        }
      }
      Said now = new Said(followed.estimate(), real.coreC(), before.coreC(), before.plusMinusC());
      if (s % 240 == 120) {
        minutes.add(now);
      }
      if (followed.chanceReady(aimC - 60) >= FollowedBar.SURE) {
        return new Heat(minutes, now);
      }
    }
    throw new AssertionError("Heat " + number + " never gets ready.");
  }

  private static Figures figures(List<Heat> heats) {
    List<Said> ready = heats.stream().map(Heat::ready).toList();
    return new Figures(
        Many.share(ready, Said::holds),
        Many.share(heats.stream().flatMap(h -> h.minutes().stream()).toList(), Said::holds),
        Many.median(ready, Said::halfWidth),
        Many.share(ready, s -> Math.abs(s.trueC() - s.threeBarsC()) <= s.threeBarsOffC()),
        Many.median(ready, Said::threeBarsOffC));
  }

  /** What is reported of many heats; the last two of how a bar was followed before. */
  private record Figures(
      double holdsAtReady,
      double holdsOnTheWay,
      double halfWidthC,
      double threeBarsHold,
      double threeBarsHalfWidthC) {}

  @Test
  void byTheGaugeAloneTheCoreIsWhereItIsSaidToBe() {
    Figures figures = figures(alone);
    assertThat(figures.holdsAtReady()).as("%s", figures).isBetween(0.87, 0.93);
    assertThat(figures.holdsOnTheWay()).as("%s", figures).isBetween(0.87, 0.93);
    assertThat(figures.halfWidthC()).as("%s", figures).isLessThan(45);
  }

  @Test
  void twoLooksNarrowItAndItIsStillThere() {
    Figures figures = figures(looked);
    assertThat(figures.holdsAtReady()).as("%s", figures).isBetween(0.87, 0.93);
    assertThat(figures.holdsOnTheWay()).as("%s", figures).isBetween(0.87, 0.93);
    assertThat(figures.halfWidthC())
        .as("%s", figures)
        .isLessThan(25)
        .isLessThan(figures(alone).halfWidthC() - 3);
  }

  /** Three bars knew nothing of a gauge that is off, and promised twice what they could keep. */
  @Test
  void itHoldsWhereThreeBarsDidNot() {
    assertThat(figures(alone).threeBarsHold()).isLessThan(0.7);
  }
}

package app.geminal.simulator;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.simulator.TrueWeld.Habit;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A drill is lost by the plan's minutes and won by the one practice it is about. */
class DrillsTest {
  private static final int USUAL = 12;
  private static final double MOSTLY = 0.8;

  private static double sound(@Nullable Drill drill, Habit... habits) {
    int welds = Integer.getInteger("geminal.welds", USUAL);
    Set<Habit> all = EnumSet.noneOf(Habit.class);
    all.addAll(Set.of(habits));
    return IntStream.range(0, welds)
            .parallel()
            .mapToObj(i -> TrueWeld.drilled(i, drill, all).truth())
            .filter(t -> IntStream.range(0, t.joints()).allMatch(t::isSound))
            .count()
        / (double) welds;
  }

  private static Habit[] right(Drill drill) {
    return switch (drill) {
      case COLD_CENTER -> new Habit[] {};
      case LATE_BITE -> new Habit[] {Habit.HOTTER, Habit.QUICK_HANDS};
      case DIRTY_FACES -> new Habit[] {Habit.MUCH_FLUX};
      case LEAN_FLAME -> new Habit[] {Habit.GAS_UP};
      case LYING_GAUGE -> new Habit[] {Habit.HOTTER};
      case OVER_PRESSED -> new Habit[] {Habit.GENTLE_HAND};
    };
  }

  @Test
  void withoutADrillThePlansMinutesAreEnough() {
    assertThat(sound(null, Habit.BY_THE_CLOCK)).isGreaterThan(MOSTLY);
  }

  @ParameterizedTest
  @EnumSource
  void theRightPracticeWinsIt(Drill drill) {
    double byTheClock = sound(drill, Habit.BY_THE_CLOCK);
    double rightly = sound(drill, right(drill));
    assertThat(byTheClock).as("%s by the clock", drill).isLessThanOrEqualTo(0.4);
    assertThat(rightly).as("%s rightly", drill).isGreaterThanOrEqualTo(MOSTLY);
  }
}

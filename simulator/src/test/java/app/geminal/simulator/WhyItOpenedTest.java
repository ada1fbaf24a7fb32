package app.geminal.simulator;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.simulator.TrueWeld.Habit;
import app.geminal.weldmap.FailureCause;
import app.geminal.weldmap.OpenJoint;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Why joints opened, as the log lets it be named, against what alone would have saved them: {@value
 * #USUAL} welds that were drawn by another hand, or as many as {@code -Dgeminal.welds} says.
 */
class WhyItOpenedTest {
  private static final int USUAL = 72;

  private static List<Opened> logged;
  private static List<Opened> ramUnseen;

  /** What is wrong in one of many welds. */
  private enum Mishap {
    NONE(null),
    SHORT_SOAK(null, Habit.SHORT_SOAK),
    SLOW_HANDS(null, Habit.SLOW_HANDS),
    LEAN_FLAME(Drill.LEAN_FLAME),
    DIRTY_FACES(Drill.DIRTY_FACES),
    LIGHT_HAND(null, Habit.LIGHT_HAND),
    HEAVY_HAND(null, Habit.HEAVY_HAND),
    DIES_MISS(null, Habit.DIES_MISS),
    FAST_PRESS(null, Habit.FAST_PRESS);

    private final @Nullable Drill drill;
    private final List<Habit> habits;

    Mishap(@Nullable Drill drill, Habit... habits) {
      this.drill = drill;
      this.habits = List.of(habits);
    }

    TrueWeld weld(int number, boolean isRamSeen) {
      return TrueWeld.any(number, drill, isRamSeen, new HashSet<>(habits));
    }
  }

  /** A joint that is open: what was done wrong, what alone would have saved it, what is named. */
  private record Opened(Mishap mishap, FailureCause truth, List<OpenJoint.Suspect> named) {
    boolean isFirst() {
      return named.getFirst().cause() == truth;
    }

    boolean isAmongTwo() {
      return named.stream().limit(2).anyMatch(s -> s.cause() == truth);
    }
  }

  @BeforeAll
  static void welds() {
    logged = opened(true);
    ramUnseen = opened(false);
  }

  private static List<Opened> opened(boolean isRamSeen) {
    return IntStream.range(0, Integer.getInteger("geminal.welds", USUAL))
        .parallel()
        .boxed()
        .flatMap(i -> opened(i, isRamSeen).stream())
        .toList();
  }

  private static List<Opened> opened(int number, boolean isRamSeen) {
    Mishap[] all = Mishap.values();
    Mishap mishap = all[number % all.length];
    TrueWeld weld = mishap.weld(number, isRamSeen);
    TrueJoints truth = weld.truth();
    List<Opened> found = new ArrayList<>();
    for (int joint = 0; joint < truth.joints(); joint++) {
      int at = joint;
      if (!truth.isSound(at)) {
        truth
            .cause(at)
            .ifPresent(cause ->
                found.add(new Opened(mishap, cause, weld.suspects(place(truth, at, cause)))));
      }
    }
    return found;
  }

  /** Where a smith would point to: the middle of what is open for that cause. */
  private static OpenJoint.Place place(TrueJoints truth, int joint, FailureCause cause) {
    int[] open =
        IntStream.range(0, TrueJoints.ALONG * TrueJoints.ACROSS)
            .filter(p -> truth.cause(joint, p) == cause)
            .toArray();
    int patch = open[open.length / 2];
    return new OpenJoint.Place(
        joint + 1,
        (patch / TrueJoints.ACROSS + 0.5) / TrueJoints.ALONG,
        (patch % TrueJoints.ACROSS + 0.5) / TrueJoints.ACROSS);
  }

  /** What was wrong, what was true and what was named, and how often. */
  private static Map<String, Integer> table(List<Opened> of) {
    Map<String, Integer> table = new TreeMap<>();
    for (Opened each : of) {
      String row = each.mishap() + ": " + each.truth() + " → " + each.named().getFirst().cause();
      table.merge(row, 1, Integer::sum);
    }
    return table;
  }

  @Test
  void manyJointsOpenForEveryReason() {
    assertThat(logged).hasSizeGreaterThan(100);
    assertThat(logged)
        .extracting(Opened::truth)
        .contains(
            FailureCause.HEAT,
            FailureCause.PRESSURE,
            FailureCause.OXIDE,
            FailureCause.INCLUSION,
            FailureCause.REOPENED);
  }

  @Test
  void theTrueCauseIsNamedFirst() {
    assertThat(Many.share(logged, Opened::isFirst))
        .as("%s", table(logged))
        .isGreaterThanOrEqualTo(0.8);
  }

  @Test
  void theTrueCauseIsAmongTheFirstTwo() {
    assertThat(Many.share(logged, Opened::isAmongTwo))
        .as("%s", table(logged))
        .isGreaterThanOrEqualTo(0.95);
  }

  /** How hard it was squeezed then has to be guessed. */
  @Test
  void whereTheRamIsNotSeenLessIsNamed() {
    double first = Many.share(ramUnseen, Opened::isFirst);
    assertThat(first)
        .as("%s", table(ramUnseen))
        .isBetween(0.6, Many.share(logged, Opened::isFirst));
  }
}

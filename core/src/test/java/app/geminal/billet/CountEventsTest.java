package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.layup.Piece;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The reason for a count comes from the same events as the count, so that it cannot disagree. */
class CountEventsTest {
  private static final int PLANS = 2000;
  private static final Pattern JOINTS = Pattern.compile("(all|\\d+) of (\\d+) joints");

  private static Run run(String line) {
    ShopDefaults defaults = ShopDefaults.common();
    return Run.of(Shorthand.parse(line, UnitSystem.METRIC, defaults), TestSteels.ALL, defaults);
  }

  @Test
  void groundJointFacesAreSaid() {
    Run run =
        run(
            "13 (D 3, B 2) 40 x 150 > set 3 > draw 40 x 4.8, 6 heats > cut 5 > restack same, ground 0.5");
    Stage laid = run.last();
    assertThat(laid.visibleCount()).isEqualTo(53);
    assertThat(laid.gone()).isEqualTo(8);
    assertThat(laid.merged()).isEqualTo(4);
    assertThat(laid.meeting()).containsExactly("B");
    assertThat(CountExplanation.of(run, run.stages().size() - 1).marked())
        .startsWith(
            "5 bars of 13 layers make 65. Grinding the joint faces removes 8 layers. At all of 4 joints two B faces meet and become one layer: 65 − 8 − 4 = 53.");
  }

  @Test
  void inRandomPlansTheEventsAddUpToTheCount() {
    int laid = 0;
    int ground = 0;
    for (long seed = 1; seed <= PLANS; seed++) {
      Plan plan = seed % 2 == 0 ? RandomPlans.plan(seed) : RandomPlans.level(seed);
      Run run = Run.of(plan, TestSteels.ALL, ShopDefaults.common());
      for (int i = 1; i < run.stages().size(); i++) {
        Stage now = run.stages().get(i);
        if (now.joints() == 0) {
          continue;
        }
        assertThat(now.meeting().isEmpty() || now.merged() > 0).as("seed %d, %d", seed, i).isTrue();
        String words = CountExplanation.of(run, i).marked();
        Matcher joints = JOINTS.matcher(words);
        while (joints.find()) {
          int there = Integer.parseInt(joints.group(2));
          int named = joints.group(1).equals("all") ? there : Integer.parseInt(joints.group(1));
          assertThat(named).as("seed %d: %s", seed, words).isLessThanOrEqualTo(there);
        }
        if (now.step().orElseThrow().operation() instanceof Restack restack && isFlat(run, i)) {
          List<Piece> sheets =
              restack.between().stream()
                  .filter(Piece.class::isInstance)
                  .map(Piece.class::cast)
                  .toList();
          if (sheets.size() == restack.between().size()) {
            Stage before = run.stages().get(i - 1);
            long bars = before.bars().count();
            long came = bars * before.visibleCount() + (bars - 1) * sheets.size();
            assertThat(came - now.gone() - now.merged())
                .as("seed %d, stage %d: %s", seed, i, words)
                .isEqualTo(now.calculated().visibleCount());
            assertThat(now.merged()).isLessThanOrEqualTo(now.joints());
            laid++;
            ground += now.gone() > 0 ? 1 : 0;
          }
        }
      }
    }
    assertThat(laid).as("restacks looked at").isGreaterThan(300);
    assertThat(ground).as("of them with layers ground off").isGreaterThan(10);
  }

  private static boolean isFlat(Run run, int stage) {
    Operation operation = run.stages().get(stage).step().orElseThrow().operation();
    return run.stages().get(stage - 1).bars().section().isLevel()
        && run.stages().get(stage).bars().section().isLevel()
        && !(operation instanceof Restack restack
            && restack.turns().stream().anyMatch(t -> t == app.geminal.layup.Turn.QUARTER));
  }
}

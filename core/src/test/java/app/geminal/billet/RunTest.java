package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.TestSteels;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Cut;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunTest {

  static Run run(String line) {
    return Run.of(plan(line), TestSteels.ALL, ShopDefaults.common());
  }

  private static Plan plan(String line) {
    return Shorthand.parse(line, UnitSystem.METRIC, ShopDefaults.common());
  }

  @Test
  void stagesUpToAStopStand() {
    Run run = run("2 (D 2, B 2) 40 x 100 > set 3 > trim 80, 80 > cut 4");
    assertThat(run.stages()).hasSize(2);
    assertThat(run.stop().orElseThrow().step()).isEqualTo(1);
    assertThat(run.stop().orElseThrow().why().remedy().marked()).isNotEmpty();
  }

  @Test
  void aStackAloneIsARun() {
    Run run = run("(D 3) 40 x 100");
    assertThat(run.last().bars().loose()).isFalse();
    assertThat(run.yieldFraction()).isEqualTo(1);
  }

  @Test
  void anUnknownSteelIsNamedWithItsPlace() {
    assertThatThrownBy(() -> run("3 (D 2, unobtainium 2) 40 x 100"))
        .isInstanceOfSatisfying(
            InvalidValue.class,
            bad -> {
              assertThat(bad.path()).isEqualTo("stack/pieces/1/steel");
              assertThat(bad.words().marked()).contains("unobtainium");
            });
    assertThatThrownBy(() -> run("3 (D 2, B 2) 40 x 100 > cut 2 > restack same with (X 1)"))
        .isInstanceOfSatisfying(
            InvalidValue.class,
            bad -> assertThat(bad.path()).isEqualTo("steps/1/operation/between/0/steel"));
  }

  @Test
  void absurdCountsAreRefusedWithTheirPlace() {
    List<Operation> steps = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      steps.add(Cut.equal(20, 0));
      steps.add(Restack.of(Restack.ALL_SAME));
    }
    Stack stack = new Stack(List.of(new Piece("D", 1), new Piece("B", 1)), 40, 3000);
    assertThatThrownBy(() -> Run.of(Plan.of(stack, steps), TestSteels.ALL, ShopDefaults.common()))
        .isInstanceOfSatisfying(
            InvalidValue.class, bad -> assertThat(bad.path()).isEqualTo("steps/11"));
    assertThat(
            Run.of(Plan.of(stack, steps.subList(0, 10)), TestSteels.ALL, ShopDefaults.common())
                .last()
                .visibleCount())
        .isEqualTo(6_400_000);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "(D 3) 40 x 100|One piece is one layer.",
        "13 (D 3, B 1) 40 x 200|13 pieces, no two of one steel together: every piece is a layer.",
        "(D 3, D 3, B 1) 40 x 200|3 pieces. At 1 of 2 joints the same steel meets and becomes one layer: 3 − 1 = 2. The nominal count (pieces × cuts) is 3. It ignores merged layers.",
        "13 (D 3, B 1) 40 x 200 > cut 5 > restack same|5 bars of 13 layers make 65. At all of 4 joints two D faces meet and become one layer: 65 − 4 = 61. The nominal count (pieces × cuts) is 65. It ignores merged layers.",
        "12 (D 3, B 1) 40 x 200 > cut 5 > restack same|5 bars of 12 layers make 60. At every joint two different steels meet, so no layers merge.",
        "12 (D 3, B 1) 40 x 200 > cut 5 > restack turned|5 bars of 12 layers make 60. At all of 4 joints two like faces meet and become one layer: 60 − 4 = 56. The nominal count (pieces × cuts) is 60. It ignores merged layers.",
        "13 (D 3, B 1) 40 x 200 > cut 5 > restack same with (B 1)|5 bars of 13 layers and 4 pieces between make 69. At every joint two different steels meet, so no layers merge.",
        "7 (D 3, B 1) 40 x 200 > fold|A fold puts the top face on itself. Two D faces become one layer: 2 × 7 − 1 = 13. The nominal count (pieces × cuts) is 14. It ignores merged layers.",
        "3 (D 3, B 1) 40 x 200 > grind 3.5, 0|3 pieces, no two of one steel together: every piece is a layer. Scale and grinding have since removed 1 whole layer from the outside. The nominal count (pieces × cuts) is 3. It ignores merged layers.",
      })
  void theCountIsExplained(String line, String words) {
    Run run = run(line);
    assertThat(CountExplanation.of(run, run.stages().size() - 1).marked()).isEqualTo(words);
  }

  @Test
  void stepsKeepTheirKeysWhenTheLineIsRetyped() {
    Plan before =
        plan("3 (D 2, B 2) 40 x 100 > set 3 > draw 40 x 3, 2 heats > cut 4 > restack same > set 3");
    Plan longer =
        plan("5 (D 2, B 2) 40 x 100 > set 3 > draw 40 x 4, 2 heats > trim 5, 5 > cut 4 > restack same > set 3")
            .withKeysOf(before);
    assertThat(longer.steps())
        .extracting(Step::key)
        .containsExactly("s1", "s2", "s6", "s3", "s4", "s5");
    Plan shorter = plan("3 (D 2, B 2) 40 x 100 > cut 4 > restack same > set 3").withKeysOf(before);
    assertThat(shorter.steps()).extracting(Step::key).containsExactly("s3", "s4", "s5");
    assertThat(before.withKeysOf(before)).isEqualTo(before);
  }

  @Test
  void twoStepsCannotHaveOneKey() {
    Step cut = Step.of("a", Cut.equal(2, 1));
    Stack stack = new Stack(List.of(new Piece("D", 1)), 40, 100);
    assertThatThrownBy(() -> new Plan(stack, List.of(cut, cut), List.of(), List.of()))
        .isInstanceOfSatisfying(
            InvalidValue.class, bad -> assertThat(bad.path()).isEqualTo("steps/1/key"));
  }
}

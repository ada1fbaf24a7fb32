package app.geminal.workplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.validation.InvalidValue;
import java.time.DayOfWeek;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WorkPlanBuilderTest {
  private static WorkPlan laidOut(WorkQuestion question) {
    WorkPlanBuilder builder = new WorkPlanBuilder(question);
    return builder.build(
        IntStream.range(0, builder.tasks()).boxed().toList(),
        Collections.nCopies(question.days(), true));
  }

  /** Whatever the order, and however the forge is lit. */
  @Test
  void noRuleIsBrokenInAnyOrder() {
    int placed = 0;
    for (int seed = 0; seed < 200; seed++) {
      WorkQuestion question = RandomShops.of(seed, 1 + seed % 7, 14);
      WorkPlanBuilder builder = new WorkPlanBuilder(question);
      Random random = new Random(seed);
      for (int i = 0; i < 5; i++) {
        List<Integer> order =
            IntStream.range(0, builder.tasks()).map(_ -> random.nextInt(50)).boxed().toList();
        List<Boolean> lit = IntStream.range(0, 14).mapToObj(_ -> random.nextInt(4) > 0).toList();
        WorkPlan plan = builder.build(order, lit);
        assertThat(WorkPlanChecker.broken(plan, question)).as("shop %s", seed).isEmpty();
        placed += plan.placed().size();
      }
    }
    assertThat(placed).isGreaterThan(10_000);
  }

  @Test
  void theSameOrderIsTheSamePlan() {
    WorkQuestion question = RandomShops.of(7, 5, 14);
    assertThat(laidOut(question)).isEqualTo(laidOut(question));
  }

  @Test
  void twoBilletsShareTheForgeWhereItHasTwoPlaces() {
    WorkQuestion one = RandomShops.of(3, 6, 14);
    WorkRules rules = one.rules();
    WorkQuestion alone =
        one.withRules(
            new WorkRules(1, rules.lightMin(), rules.facesKeep(), false, rules.fuelSoakMin()));
    WorkQuestion shared =
        one.withRules(
            new WorkRules(2, rules.lightMin(), rules.facesKeep(), false, rules.fuelSoakMin()));
    assertThat(laidOut(shared).forgeOnMin()).isLessThan(laidOut(alone).forgeOnMin());
  }

  @Test
  void theForgeIsLitOnTheDaysThatAreSaid() {
    WorkQuestion question = RandomShops.of(11, 2, 14);
    Set<java.time.LocalDate> saturdays =
        Set.of(RandomShops.MONDAY.plusDays(5), RandomShops.MONDAY.plusDays(12));
    WorkPlan plan = laidOut(question.withForgeDays(saturdays));
    assertThat(plan.firings())
        .isNotEmpty()
        .allMatch(f ->
            RandomShops.MONDAY.plusDays(f.lit().fromMin() / 1440).getDayOfWeek()
                == DayOfWeek.SATURDAY);
  }

  /**
   * A weld that a day's hours cannot hold together with its faces is left out, and what follows.
   */
  @Test
  void whatHasNoRoomIsLeftOutWithWhatFollows() {
    WorkQuestion question = RandomShops.of(5, 1, 14);
    WorkHours short1 =
        new WorkHours(Map.of(DayOfWeek.TUESDAY, List.of(new Span(600, 640))), Map.of());
    Person brief = new Person("Smith", short1, Set.of(TaskKind.values()));
    WorkPlan plan = laidOut(question.withPeople(List.of(brief)));
    assertThat(plan.unplaced()).extracting(Task::kind).contains(TaskKind.WELD, TaskKind.FORGE);
    assertThat(plan.placed().size() + plan.unplaced().size())
        .isEqualTo((int) question.tasks().count());
  }

  @Test
  void aTaskPutSomewhereByHandIsNotDoneBefore() {
    WorkQuestion question = RandomShops.of(9, 4, 14);
    WorkPlan before = laidOut(question);
    WorkPlan.Placed first = before.placed().getFirst();
    int later = 5 * 1440 + 9 * 60;
    WorkPlan after = laidOut(question.withPinned(Map.of(first.task().id(), later)));
    assertThat(after.placed())
        .filteredOn(p -> p.task().id().equals(first.task().id()))
        .singleElement()
        .extracting(WorkPlan.Placed::startMin)
        .isEqualTo(later);
    assertThat(WorkPlanChecker.broken(after, question)).isEmpty();
  }

  @Test
  void hoursMustFollowEachOther() {
    assertThatThrownBy(() ->
            new WorkHours(
                Map.of(DayOfWeek.MONDAY, List.of(new Span(60, 120), new Span(100, 200))), Map.of()))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("follow each other");
    assertThatThrownBy(() -> new Span(90, 90)).isInstanceOf(InvalidValue.class);
  }

  /** What comes first in the cost counts first. */
  @Test
  void costIsOrdered() {
    WorkPlanCost good = new WorkPlanCost(0, 0, 0, 500, 100);
    assertThat(good).isLessThan(new WorkPlanCost(0, 0, 1, 10, 10));
    assertThat(new WorkPlanCost(0, 0, 9, 900, 0)).isLessThan(new WorkPlanCost(0, 1, 0, 0, 0));
    assertThat(new WorkPlanCost(0, 5, 0, 0, 0)).isLessThan(new WorkPlanCost(1, 0, 0, 0, 0));
  }
}

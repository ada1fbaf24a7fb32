package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.RandomPlans;
import app.geminal.accordion.Accordion;
import app.geminal.bar.Section;
import app.geminal.billet.CountExplanation;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.operation.Operation;
import app.geminal.operation.RollUp;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The line that layers are counted on is a line in the picture, and crosses what the count says.
 */
class CountingLineTest {
  private static final int PLANS = 2400;
  private static final String BAR = "13 (D 3, B 2) 40 x 300 > set 3 > draw 30 x 30, 3 heats > ";

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "cut 2 > restack quarter, with (B 1)                | 13",
        "cut 3 > restack quarter, with (B 1)                | 13",
        "cut 4 > restack quarter, with (B 1)                | 13",
        "cut 2 > restack quarter                            | 13",
        "cut 4 > restack (same, quarter)                    | 25",
      })
  void barsOnEdgeAreCountedThroughABarAndNotThroughASheet(String then, long visible) {
    Run run = TestViews.run(BAR + then.strip());
    assertThat(run.last().visibleCount()).isEqualTo(visible);
    assertThat(scanned(run, run.last())).contains(visible);
  }

  @Test
  void barsTurnedUnlikeAreNotSaidToBeAlike() {
    Run run = TestViews.run(BAR + "cut 4 > restack (same, quarter)");
    assertThat(CountExplanation.of(run, run.stages().size() - 1).marked())
        .doesNotContain("4 bars of 13 layers")
        .contains("4 bars, crossed in different ways, make 28.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "3 (D 1, B 0.6) 60 x 60 > set 2 > draw 30 x 2, 4 heats > roll round",
        "3 (D 1, B 0.6) 60 x 60 > set 2 > draw 30 x 2, 4 heats > roll square",
        "2 (D 1, B 0.6) 60 x 60 > set 2 > draw 30 x 1.3, 4 heats > roll square, core (M 4)",
        "5 (D 1, B 0.6) 60 x 90 > set 2 > draw 30 x 2.7, 4 heats > roll round, core (D 3)",
      })
  void aRollIsCountedAsItsPictureShowsIt(String line) {
    Run run = TestViews.run(line.strip());
    assertThat(scanned(run, run.last())).contains(run.last().visibleCount());
    assertThat(run.last().bars().shopCount()).isGreaterThanOrEqualTo(run.last().visibleCount());
  }

  @Test
  void inRandomPlansTheLineIsInThePicture() {
    int lines = 0;
    int notLevel = 0;
    int rolls = 0;
    for (long seed = 1; seed <= PLANS; seed++) {
      Run run = TestViews.run(RandomPlans.plan(seed));
      for (int i = 1; i < run.stages().size(); i++) {
        Stage now = run.stages().get(i);
        boolean rolled = isRoll(now);
        if (now.bars().count() == 0
            || now.visibleCount() > 20_000
            || bends(run.plan(), rolled ? i - 1 : i)
            || changesAlong(run, i)) {
          break;
        }
        assertThat(scanned(run, now))
            .as("seed %d, step %d, %s", seed, i, now.step())
            .contains(now.visibleCount());
        lines++;
        notLevel += now.bars().section().isLevel() ? 0 : 1;
        rolls += rolled ? 1 : 0;
      }
    }
    assertThat(lines).isGreaterThan(1500);
    assertThat(notLevel).as("of %d not level", lines).isGreaterThan(200);
    assertThat(rolls).isGreaterThan(10);
  }

  private static boolean isRoll(Stage stage) {
    return stage.step().map(Step::operation).filter(RollUp.class::isInstance).isPresent();
  }

  /**
   * Opened like an accordion, what lay beside the line follows it along the bar: its front end
   * shows the old edge, not the line, where the section was not the same from edge to edge.
   */
  private static boolean changesAlong(Run run, int stage) {
    return run.stages().get(stage).step().orElseThrow().operation() instanceof Accordion
        && !run.stages().get(stage - 1).bars().section().isLevel();
  }

  /** Whether a layer is bent by then, so that two straight lines no longer represent everything. */
  private static boolean bends(Plan plan, int steps) {
    return plan.steps().stream().limit(steps).map(Step::operation).anyMatch(CountingLineTest::bends)
        || plan.parts().stream().anyMatch(p -> bends(p.plan(), Integer.MAX_VALUE));
  }

  private static boolean bends(Operation operation) {
    return switch (operation) {
      case app.geminal.operation.Twist _,
          app.geminal.operation.Resquare _,
          app.geminal.operation.Upset _,
          RollUp _,
          app.geminal.operation.Ladder _,
          app.geminal.operation.Dimples _,
          app.geminal.operation.ForgedSurface _,
          app.geminal.operation.Blade _ ->
          true;
      default -> false;
    };
  }

  /**
   * What the counting line crosses in the picture. On the line itself, and a hair beside it: where
   * two layers on edge meet on the line, either is right.
   */
  private static Stream<Long> scanned(Run run, Stage stage) {
    Field field = Field.of(run, run.stages().indexOf(stage));
    SectionView end = TestViews.end(field);
    Section section = stage.bars().section();
    double hair = 1e-7;
    return Stream.of(0.0, -hair, hair)
        .map(off ->
            section.isCountedAcross()
                ? ScanLine.of(
                    end,
                    0,
                    section.acrossLineMm() + off,
                    section.widthMm(),
                    section.acrossLineMm() + off)
                : ScanLine.of(
                    end, section.upLineMm() + off, 0, section.upLineMm() + off, section.heightMm()))
        .map(ScanLine::count);
  }
}

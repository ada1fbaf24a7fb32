package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.FinderPage;
import app.geminal.e2e.pages.RackPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From a count to a plan. */
class FinderTest extends Story {
  @Override
  protected Shop open() {
    return Shop.demo();
  }

  private RackPage rack() {
    return SignInPage.at(page, shop).asDemo();
  }

  private FinderPage finder() {
    rack();
    return FinderPage.at(page);
  }

  @Test
  void aTargetBecomesABillet() {
    FinderPage finder = finder().ask("Layers wanted", "60");
    assertThat(finder.ways().first()).containsText("Fewest welds");
    String layers = finder.layers(0);
    assertThat(Integer.parseInt(layers)).isBetween(57, 63);
    BilletPage billet = finder.open(0);
    assertThat(billet.figures().last())
        .hasAttribute("aria-label", Pattern.compile("\\b" + layers + " visible"));
    assertThat(billet.finding("finish-short")).hasCount(0);
    assertThat(
            billet
                .rack()
                .billets()
                .filter(new Locator.FilterOptions().setHasText(layers + " layers")))
        .hasCount(1);
  }

  @Test
  void aLongSearchIsCalledOffAndTakenUpAgain() {
    FinderPage finder = finder().type("Layers wanted", "100000");
    page.getByLabel("Searched").waitFor();
    finder.button("Cancel").click();
    assertThat(finder.found()).containsText("Canceled");
    assertThat(finder.found()).hasAttribute("aria-busy", "false");
    finder.button("Search again").click();
    page.getByLabel("Searched").waitFor();
    finder.button("Undo").click();
    finder.settled();
    assertThat(finder.field("Layers wanted")).hasValue("300");
    assertThat(finder.ways().first()).containsText("Fewest welds");
  }

  @Test
  void whenNothingIsPossibleTheLimitInTheWayIsMoved() {
    FinderPage finder = finder().ask("Tallest stack", "1/2");
    assertThat(finder.count()).hasText("0");
    assertThat(finder.found()).containsText("No schedule satisfies the limits");
    finder.after(() -> finder.button("Relax limit").first().click());
    assertThat(finder.count()).not().hasText("0");
    assertThat(finder.ways()).not().hasCount(0);
    finder.after(() -> finder.button("Undo").click());
    assertThat(finder.count()).hasText("0");
  }

  @Test
  void aLimitIsMovedWhereItRulesOut() {
    FinderPage finder = finder();
    Locator out = page.getByLabel("Excluded by limits");
    assertThat(out).containsText("need a bar of more than");
    finder.ask("Longest bar", "60 in");
    assertThat(out).not().containsText(Pattern.compile("more than 35.43"));
    finder.after(() -> finder.button("Undo").click());
    assertThat(out).containsText("more than 35.43");
  }

  @Test
  void waysAreNarrowedOnThePlotOrderedAndComparedSideBySide() {
    FinderPage finder = finder();
    String all = finder.count().textContent();
    finder.button("Show the other " + (Integer.parseInt(all) - finder.ways().count())).click();
    assertThat(finder.ways()).hasCount(Integer.parseInt(all));
    Locator drawn = page.getByLabel("Plot").locator("svg");
    drawn.scrollIntoViewIfNeeded();
    BoundingBox plot = drawn.boundingBox();
    page.mouse().move(plot.x + 60, plot.y + plot.height * 0.6);
    page.mouse().down();
    page.mouse().move(plot.x + plot.width - 60, plot.y + plot.height * 0.84);
    page.mouse().up();
    assertThat(page.getByLabel("Recommended schedules", exactly()))
        .containsText(Pattern.compile("of " + all + " selected"));
    assertThat(finder.ways().count()).isLessThan(Integer.parseInt(all));
    finder.button("Show all").click();
    assertThat(finder.ways()).hasCount(Integer.parseInt(all));
    finder.button("faces").click();
    assertThat(finder.ways().first()).containsText("ewest joint faces");
    finder.ways().nth(0).getByLabel("compare").check();
    finder.ways().nth(1).getByLabel("compare").check();
    assertThat(page.getByLabel("Comparison")).containsText("Soaking and setting");
    finder.button("Close").click();
    assertThat(page.getByLabel("Comparison")).hasCount(0);
  }

  @Test
  void aBilletsBarHasWaysOnThatCanBeUndone() {
    BilletPage billet = rack().open("Rigging knife bar, barge Teasel");
    String before = billet.line().inputValue();
    billet.openStage(0, "Draw");
    page.getByText("Continue from here").click();
    FinderPage finder = new FinderPage(page).settled();
    assertThat(page.getByLabel("Question")).containsText("continue Rigging knife bar");
    // The bar wanted is the one the billet's own pieces come out of.
    Locator finished =
        page.getByRole(
            AriaRole.GROUP, new Page.GetByRoleOptions().setName("Finished bar, ground clean"));
    assertThat(finished.getByLabel("Width")).hasValue("1 1/8");
    finder.ask("Layers wanted", "120").ask("tolerance", "30");
    assertThat(finder.ways().first()).containsText("the bar");
    finder.open(0);
    assertThat(billet.line()).not().hasValue(before);
    billet.button("Undo").click();
    assertThat(billet.line()).hasValue(before);
  }

  @Test
  void theShelfSaysTheMostItGives() {
    FinderPage finder = finder();
    finder
        .after(() -> finder.choose("steel on the shelf"))
        .after(() -> finder.choose("most layers"));
    assertThat(finder.found()).containsText("recommended");
    finder.ask("Length", "8 in");
    assertThat(finder.ways().first()).containsText("pieces");
  }

  private static Page.GetByLabelOptions exactly() {
    return new Page.GetByLabelOptions().setExact(true);
  }
}

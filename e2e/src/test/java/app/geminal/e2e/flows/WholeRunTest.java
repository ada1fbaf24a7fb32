package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.RackPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Plans of every kind of step, with parts: typed, keyed, joined, sized, sent and taken in. */
class WholeRunTest extends Story {
  private static final String KNIFE = "Splicing knife, twisted core";

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  private RackPage rack() {
    return SignInPage.at(page, shop).asDemo();
  }

  @Test
  void aPlanIsBuiltWithTheKeyboardOnlyAndUndoneToTheStart() {
    rack();
    page.getByText("New billet").press("Enter");
    page.getByLabel("Pieces").first().waitFor();
    page.keyboard().type("Keyed in");
    page.keyboard().press("Enter");
    BilletPage billet = new BilletPage(page);
    billet.line().waitFor();
    String start = billet.line().inputValue();
    int rows = billet.figures().count();
    // Set, draw, twist, restack's cut, ladder, blade: each by its letter, and a copy left out.
    for (String key : List.of("d", "t", "c", "a", "r", "w", "n")) {
      page.keyboard().press(key);
      rows++;
      assertThat(billet.figures()).hasCount(rows);
    }
    page.keyboard().press("i");
    assertThat(billet.figures()).hasCount(rows + 1);
    page.keyboard().press("-");
    assertThat(billet.line()).hasValue(Pattern.compile(".* > off ladder pitch .*"));
    page.keyboard().press("ArrowUp");
    page.keyboard().press("Enter");
    page.keyboard().type("3");
    page.keyboard().press("Enter");
    assertThat(billet.line()).hasValue(Pattern.compile(".* > ladder pitch 3, .*"));
    page.keyboard().press("Escape");
    billet.button("Undo").focus();
    for (int i = 0; i < 10; i++) {
      page.keyboard().press("Enter");
      billet
          .page()
          .getByText("storing …")
          .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }
    assertThat(billet.line()).hasValue(start);
    assertThat(billet.button("Undo")).isDisabled();
  }

  @Test
  void shorthandIsWrittenAndReadTheSame() {
    BilletPage from = rack().open(KNIFE);
    String line = from.line().inputValue();
    assertThat(line).contains("part edge = ", "layup (same, end), left (@edge)", "want 1 of 8");
    BilletPage to = from.rack().open("Caulking iron, folded");
    String before = to.line().inputValue();
    to.typeLine(line);
    assertThat(to.part("spine")).isVisible();
    assertThat(to.line()).hasValue(line);
    to.typeLine(line.replace("twist 4", "bend 4"));
    assertThat(page.getByText("“bend” is not a step")).isVisible();
    assertThat((String) to.line().evaluate("e => e.value.slice(e.selectionStart, e.selectionEnd)"))
        .startsWith("bend 4");
    to.line().press("Escape");
    to.button("Undo").click();
    assertThat(to.line()).hasValue(before);
  }

  @Test
  void twoPartsWhoseHeightsDifferAreBroughtTogetherByShims() {
    BilletPage billet = rack().open(KNIFE).openStage(0, "Lay-up");
    assertThat(billet.run().locator("[data-fit=HEIGHT]").first()).isVisible();
    Locator apart = billet.finding("heights-do-not-match");
    int first = apart.count();
    assertThat(first).isPositive();
    for (int left = first; left > 0; left--) {
      apart.first().getByText("Add a shim of").click();
      assertThat(apart).hasCount(left - 1);
    }
    assertThat(billet.line()).hasValue(Pattern.compile(".*shim \\(.*"));
    for (int i = 0; i < first; i++) {
      billet.button("Undo").click();
    }
    assertThat(apart).hasCount(first);
  }

  @Test
  void aPartIsMadeApartEditedRenamedAndTakenOut() {
    BilletPage billet = rack().open("Drawknife iron, second pair").openStage(1, "Draw");
    billet.press("y");
    billet.field("Add: On the core").selectOption("a part (separate bar)");
    Locator edge = billet.part("edge");
    assertThat(edge).isVisible();
    edge.locator("button[aria-expanded]").first().click();
    billet.type("Width", "1 1/4").press("d");
    assertThat(edge.getByText("Draw")).isVisible();
    edge.getByLabel("Name of part edge").fill("side");
    edge.getByLabel("Name of part edge").press("Enter");
    assertThat(billet.part("side")).isVisible();
    assertThat(billet.line()).hasValue(Pattern.compile("part side = .*@side.*"));
    billet.button("Remove the part").click();
    assertThat(billet.part("side")).hasCount(0);
    assertThat(billet.line()).hasValue(Pattern.compile("(?!part).*"));
  }

  @Test
  void aBarSetAsideIsPickedFromTheRackWithItsHistory() {
    RackPage rack = rack();
    assertThat(page.getByLabel("Set aside").getByText("One bar")).isVisible();
    BilletPage billet = rack.open("Marlinspike knife, 1095").openStage(0, "Draw");
    billet.press("y");
    billet.field("Add: On the core").selectOption("set aside: 1 of Sail-loft shears stock, fine");
    assertThat(billet.part("bar")).containsText("set aside in");
    billet.rack();
    assertThat(page.getByLabel("Billets")).isVisible();
    assertThat(page.getByLabel("Set aside")).hasCount(0);
  }

  @Test
  void aPlanIsExportedAsAFileAndABrokenOneIsRefusedWithItsPlace() throws IOException {
    RackPage rack = rack();
    rack.billets().first().waitFor();
    int before = rack.billets().count();
    rack.open(KNIFE);
    Download download = page.waitForDownload(() -> page.getByText("Save as file").click());
    String document =
        Files.readString(download.path(), StandardCharsets.UTF_8).replace(KNIFE, "Sent over");
    new BilletPage(page).rack().billets().first().waitFor();
    give(document.replace("\"kind\" : \"twist\"", "\"kind\" : \"wring\""));
    assertThat(page.getByText("“wring” is not a kind of step.")).isVisible();
    assertThat(page.getByText("at /plan/steps/2/operation")).isVisible();
    give("this is no plan");
    assertThat(page.getByText("From here on this is not JSON.")).isVisible();
    assertThat(rack.billets()).hasCount(before);
    give(document);
    BilletPage taken = new BilletPage(page);
    assertThat(taken.part("spine")).isVisible();
    taken.rack();
    assertThat(rack.billets()).hasCount(before + 1);
  }

  private void give(String document) {
    page.getByLabel("Plan file")
        .setInputFiles(
            new FilePayload(
                "plan.geminal.json",
                "application/json",
                document.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void theBarIsSizedBackwardsAndCutFromTheShelf() {
    BilletPage billet = rack().open("Rigging knife bar, barge Teasel").openStage(1, "Trim");
    assertThat(billet.panel()).containsText("The bar is long enough");
    billet.button("Find the smallest stack").click();
    billet.panel().getByText("Use this stack").click();
    assertThat(billet.panel()).containsText(Pattern.compile("enough, \\.\\d+ in to spare"));
    billet.button("Undo").click();
    billet.button("Cut list").click();
    Locator list = page.getByLabel("Cut list", new Page.GetByLabelOptions().setExact(true));
    assertThat(list).containsText("This is the cheapest way");
    assertThat(list.getByRole(AriaRole.IMG).first()).isVisible();
    billet.button("Back to the Run").click();
    billet.openStage(0, "Cut 5");
    assertThat(page.getByLabel("Marks")).containsText("each piece");
  }

  @Test
  void theShopDecidesWhatAPlanComesTo() {
    BilletPage billet = rack().open("Caulking iron, folded");
    String ends = billet.figure(3);
    page.getByText("Shop", new Page.GetByTextOptions().setExact(true)).click();
    Locator habits = page.getByLabel("Shop defaults");
    habits.getByText("oxidizing").click();
    assertThat(
            habits.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("oxidizing")))
        .isChecked();
    Locator bore = page.getByLabel(Pattern.compile("^Bore")).first();
    bore.fill("-1");
    bore.press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Enter 0 to");
    bore.press("Escape");
    page.goBack();
    assertThat(billet.figures().nth(3)).not().hasAttribute("aria-label", ends);
    page.goForward();
    habits.getByText("reducing (rich)", new Locator.GetByTextOptions().setExact(true)).click();
    page.goBack();
    assertThat(billet.figures().nth(3)).hasAttribute("aria-label", ends);
  }

  @Test
  void thirtyStepsAndThreePartsStayReadable() {
    String rounds =
        " > draw 1 1/2 x 3/8, 4 heats > trim 1/4, 1/4 > cut 3 > restack same > set 3".repeat(5);
    BilletPage billet = rack().open("Caulking iron, folded");
    String before = billet.line().inputValue();
    billet.typeLine(
        "part edge = (1084 1/2) 1/2 x 12 > set 2 | part spine = 3 (1075 3/16, 15N20 1/8) 1/2 x 12 > set 3"
            + " | part side = (1018 1/8) 3 x 12 | 9 (1075 1/8, 15N20 1/16) 1 1/2 x 9 > set 3"
            + rounds
            + " > layup same, left (@edge), right (@spine) > set 4 > sandwich above (@side) > set 3");
    assertThat(billet.part("side")).isVisible();
    int stages = billet.figures().count();
    assertThat(stages).isGreaterThanOrEqualTo(30 + 6);
    for (int i = 0; i < stages; i++) {
      BoundingBox box = billet.figures().nth(i).boundingBox();
      assertThat(box.height).isBetween(20.0, 80.0);
      assertThat(box.x + box.width).isLessThan(1280 - 285);
    }
    billet.button("Undo").click();
    assertThat(billet.line()).hasValue(before);
  }
}

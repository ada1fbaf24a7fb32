package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.NewBilletPage;
import app.geminal.e2e.pages.SignInPage;
import app.geminal.e2e.pages.SteelsPage;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Which steels go together, a steel of one's own, a table, the shelf, and on to a billet. */
class SteelsTest extends Story {
  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @BeforeEach
  void signIn() {
    SignInPage.at(page, shop).asDemo().billets().first().waitFor();
  }

  @Test
  void steelsThatGoWithAGivenOneAreFoundAndCarriedIntoABillet() {
    SteelsPage steels = SteelsPage.at(page, shop, "1084");
    assertThat(steels.listed().filter(new Locator.FilterOptions().setHasText("wrought_iron")))
        .hasCount(1);
    steels.narrow("welds with 1084").narrow("on my shelf");
    assertThat(steels.listed().filter(new Locator.FilterOptions().setHasText("15N20"))).hasCount(1);
    assertThat(steels.listed().filter(new Locator.FilterOptions().setHasText("wrought_iron")))
        .hasCount(0);
    steels.narrow("blacker than 1084");
    assertThat(steels.listed().filter(new Locator.FilterOptions().setHasText("O2"))).hasCount(1);
    assertThat(steels.listed().filter(new Locator.FilterOptions().setHasText("15N20"))).hasCount(0);
    steels.narrow("blacker than 1084").choose("15N20");
    assertThat(steels.verdict()).containsText("Excellent");
    assertThat(steels.verdict()).containsText("2030 °F");
    assertThat(page.getByLabel("15N20, welds 2030 °F to 2318 °F")).isVisible();

    page.getByText("New billet from these").click();
    NewBilletPage billet = new NewBilletPage(page).named("Purser's knife");
    assertThat(billet.field("Steel 1")).hasValue("1084");
    assertThat(billet.field("Steel 2")).hasValue("15N20");
    BilletPage opened = billet.putOnRack().openStage(0, "Stack");
    assertThat(opened.line())
        .hasValue(java.util.regex.Pattern.compile("^13 \\(1084 1/8, 15N20 .*"));
    page.getByText("Steel compatibility").click();
    assertThat(steels.verdict()).containsText("Excellent");
  }

  @Test
  void aBadPairSaysWhyAndWhatToDo() {
    SteelsPage steels = SteelsPage.at(page, shop, "D2,15N20");
    assertThat(steels.verdict()).containsText("Stop");
    assertThat(steels.reasons().first()).containsText("Stop");
    assertThat(steels.verdict()).containsText("Borax hardly dissolves chromium oxide");
    assertThat(steels.verdict()).containsText("They cannot be hardened together.");
    page.getByLabel("D2: role").selectOption("CLADDING");
    page.getByLabel("15N20: role").selectOption("EDGE");
    assertThat(steels.verdict()).not().containsText("They cannot be hardened together.");
    steels.tab("Figures of D2");
    assertThat(page.locator("section[aria-label='Figures of D2']")).containsText("literature");
  }

  @Test
  void theMapOpensAPairAndReadsWithoutColour() {
    SteelsPage steels = SteelsPage.at(page, shop, "");
    Locator pair = page.getByLabel("15N20 with 1084: Excellent");
    assertThat(pair).isVisible();
    pair.click();
    assertThat(steels.verdict()).containsText("Excellent");
    page.getByText(java.util.regex.Pattern.compile("^all \\d+ steels$")).click();
    assertThat(
            page.getByLabel(java.util.regex.Pattern.compile("^Ti2 with CW508L: Stop"))
                .or(page.getByLabel(java.util.regex.Pattern.compile("^Ti2 with Nb: Stop"))))
        .not()
        .hasCount(0);
  }

  @Test
  void reclaimedStockIsAddedWithItsTests() {
    SteelsPage steels = SteelsPage.at(page, shop, "1084");
    steels.button("Add steel").click();
    page.getByLabel("Short name").fill("1084");
    page.getByLabel("Full name").fill("Hay cart spring, first leaf");
    page.getByLabel("What was seen").fill("short, forked");
    page.getByLabel("Figure: carbon, %").fill("0.62");
    steels.button("Add test").click();
    steels.button("Save steel").click();
    assertThat(page.getByText("A steel is already called “1084”")).isVisible();
    page.getByLabel("Short name").fill("cart_spring");
    assertThat(page.getByLabel("Figures of cart_spring")).containsText("Uncertain");
    steels.button("Save steel").click();
    assertThat(page.getByLabel("cart_spring: role")).isVisible();
    assertThat(steels.verdict()).containsText("cart_spring may be something else.");
    page.reload();
    assertThat(page.getByLabel("cart_spring: role")).isVisible();
  }

  @Test
  void whatIsKnownBetterIsTypedOverAndAnOwnSteelComesOffTheListAndBack() {
    SteelsPage steels = SteelsPage.at(page, shop, "mill_band,1084").tab("Figures of mill_band");
    steels.button("Edit").click();
    page.getByLabel("Welds to").fill("2200 F");
    page.getByLabel("Welds to").press("Enter");
    assertThat(page.getByLabel("Calculate again: Welds to")).isVisible();
    steels.button("Save steel").click();
    assertThat(page.locator("[role=tabpanel] section[aria-label='Figures of mill_band']"))
        .containsText("2030 °F to 2200 °F");
    assertThat(steels.verdict()).containsText("2200 °F");

    steels.button("Archive").click();
    assertThat(steels.listed().filter(new Locator.FilterOptions().setHasText("mill_band")))
        .hasCount(0);
    page.getByText("Undo").click();
    assertThat(steels.listed().filter(new Locator.FilterOptions().setHasText("mill_band")))
        .hasCount(1);
  }

  @Test
  void aTableWithABadRowTakesNothingAndSaysWhere() throws IOException {
    SteelsPage steels = SteelsPage.at(page, shop, "");
    Download download = page.waitForDownload(() -> page.getByText("Export CSV").click());
    String table = Files.readString(download.path(), StandardCharsets.UTF_8);
    String row = table.lines().filter(l -> l.startsWith("mill_band")).findFirst().orElseThrow();
    String head = table.lines().findFirst().orElseThrow();
    String good = head + "\r\n" + row.replace("mill_band", "slip_band") + "\r\n";
    take(good + row.replace("mill_band", "third").replace(",0.45,", ",some,") + "\r\n");
    assertThat(page.getByText("line 3, Mn: “some” is not a number. Write it with a decimal point."))
        .isVisible();
    steels.find("slip_band");
    assertThat(steels.listed()).hasCount(0);
    take(good);
    assertThat(page.getByText("1 steel imported.")).isVisible();
    assertThat(steels.listed()).hasCount(1);
  }

  private void take(String csv) {
    page.getByLabel("CSV file of steels")
        .setInputFiles(
            new FilePayload("steels.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void barsOnTheShelfAreChangedAndOfferedInTheStack() {
    SteelsPage steels = SteelsPage.at(page, shop, "").tab("Shelf");
    page.getByLabel("Change O2").click();
    Locator fields = page.locator("[data-bar-fields]");
    fields.getByLabel("Thickness").fill("0");
    fields.getByLabel("Thickness").press("Enter");
    assertThat(fields.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
        .containsText("more than 0");
    fields.getByLabel("Thickness").fill("5/64");
    fields.getByLabel("Thickness").press("Enter");
    assertThat(fields.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)).hasCount(0);
    steels.button("Done").click();
    page.navigate(shop.at("/billets/new"));
    NewBilletPage billet = new NewBilletPage(page);
    Locator steel = billet.field("Steel 1");
    String option =
        steel
            .locator("option")
            .filter(new Locator.FilterOptions().setHasText("O2 5/64"))
            .getAttribute("value");
    steel.selectOption(option);
    assertThat(billet.field("Thickness")).hasValue("5/64");
  }

  @Test
  void thePlanWarnsOfItsSteels() {
    page.navigate(shop.at("/billets/1"));
    BilletPage billet = new BilletPage(page);
    billet.line().fill(billet.line().inputValue().replace("15N20", "D2"));
    billet.line().press("Enter");
    billet.openStage(0, "Set weld");
    assertThat(billet.panel()).containsText("D2 does not weld in the open.");
    assertThat(billet.panel()).containsText("They cannot be hardened together.");
  }
}

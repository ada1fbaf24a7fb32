package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.BookPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What was done, what came of it, what to do next with the bar that is really there. */
class BookTest extends Story {
  private static final String BAR = "Drawknife iron, second pair";

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  private static Page.GetByLabelOptions exactly() {
    return new Page.GetByLabelOptions().setExact(true);
  }

  private Locator panel() {
    return page.getByLabel("Open stage");
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Draws along the scale drawing of the bar, in parts of its length and height. */
  private void drawAlong(double from, double to, double up) {
    BoundingBox box = page.locator("[data-tap-bar]").boundingBox();
    double y = box.y + box.height * (1 - up);
    page.mouse().move(box.x + box.width * from, y);
    page.mouse().down();
    page.mouse().move(box.x + box.width * to, y);
    page.mouse().up();
  }

  private static FilePayload photograph() throws IOException {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", png);
    return new FilePayload("edge.png", "image/png", png.toByteArray());
  }

  @Test
  void aBadWeldIsRecordedTrimmedMeasuredPrintedAndCounted() throws IOException {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open(BAR);
    billet.openStage(0, "Set weld");
    button("Add inspection").click();
    page.getByLabel("ground edge").check();
    drawAlong(0, 0.15, 0.8);
    assertThat(page.getByLabel("Flaw 1")).isVisible();
    page.getByLabel("Across the bar").selectOption("LEFT");
    page.locator("input[type=file]:not([capture])").setInputFiles(photograph());
    button("Log inspection").click();
    assertThat(panel()).containsText("delamination, joint");
    assertThat(page.locator("[data-flaw]").first()).isAttached();

    button("Choose repair").click();
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Choose repair"))
        .getByText("Trim")
        .click();
    assertThat(panel().getByRole(AriaRole.HEADING).first()).hasText("Trim");
    assertThat(page.locator("[data-flaw-state]")).hasCount(0);

    String length = panel().getByText("the end,").textContent();
    assertThat(length).isNotEmpty();
    button("Add measurements").click();
    page.getByLabel("Length in").fill("6");
    button("Save measurements").click();
    assertThat(panel()).containsText("more steel in each bar than calculated");
    assertThat(panel()).containsText("It gives");
    assertThat(page.locator("[data-planned]").first()).isAttached();
    assertThat(page.locator("#shorthand"))
        .hasValue(Pattern.compile(".*trim .* = \\? x \\? x 6 .*"));
    page.getByText("Continue from this size").click();
    page.waitForURL(Pattern.compile(".*/finder\\?billet=2&stage=2"));

    page.navigate(shop.at("/billets/2/card"));
    assertThat(page.getByLabel("Shop card")).containsText("× 6");
    card();

    BookPage book = new BilletPage(page).rack().book();
    book.find("second pair");
    assertThat(book.entries()).hasCount(3);
    book.find("second pair measured");
    assertThat(book.entries()).hasCount(1);
    book.find("second pair ground edge");
    assertThat(book.entries().getByRole(AriaRole.IMG)).hasCount(1);
    assertThat(book.entries()).containsText("delamination");
    book.find("second pair");
    assertThat(book.welds().first()).containsText("delaminated");

    page.navigate(shop.at("/evidence"));
    assertThat(page.locator("[data-evidence=open]")).hasText("8");
    assertThat(page.getByText("of 42 inspected welds delaminated")).isVisible();
    page.getByLabel("Compare by").selectOption("SOAK");
    assertThat(page.locator("[data-compared]")).containsText("The difference is real");
    page.getByLabel("Compare by").selectOption("PROTECTION");
    assertThat(page.locator("[data-compared]")).containsText("Not enough welds yet");
    assertThat(page.locator("main").textContent()).doesNotContainIgnoringCase("because");
  }

  /** The card as a PDF: one page, its text, and black on white when it is drawn. */
  private void card() throws IOException {
    byte[] file = page.request().get(shop.at("/api/v1/billets/2/card.pdf")).body();
    try (PDDocument pdf = Loader.loadPDF(file)) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", "");
      assertThat(text).contains("Drawknifeiron,secondpair", "Cut", "6×1084", "Safety");
      assertThat(text).contains("2150°F", "×6");
      BufferedImage drawn = new PDFRenderer(pdf).renderImageWithDPI(0, 60);
      int dark = 0;
      for (int x = 0; x < drawn.getWidth(); x++) {
        for (int y = 0; y < drawn.getHeight(); y++) {
          dark += (drawn.getRGB(x, y) & 0xFF) < 128 ? 1 : 0;
        }
      }
      assertThat(dark / (double) (drawn.getWidth() * drawn.getHeight())).isBetween(0.01, 0.3);
    }
  }

  @Test
  void aMistakeIsEditedAndItsPastIsKept() {
    BookPage book = SignInPage.at(page, shop).asDemo().book();
    book.find("three-tone");
    Locator weld = book.welds().first();
    weld.getByText("Edit").click();
    weld.getByLabel("Note").fill("Etched: nothing there.");
    weld.getByText("sound", new Locator.GetByTextOptions().setExact(true)).click();
    weld.getByText("Save").click();
    assertThat(weld).containsText("Etched: nothing there.");
    assertThat(weld).containsText("changed since");
    weld.getByText("Edit", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(weld.getByLabel("History")).containsText("suspect");
    assertThat(weld.getByLabel("History")).containsText("One patch cooled slower");
  }

  @Test
  void theFinishedPieceIsHardenedAndEtched() throws IOException {
    SignInPage.at(page, shop).asDemo().open("Rigging knife bar, barge Teasel");
    page.getByText("Heat treatment").click();
    assertThat(page.locator("[data-harden]")).containsText("1490");
    page.getByLabel("Treatment", exactly()).selectOption("TESTED");
    page.getByLabel("Readings, HRC").fill("61, sixty");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("“sixty” is not a hardness reading");
    page.getByLabel("Readings, HRC").fill("61, 60.5");
    button("Log treatment").click();
    assertThat(page.getByLabel("Treatments", exactly())).containsText("61, 60.5 HRC");
    page.getByLabel("Treatment", exactly()).selectOption("ETCHED");
    page.locator("input[type=file]:not([capture])").setInputFiles(photograph());
    button("Log treatment").click();
    assertThat(page.getByAltText("The etched piece")).isVisible();
  }

  @Test
  void somebodyIsLetInToReadAndChangesNothing() {
    SignInPage.at(page, shop).asDemo().billets().first().waitFor();
    page.navigate(shop.at("/shop"));
    Locator form = page.getByLabel("Add person");
    form.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).fill("Harbour master");
    form.getByLabel("Sign-in name").fill("harbour");
    form.getByLabel("First password").fill("short");
    button("Add person").click();
    assertThat(form.getByRole(AriaRole.ALERT)).containsText("at least 10 characters");
    form.getByLabel("First password").fill("long enough now");
    form.getByLabel("Rank").selectOption("GUEST");
    button("Add person").click();
    assertThat(page.getByLabel("What Harbour master may do")).hasValue("GUEST");
    page.getByText("Sign out").click();
    page.waitForURL(Pattern.compile(".*/sign-in"));
    new SignInPage(page).type("harbour", "long enough now").signIn();
    BilletPage billet = new BilletPage(page).rack().open(BAR);
    assertThat(page.getByLabel("Signed in as")).containsText("guest");
    billet.openStage(0, "Cut 4");
    page.getByLabel("Pieces").fill("5");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Your rank does not allow");
  }
}

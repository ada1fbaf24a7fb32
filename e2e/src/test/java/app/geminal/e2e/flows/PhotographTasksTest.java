package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.e2e.fixtures.PaintedBench;
import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A photograph on a phone: bars measured beside a card, a pattern compared, flaws found. */
class PhotographTasksTest extends Story {
  private long billet;

  /** Its billets would change the counts of the demo that the others share. */
  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @BeforeEach
  void aGroovedBar() {
    SignInPage.at(page, shop).asDemo().billets().first().waitFor();
    page.setViewportSize(390, 844);
    billet =
        ((Number)
                asked(
                    "/api/v1/billets",
                    "{name: 'Grooved bar', purpose: '', plan: plan(12)}",
                    "json",
                    "id"))
            .longValue();
  }

  /** What the shop answers to something that is posted, as the page itself posts it. */
  private Object asked(String path, String body, String as, String field) {
    String pieces =
        IntStream.range(0, 21)
            .mapToObj(
                i -> "{steel: '%s', thicknessMm: 1.5}".formatted(i % 2 == 0 ? "1075" : "15N20"))
            .collect(Collectors.joining(","));
    return page.evaluate(
        """
        async () => {
          const plan = (pitchMm) => ({
            stack: {pieces: [%s], widthMm: 36, lengthMm: 200},
            steps: [
              {key: 'a', operation: {kind: 'set', heats: 3, reduction: 0.08, temperatureC: 1177,
                soakMin: 15, protection: 'DRY', tack: 'SIDES', jacket: 'BEAD', tool: 'FLAT', bites: 0}},
              {key: 'b', operation: {kind: 'ladder', pitchMm, widthMm: 8, depthMm: 4, bothFaces: false,
                pressed: false, flattenToMm: 0, heats: 2}}]});
          const token = /XSRF[^=]*=([^;]+)/.exec(document.cookie)[1];
          const answer = await fetch('%s', {
            method: 'POST',
            headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token)},
            body: JSON.stringify(%s),
          });
          if ('%s' === 'json') return (await answer.json()).%s;
          const bytes = new Uint8Array(await answer.arrayBuffer());
          return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
        }
        """
            .formatted(pieces, path, body, as, field));
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }

  private void choose(FilePayload photograph) {
    page.getByLabel("Choose photo").last().setInputFiles(photograph);
  }

  private double stored(String path) {
    Object value =
        page.evaluate(
            "async () => (await (await fetch('/api/v1/billets/%d')).json()).plan.steps[1]%s"
                .formatted(billet, path));
    return ((Number) value).doubleValue();
  }

  @Test
  void aBarBesideTheCardIsMeasuredForPlanAndBook() throws IOException {
    page.navigate(shop.at("/billets/" + billet + "/measure?step=b"));
    choose(PaintedBench.barBesideCard(page, shop, 180, 40));
    assertThat(page.locator("[data-measured='1']")).isVisible();
    assertThat(page.locator("[data-piece='1']")).isVisible();
    button("Add measurements").click();
    assertThat(page.getByText("Saved in the")).isVisible();
    assertThat(stored(".measured.lengthMm")).isCloseTo(180, within(0.8));
    assertThat(stored(".measured.widthMm")).isCloseTo(40, within(0.3));
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Book")).last().click();
    assertThat(page.locator("img[alt^='Photo']").first()).isVisible();
  }

  /** A bar of 150 by 40 mm, six pixels to a millimeter, and nothing beside it. */
  private static BufferedImage barAlone() {
    BufferedImage picture = new BufferedImage(1500, 1200, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setColor(new Color(190, 160, 120));
    g.fillRect(0, 0, 1500, 1200);
    g.setColor(new Color(70, 72, 76));
    g.fillRect(300, 400, 900, 240);
    g.dispose();
    return picture;
  }

  private void measureABarAlone() throws IOException {
    page.navigate(shop.at("/billets/" + billet + "/measure?step=b"));
    choose(PaintedBench.file(barAlone()));
    assertThat(page.getByText("No gauge card is seen")).isVisible();
  }

  private void itsMeasurementsAreAdded() {
    assertThat(page.locator("[data-measured='1']")).isVisible();
    button("Add measurements").click();
    assertThat(page.getByText("Saved in the")).isVisible();
    assertThat(stored(".measured.lengthMm")).isCloseTo(150, within(1.0));
  }

  @Test
  void withoutACardTwoMarksOfARuleGiveTheScale() throws IOException {
    measureABarAlone();
    button("Use a rule in the photo instead").click();
    assertThat(page.locator("[data-handle]")).hasCount(2);
    page.getByLabel("Between the marks").fill("150 mm");
    button("Measure by the rule").click();
    itsMeasurementsAreAdded();
    assertThat(stored(".measured.widthMm")).isCloseTo(40, within(0.5));
  }

  @Test
  void orOneSizeThatIsKnown() throws IOException {
    measureABarAlone();
    button("Use a known size instead").click();
    page.getByLabel("Known size").selectOption("Width");
    page.getByLabel("How long").fill("40 mm");
    button("Measure by this size").click();
    itsMeasurementsAreAdded();
  }

  @Test
  void anEtchedFaceIsComparedAndThePitchThatWasMadeTakenIntoThePlan() throws IOException {
    String png =
        (String)
            asked(
                "/api/v1/pictures",
                """
                {window: null, frame: 0, stays: false, wanted: {plan: plan(13.1), path: '', stage: 2,
                  bar: 0, look: {from: 'FACE', atMm: 3, acrossMm: 0, blade: null},
                  part: {leftMm: 0, lowMm: 0, widthMm: 230, heightMm: 36.5}, widthPx: 1150,
                  heightPx: 182, relief: false}}
                """,
                "png",
                "id");
    BufferedImage picture = ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(png)));
    page.navigate(shop.at("/billets/" + billet + "/compare?step=b"));
    choose(PaintedBench.onBench(steelOf(picture)));
    page.getByLabel("Ground off").fill("3 mm");
    button("Compare").click();
    Locator pitch = page.locator("[data-figure='pitchMm']");
    assertThat(pitch).isVisible();
    assertThat(page.locator("[data-overlay] [data-picture='there']")).isVisible();
    pitch.getByRole(AriaRole.BUTTON).click();
    assertThat(page.getByText("The plan now has it as made.")).isVisible();
    assertThat(stored(".operation.pitchMm")).isCloseTo(13.1, within(0.2));
    page.getByLabel("As made").getByText("Undo").click();
    page.waitForCondition(() -> stored(".operation.pitchMm") == 12);
    button("Save in the Book").click();
    assertThat(page.getByText("Saved in the")).isVisible();
    page.navigate(shop.at("/book"));
    assertThat(page.getByText("As made").first()).isVisible();
    assertThat(page.getByText("planned 15/32").first()).isVisible();
  }

  /** Only as much of a picture as shows steel. */
  private static BufferedImage steelOf(BufferedImage picture) {
    int right = 0;
    int low = 0;
    int high = picture.getHeight();
    for (int y = 0; y < picture.getHeight(); y++) {
      for (int x = 0; x < picture.getWidth(); x++) {
        if (picture.getRGB(x, y) >>> 24 == 255) {
          right = Math.max(right, x + 1);
          low = Math.max(low, y + 1);
          high = Math.min(high, y);
        }
      }
    }
    return picture.getSubimage(0, high, right, low - high);
  }

  @Test
  void aDarkLineIsAFlawOnlyWhenItIsSaid() throws IOException {
    BufferedImage end = new BufferedImage(720, 600, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = end.createGraphics();
    for (int i = 0; i < 21; i++) {
      g.setColor(i % 2 == 0 ? new Color(70, 70, 72) : new Color(180, 180, 178));
      g.fillRect(0, i * 600 / 21, 720, 600 / 21 + 1);
    }
    g.setColor(new Color(10, 10, 10));
    g.fillRect(0, 600 * 7 / 21 - 4, 300, 8);
    g.dispose();
    page.navigate(shop.at("/billets/" + billet + "/flaws?step=a"));
    choose(PaintedBench.onBench(end));
    button("Find dark lines").click();
    assertThat(page.getByText("One dark line.")).isVisible();
    assertThat(page.locator("[data-dark-line]")).hasCount(1);
    page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName("Delaminated")).click();
    button("Save inspection").click();
    assertThat(page.getByText("Saved in the")).isVisible();
    page.navigate(shop.at("/book"));
    assertThat(page.getByText("delaminat").first()).isVisible();
  }
}

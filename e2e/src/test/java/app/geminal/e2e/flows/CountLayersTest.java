package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page.GetByLabelOptions;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A photograph at the bench, on a phone: counted, beside the plan, kept in the Book. */
class CountLayersTest extends Story {
  private static final int FACE_PX = 80;
  private static final double LAYER_PX = 16;

  /** An etched end with so many layers, light and dark in turn, on a bench of another colour. */
  private static FilePayload etchedEnd(int layers) throws IOException {
    int wide = (int) (2 * FACE_PX + layers * LAYER_PX);
    BufferedImage picture = new BufferedImage(wide, 420, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = picture.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(new Color(214, 196, 160));
    g.fillRect(0, 0, wide, picture.getHeight());
    for (int i = 0; i < layers; i++) {
      g.setColor(i % 2 == 0 ? new Color(60, 60, 64) : new Color(170, 170, 172));
      g.fill(new Rectangle2D.Double(FACE_PX + i * LAYER_PX, 60, LAYER_PX, 300));
    }
    g.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(picture, "png", bytes);
    return new FilePayload("end.png", "image/png", bytes.toByteArray());
  }

  private Locator count() {
    return page.locator("[data-count]");
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name));
  }

  @Test
  void aPhotographIsCountedBesideThePlanAndKept() throws IOException {
    SignInPage.at(page, shop).asDemo().billets().first().waitFor();
    page.setViewportSize(390, 844);
    page.navigate(shop.at("/billets/2/bench"));
    button("Next").waitFor();
    while (button("Next").isEnabled()) {
      button("Next").click();
    }
    page.getByText("Count layers in a photo").click();
    assertThat(page.getByText("so that its layers fill the picture")).isVisible();

    page.getByLabel("Choose photo").last().setInputFiles(etchedEnd(43));
    assertThat(count()).hasText("43");
    assertThat(page.locator("[data-beside]")).containsText("Planned: 45");
    assertThat(page.locator("[data-beside]")).containsText("ground or scaled away on both faces");

    Locator strip = page.getByLabel("The layers along the line");
    strip.click(new Locator.ClickOptions().setPosition(100, 60));
    assertThat(count()).not().hasText("43");
    button("Undo").click();
    assertThat(count()).hasText("43");

    page.getByLabel("Note").fill("etched before the second restack");
    button("Save in the Book").click();
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Book")).last().click();
    Locator line = page.getByText("43 layers");
    assertThat(line.first()).isVisible();
    assertThat(page.getByText("etched before the second restack")).isVisible();
    assertThat(page.locator("img[alt^='Photo']").first()).isVisible();
  }

  @Test
  void whatIsNoPictureIsRefusedAndAnotherMayBeChosen() throws IOException {
    SignInPage.at(page, shop).asDemo().billets().first().waitFor();
    page.navigate(shop.at("/billets/2/count"));
    page.getByLabel("Choose photo")
        .last()
        .setInputFiles(new FilePayload("note.png", "image/png", new byte[] {1, 2, 3}));
    assertThat(page.getByText("This file is not a picture")).isVisible();
    page.getByLabel("Choose photo").last().setInputFiles(etchedEnd(11));
    assertThat(count()).hasText("11");
    page.getByLabel("Layers", new GetByLabelOptions().setExact(true)).fill("twelve");
    page.keyboard().press("Tab");
    assertThat(page.getByText("Enter a whole number")).isVisible();
  }
}

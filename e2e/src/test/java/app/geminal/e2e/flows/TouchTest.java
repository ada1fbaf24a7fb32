package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Smith;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.FirePage;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Locator.TapOptions;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.LocatorAssertions.IsInViewportOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/**
 * Without a mouse or a key: a tablet at the fire, a telephone at the saw, both signed in by a code.
 */
class TouchTest extends Story {
  private static final String BILLET = "Marlinspike knife, 1095";
  private static final double TOO_LATE_MS = 2000;

  private Smith smith;

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @Override
  protected NewContextOptions device() {
    return new NewContextOptions().setViewportSize(820, 1180).setHasTouch(true).setIsMobile(true);
  }

  @BeforeEach
  void signIn() throws Exception {
    smith = new Smith(shop);
    String code =
        smith
            .post("/api/v1/devices/codes", "{\"name\":\"Tablet\"}")
            .body()
            .replaceFirst(".*\"code\":\"(\\d{8})\".*", "$1");
    page.navigate(shop.at("/device#" + code));
    button("Sign this device in").tap();
    page.waitForURL("**/rack");
  }

  private Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator heading() {
    return page.getByRole(AriaRole.HEADING, new GetByRoleOptions().setLevel(1));
  }

  /**
   * A tap that may come too late, because the screen has gone on: what it says next is read again.
   */
  private static void tapInTime(Locator target) {
    try {
      target.tap(new TapOptions().setTimeout(TOO_LATE_MS));
    } catch (TimeoutError gone) {
      assertThat(gone).hasMessageContaining("Timeout");
    }
  }

  /** Instruction, core, times and every action on the first screen. */
  private void allInView(FirePage fire) {
    for (int[] size : new int[][] {{820, 1180}, {390, 844}, {844, 390}, {1180, 820}}) {
      page.setViewportSize(size[0], size[1]);
      page.waitForFunction("() => document.documentElement.scrollWidth <= innerWidth");
      assertThat(fire.order()).isInViewport();
      assertThat(page.locator("section[aria-label=Now] dl")).isInViewport();
      for (Locator tap : fire.taps().all()) {
        assertThat(tap).isInViewport(new IsInViewportOptions().setRatio(1));
      }
    }
    page.setViewportSize(820, 1180);
  }

  @Test
  void aWholeWeldRehearsedWithAGlove() {
    FirePage fire = FirePage.at(page, shop);
    fire.billet(BILLET).tap();
    button("Practice run").tap();
    page.waitForURL(Pattern.compile(".*/fire/\\d+"));
    assertThat(fire.order()).hasText("Put it in");
    allInView(fire);
    button("20×").tap();
    fire.obey(() -> tapInTime(fire.wideTap()));
    allInView(fire);
    fire.taps().first().tap();
    assertThat(fire.order()).containsText("Sound");
    // A row that has just come takes no tap for half a second.
    page.waitForCondition(() -> {
      tapInTime(fire.wideTap());
      return fire.order().textContent().equals("Practice run review");
    });
    assertThat(page.getByLabel("What the log shows")).containsText("Taken out when it was ready.");
  }

  @Test
  void aTelephoneAtTheSawTicksOffPhotographsAndLogs() throws Exception {
    page.setViewportSize(390, 844);
    page.navigate(shop.at("/billets/2/bench"));
    String step = heading().textContent();
    button("Done").tap();
    assertThat(heading()).not().hasText(step);
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved in the Book");
    button("Back").tap();
    assertThat(heading()).containsText("✓ done");
    button("Not done").tap();
    assertThat(button("Done")).isEnabled();
    page.getByLabel("Photo")
        .last()
        .setInputFiles(new FilePayload("edge.jpg", "image/jpeg", photo()));
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved in the Book");
    assertThat(smith.get("/api/v1/billets/2/entries"))
        .contains("\"kind\":\"NOTED\"", "\"widthPx\":320");

    page.navigate(shop.at("/billets/3/bench"));
    assertThat(heading()).hasText("Cut the pieces");
    button("Next").tap();
    while (!page.getByLabel("Weld log").isVisible()) {
      button("Next").tap();
    }
    page.getByLabel("Weld log")
        .getByText("sound", new Locator.GetByTextOptions().setExact(true))
        .tap();
    button("Log weld").tap();
    assertThat(page.getByLabel("Weld log").getByRole(AriaRole.LISTITEM).first())
        .containsText("sound");
    assertThat(heading()).containsText("✓ done");
  }

  private static byte[] photo() throws Exception {
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB), "jpeg", jpeg);
    return jpeg.toByteArray();
  }
}

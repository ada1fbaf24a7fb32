package app.geminal.e2e.network;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Chromium;
import app.geminal.e2e.pages.FirePage;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.Duration;
import java.util.Objects;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A tablet on a machine of its own, which trusts the shop: bin/test-network runs it there and gives
 * it the shop's address, a code, the name of its network card, and for how long it is away.
 */
@Tag("network")
class TabletTest {
  private static final String BILLET = "Marlinspike knife, 1095";
  private static final Pattern DEED =
      Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"kind\":\"DEED\"");
  private static final Pattern NOTE = Pattern.compile("\"kind\":\"NOTE\"");

  private static String given(String name) {
    return Objects.requireNonNull(System.getenv(name), name + " is not given");
  }

  private static void line(String upOrDown) throws IOException, InterruptedException {
    int rc =
        new ProcessBuilder("ip", "link", "set", given("GEMINAL_TABLET_CARD"), upOrDown)
            .inheritIO()
            .start()
            .waitFor();
    assertThat(rc).isZero();
  }

  @Test
  void aSessionGoesOnWithoutTheShopAndCatchesUp() throws Exception {
    String shop = given("GEMINAL_TABLET_SHOP");
    Duration away = Duration.ofSeconds(Long.parseLong(given("GEMINAL_TABLET_AWAY_S")));
    PlaywrightAssertions.setDefaultAssertionTimeout(180_000);
    try (BrowserContext tablet =
        Chromium.get()
            .newContext(new NewContextOptions().setViewportSize(820, 1180).setHasTouch(true))) {
      tablet.setDefaultTimeout(180_000);
      Page page = tablet.newPage();
      page.navigate(shop + "/device#" + given("GEMINAL_TABLET_CODE"));
      button(page, "Sign this device in").tap();
      page.waitForURL("**/rack");
      page.navigate(shop + "/fire");
      FirePage fire = new FirePage(page);
      fire.billet(BILLET).tap();
      button(page, "Start session").tap();
      page.waitForURL(Pattern.compile(".*/fire/\\d+"));
      page.waitForFunction("() => navigator.serviceWorker.controller !== null");
      assertThat(fire.order()).hasText("Put it in");
      int deeds = 0;
      page.waitForResponse(r -> r.url().endsWith("/entries"), () -> fire.taps().first().tap());
      deeds++;
      assertThat(fire.order()).not().hasText("Put it in");
      assertThat(fire.line()).isEmpty();

      line("down");
      long end = System.nanoTime() + away.toNanos();
      for (int i = 0; i < 3; i++) {
        // Sooner than half a second it would be the same tap of a glove that bounced.
        waits(page, end, 6);
        // What is due is the wide button, by what this screen knows itself.
        fire.taps().first().tap();
        deeds++;
        assertThat(fire.line()).containsText((deeds - 1) + " entr");
      }
      page.getByLabel("Note", new Page.GetByLabelOptions().setExact(true)).fill("no line");
      page.keyboard().press("Enter");
      page.reload();
      assertThat(fire.line()).containsText(deeds + " entries here");
      waits(page, end, 2);
      fire.taps().first().tap();
      deeds++;
      waits(page, end, 1);

      line("up");
      assertThat(fire.line()).hasText("");
      String whole =
          (String)
              page.evaluate(
                  "async (id) => (await fetch('/api/v1/forge-sessions/' + id)).text()",
                  (int) fire.id());
      assertThat(DEED.matcher(whole).results().map(MatchResult::group).distinct())
          .as("entries after the line was back")
          .hasSize(deeds);
      assertThat(NOTE.matcher(whole).results()).hasSize(1);
      System.out.printf(
          "tablet: %d taps and a note, %d of them in %d s without the shop; all in its log%n",
          deeds, deeds - 1, away.toSeconds());
    }
  }

  /** Waits a share of what is left. */
  private static void waits(Page page, long endNanos, int parts) {
    page.waitForTimeout(Math.max(1000, (endNanos - System.nanoTime()) / 1e6 / parts));
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }
}

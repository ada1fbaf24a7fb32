package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Chromium;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.SignInPage;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserContext.ClearCookiesOptions;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What holds for every view: how much is loaded first, and what happens when something breaks. */
class PagesTest extends Story {
  private static final int MOST_FIRST_BYTES = 110_000;

  /** A window without the page keeper, which would have every part already. */
  private Page first() {
    BrowserContext fresh =
        Chromium.get()
            .newContext(new NewContextOptions().setServiceWorkers(ServiceWorkerPolicy.BLOCK));
    return fresh.newPage();
  }

  @Test
  void littleIsLoadedBeforeTheFirstView() {
    try (Page fresh = first()) {
      SignInPage.at(fresh, shop).asDemo().billets().first().waitFor();
      fresh.navigate(shop.at("/rack"));
      fresh.getByRole(AriaRole.HEADING, new GetByRoleOptions().setName("Rack")).waitFor();
      int bytes =
          ((Number)
                  fresh.evaluate(
                      "() => performance.getEntriesByType('resource')"
                          + ".filter((r) => /\\.(js|css)$/.test(new URL(r.name).pathname))"
                          + ".reduce((sum, r) => sum + r.encodedBodySize, 0)"))
              .intValue();
      System.out.printf("pages: %d bytes of script and style up to the Rack%n", bytes);
      assertThat(bytes).isBetween(1, MOST_FIRST_BYTES);
    }
  }

  @Test
  void itCanBeInstalled() {
    SignInPage.at(page, shop).asDemo();
    page.waitForFunction("() => navigator.serviceWorker.controller !== null");
    CDPSession browser = window.newCDPSession(page);
    JsonObject manifest = browser.send("Page.getAppManifest");
    assertThat(manifest.get("url").getAsString()).endsWith("/manifest.webmanifest");
    assertThat(manifest.getAsJsonArray("errors")).isEmpty();
    // A window of a test is always a private one.
    assertThat(browser.send("Page.getInstallabilityErrors").getAsJsonArray("installabilityErrors"))
        .extracting(e -> e.getAsJsonObject().get("errorId").getAsString())
        .containsExactly("in-incognito");
  }

  @Test
  void aViewThatCannotBeLoadedLeavesTheOthersAlone() {
    try (Page fresh = first()) {
      SignInPage.at(fresh, shop).asDemo();
      Pattern evidence = Pattern.compile("/assets/EvidenceView-.*\\.js");
      fresh.route(evidence, Route::abort);
      link(fresh, "Evidence");
      assertThat(fresh.getByText("This view cannot be shown")).isVisible();
      link(fresh, "Rack");
      assertThat(fresh.getByText("This view cannot be shown")).hasCount(0);
      link(fresh, "Evidence");
      fresh.unroute(evidence);
      fresh.getByText("Load again").click();
      assertThat(fresh.getByRole(AriaRole.HEADING, new GetByRoleOptions().setName("Evidence")))
          .isVisible();
    }
  }

  private static void link(Page page, String view) {
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName(view).setExact(true)).click();
  }

  @Test
  void aSignInThatEndsComesBackInPlaceWithWhatWasTyped() {
    BilletPage billet =
        SignInPage.at(page, shop).asDemo().open("Caulking iron, folded").openStage(0, "Stack");
    window.clearCookies(new ClearCookiesOptions().setName(Pattern.compile("GEMINAL.*")));
    billet.type("Length", "5 3/16");
    assertThat(page.getByText("You are signed out.")).isVisible();
    assertThat(billet.field("Length")).hasValue("5 3/16");
    page.getByLabel("Password of wharf").fill("low-tide-forge");
    page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName("Sign in").setExact(true))
        .click();
    assertThat(page.getByText("You are signed out.")).hasCount(0);
    assertThat(billet.button("Undo")).isEnabled();
    assertThat(billet.line()).hasValue(Pattern.compile("x 5 3/16"));
    billet.button("Undo").click();
    assertThat(billet.button("Undo")).isDisabled();
  }
}

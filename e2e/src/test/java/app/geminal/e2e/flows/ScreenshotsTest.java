package app.geminal.e2e.flows;

import app.geminal.e2e.fixtures.PaintedBench;
import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.FinderPage;
import app.geminal.e2e.pages.FirePage;
import app.geminal.e2e.pages.InsidePage;
import app.geminal.e2e.pages.NewBilletPage;
import app.geminal.e2e.pages.RackPage;
import app.geminal.e2e.pages.SignInPage;
import app.geminal.e2e.pages.SteelsPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;

/** One picture of each main view from the demo shop; run by bin/screenshots. */
@EnabledIfEnvironmentVariable(named = "GEMINAL_SCREENSHOTS", matches = ".+")
class ScreenshotsTest extends Story {
  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @Test
  void everyMainView() throws IOException {
    RackPage rack = SignInPage.at(page, shop).asDemo();
    rack.billets().first().waitFor();
    picture("rack");
    rack.startBillet().count().waitFor();
    picture("new-billet");
    NewBilletPage draft =
        new NewBilletPage(page).named("Spiral for a rope fid").beginWithPattern("Spiral");
    page.waitForFunction("() => document.querySelectorAll('[data-picture=there]').length > 12");
    picture("patterns");
    draft.named("Four-bar twist for the pilot's knife").beginWithPattern("Four-bar twist");
    draft.putOnRack().line().waitFor();
    page.navigate(page.url() + "/inside");
    new InsidePage(page).fine(0);
    picture("inside");
    photograph();
    BilletPage billet = new BilletPage(page).rack().open("Rigging knife bar, barge Teasel");
    billet.openStage(0, "Restack");
    picture("billet");
    billet.rack().open("Splicing knife, twisted core").openStage(0, "Lay-up");
    billet.finding("heights-do-not-match").first().waitFor();
    picture("parts");
    billet.rack().open("Marlinspike knife, 1095").log().waitFor();
    picture("weld");
    FinderPage.at(page);
    picture("finder");
    SteelsPage steels = SteelsPage.at(page, shop, "5160,15N20");
    steels.reasons().first().waitFor();
    page.getByLabel("15N20 with 1084: Excellent").waitFor();
    picture("steels");
    page.getByText("Shop", new Page.GetByTextOptions().setExact(true)).click();
    page.getByLabel("Shop defaults").waitFor();
    picture("shop");
    fire();
    page.navigate(shop.at("/billets/2/bench"));
    page.getByLabel("Actions").waitFor();
    while (!page.getByLabel("Marks").isVisible()) {
      page.keyboard().press("ArrowRight");
    }
    picture("bench", 390, 844);
    page.navigate(shop.at("/rack"));
    new BilletPage(page).rack().book().welds().first().waitFor();
    picture("book");
    page.navigate(shop.at("/evidence"));
    page.locator("[data-compared]").waitFor();
    picture("evidence");
  }

  /** The first weld of a bar beside the printed card, on a phone. */
  private void photograph() throws IOException {
    String step =
        (String)
            page.evaluate(
                "async () => (await (await fetch('/api/v1/billets/1')).json()).plan.steps[0].key");
    page.navigate(shop.at("/billets/1/measure?step=" + step));
    page.getByLabel("Choose photo")
        .last()
        .setInputFiles(PaintedBench.barBesideCard(page, shop, 154, 39));
    page.locator("[data-measured='1']").waitFor();
    picture("measure", 390, 844);
  }

  /**
   * A heat plan, the day, a rehearsed weld when its skin looks ready and its core is not, its end.
   */
  private void fire() {
    String knife = "Three-tone splicing knife";
    page.navigate(shop.at("/fire"));
    FirePage fire = new FirePage(page).chooseHeat(knife, "Weld 1, in the Book");
    fire.billet("Caulking iron, folded").check();
    page.getByText("done at").waitFor();
    picture("fire-today");
    page.getByLabel("Billets").getByText("heat plan").nth(3).click();
    page.getByText("Atmosphere protection for this billet").waitFor();
    page.getByText("chance that every joint").waitFor();
    page.getByText("Trying what would help")
        .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    picture("heat-plan");
    page.navigate(shop.at("/fire"));
    new FirePage(page).chooseHeat(knife, "Weld 1, in the Book").begin("Practice run");
    order("Put it in").waitFor();
    page.keyboard().press("i");
    order("Flux the joints").waitFor();
    page.keyboard().press("f");
    order("Turn it over").waitFor(slow());
    page.keyboard().press("t");
    page.getByText("colder than the skin").waitFor(slow());
    picture("fire");
    picture("fire-tablet", 820, 1180);
    picture("fire-phone", 390, 844);
    order("Ready. Take it out.").waitFor(slow());
    for (String key : new String[] {"o", "s", "u", "b"}) {
      page.keyboard().press(key);
      page.waitForTimeout(900);
    }
    page.keyboard().press("e");
    order("Practice run review").waitFor();
  }

  /** What the fire says to do. */
  private Locator order(String words) {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1).setName(words));
  }

  private static Locator.WaitForOptions slow() {
    return new Locator.WaitForOptions().setTimeout(90_000);
  }

  /** On another device, one to one. */
  private void picture(String name, int width, int height) {
    page.setViewportSize(width, height);
    // Drawings take the new width in the frame after it.
    page.evaluate(
        "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
    picture(name);
    page.setViewportSize(1280, 800);
  }

  private void picture(String name) {
    page.mouse().move(0, page.viewportSize().height - 10);
    page.waitForFunction(
        "() => document.fonts.status === 'loaded' && !document.querySelector('[data-picture=waiting]')");
    Path file =
        Path.of(System.getenv("GEMINAL_SCREENSHOTS")).toAbsolutePath().resolve(name + ".png");
    page.screenshot(new Page.ScreenshotOptions().setPath(file));
  }
}

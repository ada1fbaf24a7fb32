package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Locator.GetByRoleOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByLabelOptions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** Welds taken from another shop, and given to others. */
class OtherShopsTest extends Story {
  @Override
  protected Shop open() {
    return Shop.demo();
  }

  private Locator section() {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName("Other shops").setExact(true));
  }

  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void anotherShopIsCountedWhenAskedAndNoLonger() {
    SignInPage.at(page, shop).asDemo();
    page.waitForURL("**/rack");
    page.navigate(shop.at("/evidence"));
    Locator upriver =
        section().getByRole(AriaRole.ARTICLE, new GetByRoleOptions().setName("Upriver forge"));
    assertThat(upriver.locator("[data-effect=known]")).containsText("→");
    Locator next = page.locator("[data-evidence=next]");
    String alone = next.innerText();
    String promised = upriver.locator("[data-effect] b").innerText();
    assertThat(promised).isNotEqualTo(alone);
    assertThat(page.locator("[data-others]")).hasCount(0);

    button(upriver, "Count it").click();
    assertThat(next).hasText(promised);
    assertThat(page.locator("[data-others]").first()).containsText("other shops");
    assertThat(page.getByLabel("The next weld", new GetByLabelOptions().setExact(true)))
        .containsText("by your own welds alone it is " + alone);

    button(upriver, "Stop counting").click();
    assertThat(next).hasText(alone);
  }

  @Test
  void whatLeavesIsShownFirstAndIsNotTakenBackAsAnothers() throws IOException {
    SignInPage.at(page, shop).asDemo();
    page.waitForURL("**/rack");
    page.navigate(shop.at("/evidence"));
    button(section(), "Give your welds to others …").click();
    String shown = section().getByLabel("The file", new Locator.GetByLabelOptions()).innerText();
    Download download = page.waitForDownload(() -> button(section(), "Save this file").click());
    assertThat(Files.readString(download.path()).strip()).isEqualTo(shown.strip());
    assertThat(shown).contains("geminal-welds").doesNotContain("Wharf", "Marlinspike", "2026-");

    section().getByLabel("Record of another shop").setInputFiles(download.path());
    section().getByLabel("Name for this shop").fill("Mirror");
    button(section(), "Add").click();
    assertThat(section().getByRole(AriaRole.ALERT)).containsText("your own record");
  }
}

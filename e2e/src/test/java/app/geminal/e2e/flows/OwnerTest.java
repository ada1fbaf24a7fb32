package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The first visit to an empty shop. */
class OwnerTest extends Story {
  @Override
  protected Shop open() {
    return Shop.empty();
  }

  @Test
  void theFirstVisitMakesTheOwnerWithTheCodeFromTheConsole() {
    page.navigate(shop.at("/"));
    fill("AAAA-AAAA");
    assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
    page.getByLabel("Code from the console").fill(shop.ownerCode());
    pressOpen();
    firstSteps();
    page.getByText("Sign out").click();
    assertThat(page.getByRole(AriaRole.HEADING, new GetByRoleOptions().setName("Sign in")))
        .isVisible();
  }

  /** Three questions, and a billet with the Finder's answer. */
  private void firstSteps() {
    page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName("gas forge and a press")).check();
    press("Use this shop");
    page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName("US shop")).click();
    assertThat(page.getByText("A bar of 1 1/2 in is shown at 2156 °F")).isVisible();
    press("Continue");
    page.getByRole(AriaRole.CHECKBOX, new GetByRoleOptions().setName("1084")).check();
    page.getByRole(AriaRole.CHECKBOX, new GetByRoleOptions().setName("15N20")).check();
    page.getByLabel("Thickness of 15N20").fill(".070");
    press("Add 2 steels to the shelf");
    page.getByLabel("Layers").fill("200");
    page.getByLabel("Layers").press("Enter");
    Locator answer = page.getByLabel("Suggested schedule");
    assertThat(answer).hasAttribute("aria-busy", "false");
    assertThat(answer).containsText("chance all welds hold");
    press("Create this billet");
    page.waitForURL("**/billets/*");
    assertThat(new BilletPage(page).figures().last())
        .hasAttribute("aria-label", Pattern.compile("\\b(19\\d|20\\d|210) visible layers"));
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Steels").setExact(true)).click();
    page.getByRole(AriaRole.TAB, new GetByRoleOptions().setName("Shelf")).click();
    assertThat(page.getByText(".07").first()).isVisible();
  }

  private void press(String name) {
    page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name)).click();
  }

  private void fill(String code) {
    page.getByLabel("Code from the console").fill(code);
    page.getByLabel("Your name").fill("Low Quay smithy");
    page.getByLabel("Name to sign in with").fill("quay");
    page.getByLabel("Password, 10 characters or more").fill("ebb and flood 12");
    pressOpen();
  }

  private void pressOpen() {
    press("Create shop");
  }
}

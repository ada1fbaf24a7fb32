package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
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
    assertThat(page.getByText("No billets yet")).isVisible();
    page.getByText("Sign out").click();
    assertThat(page.getByRole(AriaRole.HEADING, new GetByRoleOptions().setName("Sign in")))
        .isVisible();
  }

  private void fill(String code) {
    page.getByLabel("Code from the console").fill(code);
    page.getByLabel("Your name").fill("Low Quay smithy");
    page.getByLabel("Name to sign in with").fill("quay");
    page.getByLabel("Password, 10 characters or more").fill("ebb and flood 12");
    pressOpen();
  }

  private void pressOpen() {
    page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName("Create shop")).click();
  }
}

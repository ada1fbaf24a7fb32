package app.geminal.e2e.pages;

import app.geminal.e2e.fixtures.Shop;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;

/** Where no one is signed in. */
public record SignInPage(Page page) {
  public static SignInPage at(Page page, Shop shop) {
    page.navigate(shop.at("/sign-in"));
    return new SignInPage(page);
  }

  /** Signs in as the demo's smith with what the page itself says. */
  public RackPage asDemo() {
    page.getByText("Fill these in").click();
    return signIn();
  }

  public SignInPage type(String login, String password) {
    page.getByLabel("Name").fill(login);
    page.getByLabel("Password").fill(password);
    return this;
  }

  public RackPage signIn() {
    page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName("Sign in")).click();
    return new RackPage(page);
  }
}

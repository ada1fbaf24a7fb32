package app.geminal.e2e.pages;

import app.geminal.e2e.fixtures.Shop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** A session at the fire, and where one is begun. */
public record FirePage(Page page) {

  public static FirePage at(Page page, Shop shop) {
    page.navigate(shop.at("/fire"));
    return new FirePage(page);
  }

  public Locator billet(String name) {
    return page.getByRole(AriaRole.CHECKBOX, new GetByRoleOptions().setName(name));
  }

  public FirePage chooseHeat(String billet, String title) {
    page.getByLabel("Heat of " + billet)
        .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(title));
    return this;
  }

  public FirePage begin(String button) {
    page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(button)).click();
    page.waitForURL(Pattern.compile(".*/fire/\\d+"));
    return this;
  }

  public Locator order() {
    return page.getByRole(AriaRole.HEADING, new GetByRoleOptions().setLevel(1));
  }

  public Locator line() {
    return page.getByLabel("Connection");
  }

  public Locator taps() {
    return page.getByRole(AriaRole.GROUP).getByRole(AriaRole.BUTTON);
  }

  public Locator tap(String title) {
    return page.getByRole(
        AriaRole.BUTTON, new GetByRoleOptions().setName(Pattern.compile("^" + title)));
  }

  public Locator forge() {
    return page.getByLabel("Forge", new Page.GetByLabelOptions().setExact(true));
  }

  public Locator steps() {
    return page.getByRole(AriaRole.LIST, new GetByRoleOptions().setName("Steps"));
  }

  public long id() {
    return Long.parseLong(page.url().replaceAll(".*/fire/", ""));
  }
}

package app.geminal.e2e.pages;

import app.geminal.e2e.fixtures.Shop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** The steels, and how the chosen ones go together. */
public record SteelsPage(Page page) {
  public static SteelsPage at(Page page, Shop shop, String with) {
    page.navigate(shop.at("/steels?with=" + with));
    return new SteelsPage(page);
  }

  public Locator listed() {
    return page.getByRole(AriaRole.LIST, new GetByRoleOptions().setName("Steels"))
        .getByRole(AriaRole.BUTTON);
  }

  public SteelsPage choose(String steel) {
    listed()
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + steel + "\\D")))
        .first()
        .click();
    return this;
  }

  public SteelsPage find(String words) {
    page.getByLabel("Find a steel").fill(words);
    return this;
  }

  /** Narrows the list by one of the buttons above it. */
  public SteelsPage narrow(String words) {
    button(words).click();
    return this;
  }

  public Locator verdict() {
    return page.getByLabel("Compatibility", new Page.GetByLabelOptions().setExact(true));
  }

  public Locator reasons() {
    return page.getByRole(AriaRole.LIST, new GetByRoleOptions().setName("Reasons"))
        .getByRole(AriaRole.LISTITEM);
  }

  public Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }

  public SteelsPage tab(String name) {
    page.getByRole(AriaRole.TAB, new GetByRoleOptions().setName(name)).click();
    return this;
  }
}

package app.geminal.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;

/** The billets, end-on. */
public record RackPage(Page page) {
  public Locator billets() {
    return page.getByRole(AriaRole.LIST, new GetByRoleOptions().setName("Billets"))
        .getByRole(AriaRole.LISTITEM);
  }

  public Locator billet(String name) {
    return billets().filter(new Locator.FilterOptions().setHasText(name));
  }

  public BilletPage open(String name) {
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName(name).setExact(true)).click();
    return new BilletPage(page);
  }

  public NewBilletPage startBillet() {
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("New billet")).click();
    return new NewBilletPage(page);
  }

  public BookPage book() {
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Book").setExact(true)).click();
    return new BookPage(page);
  }
}

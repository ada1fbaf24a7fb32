package app.geminal.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;

/** Ways to a layer count. */
public record FinderPage(Page page) {
  public static FinderPage at(Page page) {
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Finder").setExact(true)).click();
    return new FinderPage(page).settled();
  }

  /** Waits until the search has ended. */
  public FinderPage settled() {
    page.locator("[aria-label='Result'][aria-busy=false]").waitFor();
    return this;
  }

  public Locator found() {
    return page.getByLabel("Result");
  }

  public Locator count() {
    return page.locator("[data-count=ways]");
  }

  public Locator ways() {
    return page.locator("tr[data-way]");
  }

  public Locator field(String label) {
    return page.getByLabel(label).first();
  }

  /** Types into a field; the search continues. */
  public FinderPage type(String label, String text) {
    field(label).fill(text);
    field(label).press("Enter");
    return this;
  }

  /** Does something that asks again, and waits until that search has ended. */
  public FinderPage after(Runnable asking) {
    int ends = Integer.parseInt(found().getAttribute("data-ends"));
    asking.run();
    page.locator("[data-ends='" + (ends + 1) + "']").waitFor();
    return this;
  }

  /** Types into a field and waits for the answer. */
  public FinderPage ask(String label, String text) {
    return after(() -> type(label, text));
  }

  public Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }

  public FinderPage choose(String option) {
    page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName(option).setExact(true)).click();
    return this;
  }

  /** Visible layers of a way, as its row says. */
  public String layers(int way) {
    return ways().nth(way).locator("b.text-lg").textContent();
  }

  public BilletPage open(int way) {
    ways().nth(way).getByText("Open").click();
    return new BilletPage(page);
  }
}

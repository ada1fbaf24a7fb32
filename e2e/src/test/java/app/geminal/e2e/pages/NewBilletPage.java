package app.geminal.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByLabelOptions;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;

/** A stack and its restacks, with the Run beside them. */
public record NewBilletPage(Page page) {
  public NewBilletPage named(String name) {
    page.getByLabel("Name", new GetByLabelOptions().setExact(true)).fill(name);
    return this;
  }

  /** Types into a field and takes the value over. */
  public NewBilletPage type(String label, String text) {
    Locator field = field(label);
    field.fill(text);
    field.press("Enter");
    return this;
  }

  public Locator field(String label) {
    return page.getByLabel(label).first();
  }

  public NewBilletPage steel(int nth, String steel) {
    page.getByLabel("Steel " + nth).selectOption(steel);
    return this;
  }

  public NewBilletPage addRestack() {
    page.getByText("Add restack").click();
    return this;
  }

  /** Begins with one of the named patterns. */
  public NewBilletPage beginWithPattern(String name) {
    radio("a pattern").click();
    radio(name).click();
    return this;
  }

  private Locator radio(String name) {
    return page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName(name).setExact(true));
  }

  public Locator count() {
    return page.locator("main p b").first();
  }

  public BilletPage putOnRack() {
    page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName("Create billet")).click();
    return new BilletPage(page);
  }
}

package app.geminal.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Every weld, newest first. */
public record BookPage(Page page) {
  public Locator welds() {
    return page.locator("tbody").getByRole(AriaRole.ROW);
  }

  public BookPage find(String words) {
    page.getByLabel("Find in the Book").fill(words);
    return this;
  }
}

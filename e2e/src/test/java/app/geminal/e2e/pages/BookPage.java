package app.geminal.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/** What was done, by day or by billet, newest first. */
public record BookPage(Page page) {
  public Locator welds() {
    return page.locator("[data-book-line=weld]");
  }

  /** Everything else that is written in it. */
  public Locator entries() {
    return page.locator("[data-book-line=entry]");
  }

  public BookPage find(String words) {
    page.getByLabel("Search the Book").fill(words);
    return this;
  }
}

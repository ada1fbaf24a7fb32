package app.geminal.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByLabelOptions;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** One billet: its Run and the open stage. */
public record BilletPage(Page page) {
  public Locator run() {
    return page.getByLabel("Run", new GetByLabelOptions().setExact(true));
  }

  /** The drawn rows of the Run; each says its sizes and counts to who cannot see it. */
  public Locator figures() {
    return run().getByRole(AriaRole.IMG);
  }

  public String figure(int stage) {
    return figures().nth(stage).getAttribute("aria-label");
  }

  public BilletPage openStage(int nth, String title) {
    run()
        .locator("button[aria-expanded]")
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + title)))
        .nth(nth)
        .click();
    return this;
  }

  public Locator visibleCount() {
    return page.locator("[data-count=visible]");
  }

  public Locator panel() {
    return page.getByLabel("Open stage");
  }

  public Locator line() {
    return page.locator("#shorthand");
  }

  /** A field of the open row. */
  public Locator field(String label) {
    return page.locator("[data-open-step]").getByLabel(Pattern.compile("^" + label)).first();
  }

  public BilletPage type(String label, String text) {
    Locator field = field(label);
    field.fill(text);
    field.press("Enter");
    return this;
  }

  public BilletPage press(String key) {
    page.locator("body").press(key);
    return this;
  }

  public Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }

  /** A part's own Run, by its name. */
  public Locator part(String name) {
    return page.getByLabel("Part " + name, new GetByLabelOptions().setExact(true));
  }

  /** A finding of the open stage, by its check's name. */
  public Locator finding(String id) {
    return panel().locator("[data-finding=" + id + "]");
  }

  /** Types the whole plan as a line and takes it over. */
  public BilletPage typeLine(String line) {
    line().fill(line);
    line().press("Enter");
    return this;
  }

  public Locator log() {
    return page.getByLabel("Weld log");
  }

  /** Logs a weld of the open step. */
  public BilletPage logWeld(String heat, String protection, String outcome, String note) {
    Locator form = log().locator("form");
    form.getByLabel("Heat (measured)").fill(heat);
    form.getByLabel("Heat (measured)").press("Tab");
    choose(form, protection);
    choose(form, outcome);
    form.getByLabel("Note: where, how found, what was done").fill(note);
    form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Log weld")).click();
    return this;
  }

  private static void choose(Locator form, String option) {
    form.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(option).setExact(true))
        .click();
  }

  public RackPage rack() {
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Rack").setExact(true)).click();
    return new RackPage(page);
  }
}

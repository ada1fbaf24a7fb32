package app.geminal.e2e.pages;

import app.geminal.e2e.fixtures.Shop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;

/** A session at the fire, and where one is begun. */
public record FirePage(Page page) {
  private static final int LONGEST_S = 120;
  private static final long AGAIN_MS = 900;

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

  /** The act the screen asks for; there is none while it asks for the result. */
  public Locator wideTap() {
    return page.getByRole(AriaRole.GROUP, new GetByRoleOptions().setName("Taps").setExact(true))
        .getByRole(AriaRole.BUTTON)
        .first();
  }

  /** Does what the screen says until it asks for the result; again where nothing came of it. */
  public void obey(Runnable act) {
    obey(act, () -> order().textContent().startsWith("Result"));
  }

  /** Does what the screen says until something is so; again where nothing came of it. */
  public void obey(Runnable act, BooleanSupplier isThere) {
    long end = System.nanoTime() + LONGEST_S * 1_000_000_000L;
    String done = "";
    long doneAt = 0;
    while (System.nanoTime() < end) {
      if (isThere.getAsBoolean()) {
        return;
      }
      String order = order().textContent();
      boolean justDone = order.equals(done) && System.nanoTime() - doneAt < AGAIN_MS * 1_000_000L;
      boolean waits = order.startsWith("Keep") || order.startsWith("Turn the forge");
      if (!waits && !justDone) {
        act.run();
        done = order;
        doneAt = System.nanoTime();
      }
    }
    throw new AssertionError("not through in " + LONGEST_S + " s; it says " + done);
  }

  /** What the screen asks the eye: a question and its answers. */
  public Locator asked() {
    return page.getByLabel("What you see").getByRole(AriaRole.GROUP);
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

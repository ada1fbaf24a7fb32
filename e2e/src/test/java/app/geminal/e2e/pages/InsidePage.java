package app.geminal.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.function.DoublePredicate;

/** One stage, looked into. */
public record InsidePage(Page page) {
  public Locator picture() {
    return page.getByRole(
        AriaRole.APPLICATION, new GetByRoleOptions().setName("The inside").setExact(true));
  }

  /**
   * Waits until the large picture has come as fine as it gets since a moment of the page's clock.
   */
  public InsidePage fine(double since) {
    page.waitForFunction(
        "since => performance.getEntriesByName('geminal-picture').some("
            + "m => m.startTime > since && m.detail.fine && m.detail.of === 'The inside')",
        since);
    return this;
  }

  /** The page's own clock, ms. */
  public double now() {
    return ((Number) page.evaluate("performance.now()")).doubleValue();
  }

  public InsidePage lookAt(String from) {
    double before = now();
    page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName(from).setExact(true)).click();
    return fine(before);
  }

  public Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
  }

  public Locator slider(String name) {
    return page.getByRole(AriaRole.SLIDER, new GetByRoleOptions().setName(name).setExact(true));
  }

  /** Draws a line up the middle of the large picture, from under the bar to over it. */
  public Locator countUpTheMiddle() {
    button("Count layers along a line").click();
    BoundingBox box = picture().boundingBox();
    double x = box.x + box.width * 0.49;
    page.mouse().move(x, box.y + box.height - 2);
    page.mouse().down();
    page.mouse().move(x, box.y + box.height / 2);
    page.mouse().move(x, box.y + 2);
    page.mouse().up();
    return page.locator("[data-counted]");
  }

  /**
   * Drags a slider to and fro until it is enough; then waits for the last picture to be fine.
   *
   * @param enough asked after each move with the ms since the first
   * @return when each picture was drawn meanwhile, ms of the page's clock
   */
  public List<Double> drag(String slider, DoublePredicate enough) {
    BoundingBox thumb = slider(slider).boundingBox();
    BoundingBox track = slider(slider).locator("xpath=../..").boundingBox();
    double y = thumb.y + thumb.height / 2;
    double span = track.width - 40;
    double began = now();
    page.mouse().move(thumb.x + thumb.width / 2, y);
    page.mouse().down();
    for (int i = 0; i == 0 || !enough.test(now() - began); i++) {
      page.mouse().move(track.x + 20 + Math.abs(i * 6 % (2 * span) - span), y);
    }
    page.mouse().up();
    @SuppressWarnings("unchecked")
    List<Number> frames =
        (List<Number>)
            page.evaluate(
                "since => performance.getEntriesByName('geminal-picture')"
                    + ".filter(m => m.startTime > since && m.detail.of === 'The inside')"
                    + ".map(m => m.startTime)",
                began);
    fine(began);
    return frames.stream().map(Number::doubleValue).toList();
  }

  public BilletPage backToTheRun() {
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Back to the Run")).click();
    return new BilletPage(page);
  }
}

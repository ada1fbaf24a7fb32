package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.FirePage;
import app.geminal.e2e.pages.SignInPage;
import com.deque.html.axecore.args.AxeRunOnlyOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Every view on a desk, a small desk, a tablet upright, a phone, and a phone on its side. */
class EverySizeTest extends Story {
  private static final List<String> VIEWS =
      List.of(
          "/rack",
          "/billets/new",
          "/billets/1",
          "/billets/5",
          "/billets/1/inside",
          "/billets/1/finish",
          "/billets/4/heat?step=s1",
          "/billets/1/card",
          "/billets/1/bench",
          "/billets/3/bench",
          "/billets/3/count",
          "/billets/3/measure",
          "/billets/3/compare",
          "/billets/3/flaws",
          "/device",
          "/finder",
          "/fire",
          "/steels?with=1084,15N20",
          "/book",
          "/evidence",
          "/shop",
          "/glossary",
          "/first-steps");

  private static final int[][] SIZES = {
    {1280, 800}, {1024, 768}, {820, 1180}, {390, 844}, {844, 390}
  };

  /** WCAG 2.2, A and AA; what passes is not listed, which is most of the work. */
  private static final AxeRunOptions ACCESSIBLE = accessible();

  private static AxeRunOptions accessible() {
    AxeRunOnlyOptions tags = new AxeRunOnlyOptions();
    tags.setType("tag");
    tags.setValues(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"));
    AxeRunOptions options = new AxeRunOptions();
    options.setRunOnly(tags);
    options.setResultTypes(List.of("violations"));
    return options;
  }

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  /** Dialogs and sheets: a view, and the button that opens it there. */
  private static final Map<String, String> DIALOGS =
      Map.of(
          "/rack", "What is this?",
          "/billets/1", "Add inspection",
          "/billets/3", "Add measurements",
          "/book", "Edit",
          "/steels", "Add steel");

  private final List<String> wrong = new ArrayList<>();

  @Test
  void nothingIsCutOffSidewaysOrHardToUse() throws IOException {
    SignInPage.at(page, shop).asDemo();
    page.waitForURL("**/rack");
    for (String view : VIEWS) {
      open(view);
      atEverySize(view);
    }
    for (Map.Entry<String, String> dialog : DIALOGS.entrySet()) {
      open(dialog.getKey());
      page.getByRole(
              AriaRole.BUTTON, new GetByRoleOptions().setName(dialog.getValue()).setExact(true))
          .first()
          .click();
      settled();
      atEverySize(dialog.getKey() + " " + dialog.getValue());
    }
    open("/fire");
    FirePage fire = new FirePage(page);
    fire.billet("Marlinspike knife, 1095").check();
    fire.begin("Practice run");
    assertThat(fire.order()).hasText("Put it in");
    atEverySize("a session");
    assertThat(wrong).isEmpty();
  }

  private void open(String view) {
    page.setViewportSize(SIZES[0][0], SIZES[0][1]);
    page.navigate(shop.at(view));
    settled();
  }

  private void settled() {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    assertThat(page.locator("main [aria-busy=true]")).hasCount(0);
  }

  @SuppressWarnings("unchecked")
  private void atEverySize(String what) throws IOException {
    for (int[] size : SIZES) {
      String where = "%s at %d × %d: ".formatted(what, size[0], size[1]);
      page.setViewportSize(size[0], size[1]);
      // Drawings take the new width in the frame after it.
      page.evaluate(
          "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
      ((List<String>) page.evaluate(script())).forEach(found -> wrong.add(where + found));
      new AxeBuilder(page)
          .options(ACCESSIBLE)
          // There are no frames to join the results of.
          .setLegacyMode(true)
          .analyze()
          .getViolations()
          .forEach(rule ->
              rule.getNodes()
                  .forEach(node -> wrong.add(where + rule.getId() + " " + node.getHtml())));
    }
  }

  private static String script() throws IOException {
    try (InputStream script = EverySizeTest.class.getResourceAsStream("sideways.js")) {
      return new String(script.readAllBytes(), StandardCharsets.UTF_8)
          .replaceFirst("^//[^\n]*\n", "");
    }
  }
}

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
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

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @Test
  @SuppressWarnings("unchecked")
  void nothingIsCutOffOrSideways() throws IOException {
    SignInPage.at(page, shop).asDemo();
    page.waitForURL("**/rack");
    List<String> wrong = new ArrayList<>();
    for (String view : VIEWS) {
      page.setViewportSize(SIZES[0][0], SIZES[0][1]);
      page.navigate(shop.at(view));
      page.waitForLoadState(LoadState.NETWORKIDLE);
      assertThat(page.locator("main [aria-busy=true]")).hasCount(0);
      for (int[] size : SIZES) {
        page.setViewportSize(size[0], size[1]);
        // Drawings take the new width in the frame after it.
        page.evaluate(
            "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
        ((List<String>) page.evaluate(script()))
            .forEach(
                what -> wrong.add("%s at %d × %d: %s".formatted(view, size[0], size[1], what)));
      }
    }
    assertThat(wrong).isEmpty();
  }

  private static String script() throws IOException {
    try (InputStream script = EverySizeTest.class.getResourceAsStream("sideways.js")) {
      return new String(script.readAllBytes(), StandardCharsets.UTF_8)
          .replaceFirst("^//[^\n]*\n", "");
    }
  }
}

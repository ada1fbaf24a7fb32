package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.RackPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Any unit may be typed into any field, whatever is shown; what is stored is what was meant. */
class TypedUnitsTest extends Story {
  private static final String INCHES = "US units";
  private static final String METRIC = "Metric units";

  /** Stage, field, what is typed, what the field shows later in inches and in millimeters. */
  private static final List<List<String>> FIGURES =
      List.of(
          List.of("Stack", "Width", "1 1/2", "1 1/2", "38.1"),
          List.of("Stack", "Thickness", "3/32", "3/32", "2.381"),
          List.of("Stack", "Thickness", "0.049 in", ".049", "1.2446"),
          List.of("Stack", "Width", "38 mm", "1.496", "38"),
          List.of("Set weld", "Heat", "2150 F", "2150", "1177"),
          List.of("Set weld", "Heat", "1180 C", "2156", "1180"));

  @ParameterizedTest
  @ValueSource(strings = {INCHES, METRIC})
  void anyUnitIntoAnyField(String units) {
    BilletPage billet = drawknife(units);
    for (List<String> figure : FIGURES) {
      String field = figure.get(1);
      String shown = figure.get(units.equals(INCHES) ? 3 : 4);
      billet.openStage(0, figure.get(0));
      // Something else first, so that the figure asked for is a change in either case.
      stored(billet, field, field.equals("Heat") ? "1170 C" : "3.5 mm");
      assertThat(billet.button("Undo")).isEnabled();
      stored(billet, field, figure.get(2));
      // As it was typed, until the page is loaded again.
      assertThat(billet.field(field)).hasValue(figure.get(2));
      page.reload();
      billet.openStage(0, figure.get(0));
      assertThat(billet.field(field)).hasValue(shown);
    }
  }

  /** Types a figure and waits until it is stored: the field shows before that what was typed. */
  private void stored(BilletPage billet, String field, String typed) {
    page.waitForResponse(
        r -> r.ok() && r.request().method().equals("PUT"), () -> billet.type(field, typed));
  }

  /** The shop is shared: the next story finds it in inches. */
  @AfterEach
  void backToInches() {
    read(INCHES);
  }

  private BilletPage drawknife(String units) {
    RackPage rack = SignInPage.at(page, shop).asDemo();
    read(units);
    return rack.open("Drawknife iron, second pair");
  }

  private void read(String units) {
    Locator setting =
        page.getByRole(
            AriaRole.BUTTON,
            new GetByRoleOptions().setName(Pattern.compile(INCHES + "|" + METRIC)));
    setting.waitFor();
    if (!setting.textContent().equals(units)) {
      setting.click();
    }
    assertThat(setting).hasText(units);
  }
}

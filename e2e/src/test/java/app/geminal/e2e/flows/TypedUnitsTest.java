package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.RackPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Any unit may be typed into any field, whatever is shown; what is stored is what was meant. */
class TypedUnitsTest extends Story {
  private static final String INCHES = "inches, °F";
  private static final String METRIC = "mm, °C";

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          inches, °F | Stack    | Width     | 1 1/2    | 1 1/2
          inches, °F | Stack    | Thickness | 3/32     | 3/32
          inches, °F | Stack    | Thickness | 0.049 in | 0.049
          inches, °F | Stack    | Width     | 38 mm    | 38 mm
          inches, °F | Set weld | Heat      | 2150 F   | 2150
          inches, °F | Set weld | Heat      | 1180 C   | 2156
          mm, °C     | Stack    | Width     | 1 1/2    | 38.1
          mm, °C     | Stack    | Thickness | 3/32     | 2.38125
          mm, °C     | Stack    | Thickness | 0.049 in | 1.2446
          mm, °C     | Stack    | Width     | 38 mm    | 38
          mm, °C     | Set weld | Heat      | 2150 F   | 1176.67
          mm, °C     | Set weld | Heat      | 1180 C   | 1180
          """)
  void anyUnitIntoAnyField(String units, String stage, String field, String typed, String shown) {
    BilletPage billet = drawknife(units).openStage(0, stage);
    // Something else first, so that the figure asked for is a change in either case.
    String before = field.equals("Heat") ? "1170 C" : "3.5 mm";
    billet.type(field, before);
    assertThat(billet.button("Undo")).isEnabled();
    // The field shows what was typed before it is stored.
    page.waitForResponse(
        r -> r.ok() && r.request().method().equals("PUT"), () -> billet.type(field, typed));
    assertThat(billet.field(field)).hasValue(shown);
    page.reload();
    billet.openStage(0, stage);
    assertThat(billet.field(field)).hasValue(shown);
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

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Smith;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Locator.GetByRoleOptions;
import com.microsoft.playwright.options.AriaRole;
import java.net.http.HttpResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Where a weld bonds before it is made, and what would help. */
class WeldMapTest extends Story {
  private static final Pattern CHANCE = Pattern.compile("(\\d+)% chance that every joint");

  private long billet;

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  /** Fourteen bites where the press needs two: the last are cold. */
  @BeforeEach
  void lateBites() throws Exception {
    Smith smith = new Smith(shop);
    String plan =
        smith
            .post(
                "/api/v1/plans/read",
                "{\"line\":\"13 (1075 1/8, 15N20 1/16) 1 1/2 x 8 > set 3 2150F borax 14 bites\"}")
            .body()
            .replaceFirst("^\\{\"plan\":", "")
            .replaceFirst("}$", "");
    HttpResponse<String> started =
        smith.post(
            "/api/v1/billets",
            "{\"name\":\"Boathook\",\"purpose\":\"\",\"plan\":%s}".formatted(plan));
    Matcher id = Pattern.compile("\"id\":(\\d+)").matcher(started.body());
    assertThat(id.find()).as(started.body()).isTrue();
    billet = Long.parseLong(id.group(1));
    SignInPage.at(page, shop).asDemo();
    page.waitForURL("**/rack");
  }

  private Locator map() {
    return page.getByLabel(
        "Weld map", new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true));
  }

  private int chance() {
    Matcher said = CHANCE.matcher(map().innerText());
    assertThat(said.find()).as(map().innerText()).isTrue();
    return Integer.parseInt(said.group(1));
  }

  private Locator bites() {
    return map()
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText("Take no more bites"));
  }

  @Test
  void aColdLateBiteIsNamedAndFewerBitesAreTakenIntoThePlan() {
    page.navigate(shop.at("/billets/" + billet + "/heat?step=s1"));
    assertThat(map()).containsText("Weakest: joint");
    assertThat(map()).containsText("of 14, about");
    int before = chance();
    // Each is calculated as the weld was: seconds, more on a busy machine.
    bites().waitFor();
    Matcher promised = Pattern.compile("(\\d+)%\\s*Take").matcher(bites().innerText());
    assertThat(promised.find()).as(bites().innerText()).isTrue();
    bites().getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName("Apply")).click();
    assertThat(page.getByRole(AriaRole.STATUS)).containsText("changed and saved");
    assertThat(map()).not().containsText("of 14, about");
    assertThat(map()).containsText("chance that every joint");
    assertThat(chance()).isEqualTo(Integer.parseInt(promised.group(1))).isGreaterThan(before + 30);
    button("Undo").click();
    assertThat(map()).containsText("of 14, about");
    assertThat(chance()).isEqualTo(before);
  }

  @Test
  void itIsBesideTheRunAsWellAndEveryJointCanBeRead() {
    page.navigate(shop.at("/billets/" + billet));
    assertThat(map()).containsText("chance that every joint");
    button("What would help").click();
    // Each is calculated as the weld was: seconds, more on a busy machine.
    bites().waitFor();
    map().getByText("Every joint, and how").click();
    assertThat(map().getByRole(AriaRole.ROW)).hasCount(13);
    assertThat(map().getByRole(AriaRole.ROW).nth(1)).containsText("heat");
  }

  @Test
  void whyAWeldDelaminatedIsExplainedWithACheck() throws Exception {
    new Smith(shop)
        .post(
            "/api/v1/billets/" + billet + "/welds",
            "{\"stepKey\":\"s1\",\"temperatureC\":1177,\"protection\":\"BORAX\",\"outcome\":\"OPEN\",\"note\":\"\"}");
    page.navigate(shop.at("/billets/" + billet));
    button("Why did it open?").click();
    Locator why =
        page.getByLabel(
            "Why did it open?",
            new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true));
    assertThat(why.getByRole(AriaRole.LISTITEM).first()).containsText("too cold when pressed");
    assertThat(why.getByRole(AriaRole.LISTITEM).first()).containsText("after it left the fire");
    assertThat(why).containsText("Break a coupon");
    assertThat(why).containsText("From the plan alone");
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON,
        new com.microsoft.playwright.Page.GetByRoleOptions().setName(name).setExact(true));
  }
}

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed wrong is told beside its field, and nothing stored changes. */
class MistakesTest extends Story {
  private static final String NAME = "Rigging knife bar, barge Teasel";

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Stack    | Width     | 0         | at least 3/64 in
          Stack    | Thickness | -1/8      | at least .0002 in
          Stack    | Length    | long      | cannot be read
          Stack    | Pieces    | 1000000   | whole number
          Stack    | Pieces    | 501       | 500
          Cut      | Pieces    | 1         | 2
          Cut      | Pieces    | five      | whole number
          Set weld | Heat      | hot       | cannot be read
          Set weld | Heat      | 4000 F    | 2732
          """)
  void isToldBesideTheFieldAndNothingChanges(
      String stage, String field, String typed, String told) {
    SignInPage.at(page, shop).asDemo().open(NAME);
    BilletPage billet = new BilletPage(page).openStage(0, stage);
    String before = billet.line().inputValue();
    billet.type(field, typed);
    assertThat(page.locator("[data-open-step] [role=alert]")).isVisible();
    assertThat(page.locator("[data-open-step] [role=alert]")).containsText(told);
    assertThat(billet.field(field)).hasValue(typed);
    page.reload();
    assertThat(billet.line()).hasValue(before);
  }

  @Test
  void shorthandIsMarkedWhereItIsWrong() {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open(NAME);
    String before = billet.line().inputValue();
    billet.line().fill(before.replace("cut 5", "chop 5"));
    billet.line().press("Enter");
    assertThat(page.locator("#shorthand-problem")).containsText("“chop” is no step");
    Object marked =
        page.evaluate(
            "() => { const e = document.getElementById('shorthand');"
                + " return e.value.slice(e.selectionStart, e.selectionEnd); }");
    assertThat(marked.toString()).startsWith("chop 5");
    billet.line().press("Escape");
    assertThat(billet.line()).hasValue(before);
  }

  @Test
  void anImpossibleStepIsShownInTheRunAndMendedByUndo() {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open(NAME);
    billet.openStage(0, "Trim").type("Front", "20");
    assertThat(billet.run()).containsText("The bar does not allow this.");
    assertThat(billet.run()).containsText("waits for the step above");
    billet.button("Undo").click();
    assertThat(billet.run()).not().containsText("The bar does not allow this.");
  }

  @Test
  void twoTabsDoNotOverwriteEachOther() {
    BilletPage mine = SignInPage.at(page, shop).asDemo().open("Sail-loft shears stock, fine");
    mine.openStage(0, "Stack");
    Page other = newPage();
    other.navigate(page.url());
    BilletPage theirs = new BilletPage(other).openStage(0, "Stack");
    theirs.type("Length", "7");
    assertThat(theirs.button("Undo")).isEnabled();

    mine.type("Width", "2");
    assertThat(page.getByText("It was changed elsewhere")).isVisible();
    mine.button("Put mine on top").click();
    assertThat(page.getByText("It was changed elsewhere")).not().isVisible();
    assertThat(mine.field("Width")).hasValue("2");
    mine.button("Undo").click();
    assertThat(mine.field("Width")).hasValue("1 3/4");
    // The other tab's length stood all along: mine was put on the plan that is there.
    assertThat(mine.field("Length")).hasValue("7");
  }

  @Test
  void theWrongPasswordIsTold() {
    SignInPage.at(page, shop).type("wharf", "high-tide").signIn();
    assertThat(page.getByText("The name or the password is wrong.")).isVisible();
  }
}

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is typed wrong is reported beside its field, and nothing stored changes. */
class MistakesTest extends Story {
  private static final String NAME = "Rigging knife bar, barge Teasel";

  /** Stage, field, what is typed, what is said of it. */
  private static final List<List<String>> MISTAKES =
      List.of(
          List.of("Stack", "Width", "0", "Enter .039 in to"),
          List.of("Stack", "Thickness", "-1/8", "Enter .0002 in to"),
          List.of("Stack", "Length", "long", "cannot be read"),
          List.of("Stack", "Pieces", "1000000", "whole number"),
          List.of("Stack", "Pieces", "501", "500"),
          List.of("Cut", "Pieces", "1", "2"),
          List.of("Cut", "Pieces", "five", "whole number"),
          List.of("Set weld", "Heat", "hot", "cannot be read"),
          List.of("Set weld", "Heat", "4000 F", "2732"));

  @Test
  void areReportedBesideTheFieldAndNothingChanges() {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open(NAME);
    String before = billet.line().inputValue();
    for (List<String> mistake : MISTAKES) {
      String field = mistake.get(1);
      billet.openStage(0, mistake.get(0)).type(field, mistake.get(2));
      assertThat(page.locator("[data-open-step] [role=alert]")).isVisible();
      assertThat(page.locator("[data-open-step] [role=alert]")).containsText(mistake.get(3));
      assertThat(billet.field(field)).hasValue(mistake.get(2));
      assertThat(billet.line()).hasValue(before);
      billet.field(field).press("Escape");
      assertThat(page.locator("[data-open-step] [role=alert]")).hasCount(0);
    }
    assertThat(billet.button("Undo")).isDisabled();
    page.reload();
    assertThat(billet.line()).hasValue(before);
  }

  @Test
  void shorthandIsMarkedWhereItIsWrong() {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open(NAME);
    String before = billet.line().inputValue();
    billet.line().fill(before.replace("cut 5", "chop 5"));
    billet.line().press("Enter");
    assertThat(page.locator("#shorthand-problem")).containsText("“chop” is not a step");
    Object marked =
        page.evaluate(
            "() => { const e = document.getElementById('shorthand');"
                + " return e.value.slice(e.selectionStart, e.selectionEnd); }");
    assertThat(marked.toString()).startsWith("chop 5");
    billet.line().press("Escape");
    assertThat(billet.line()).hasValue(before);
  }

  @Test
  void anImpossibleStepIsShownInTheRunAndEditedByUndo() {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open(NAME);
    billet.openStage(0, "Trim").type("Front", "20");
    assertThat(billet.run()).containsText("This step is not possible.");
    assertThat(billet.run()).containsText("waits for the step above");
    billet.button("Undo").click();
    assertThat(billet.run()).not().containsText("This step is not possible.");
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
    mine.button("Keep mine").click();
    assertThat(page.getByText("It was changed elsewhere")).not().isVisible();
    assertThat(mine.field("Width")).hasValue("2");
    mine.button("Undo").click();
    assertThat(mine.field("Width")).hasValue("1 3/4");
    // The other tab's length was all along: mine was put on the plan that is there.
    assertThat(mine.field("Length")).hasValue("7");
  }

  @Test
  void theWrongPasswordIsReported() {
    SignInPage.at(page, shop).type("wharf", "high-tide").signIn();
    assertThat(page.getByText("The name or the password is wrong.")).isVisible();
  }
}

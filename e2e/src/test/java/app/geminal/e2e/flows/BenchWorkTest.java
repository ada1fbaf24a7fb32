package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.BookPage;
import app.geminal.e2e.pages.RackPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Editing a plan at the bench: keys, dragging, remedies, undo, and putting mistakes right. */
class BenchWorkTest extends Story {
  @Test
  void aStepIsAddedByKeyTakenOutAndBroughtBack() {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open("Marlinspike knife, 1095");
    int before = 7;
    assertThat(billet.figures()).hasCount(before);
    billet.openStage(1, "Set weld").press("d");
    assertThat(billet.figures()).hasCount(before + 1);
    billet.press("Delete");
    assertThat(billet.figures()).hasCount(before);
    billet.press("Control+z");
    assertThat(billet.figures()).hasCount(before + 1);
    billet.press("Control+z");
    assertThat(billet.figures()).hasCount(before);
    billet.press("Control+Shift+z");
    assertThat(billet.figures()).hasCount(before + 1);
    billet.press("?");
    assertThat(page.getByText("remove the step")).isVisible();
  }

  @Test
  void anEndIsDraggedToAnotherLength() {
    BilletPage billet =
        SignInPage.at(page, shop)
            .asDemo()
            .open("Drawknife iron, second pair")
            .openStage(0, "Stack");
    assertThat(billet.field("Length")).hasValue("6");
    Locator grip = page.locator("[data-grip=lengthMm]");
    BoundingBox box = grip.boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse().move(box.x + box.width / 2 + 40, box.y + box.height / 2);
    page.mouse().up();
    assertThat(billet.field("Length")).not().hasValue("6");
    billet.button("Undo").click();
    assertThat(billet.field("Length")).hasValue("6");
  }

  @Test
  void aFindingIsEditedWithOneClick() {
    BilletPage billet = SignInPage.at(page, shop).asDemo().open("Drawknife iron, second pair");
    billet.openStage(0, "Restack");
    assertThat(billet.visibleCount()).hasText("45");
    billet.button("Stack them the same way up").click();
    assertThat(billet.visibleCount()).hasText("48");
    assertThat(billet.panel()).containsText("no layers merge");
    billet.button("Undo").click();
    assertThat(billet.visibleCount()).hasText("45");
  }

  @Test
  void aWeldLoggedByMistakeIsDeletedAndBroughtBack() {
    BookPage book = SignInPage.at(page, shop).asDemo().book();
    assertThat(book.welds()).hasCount(44);
    book.welds().first().getByText("Delete").click();
    assertThat(book.welds()).hasCount(43);
    page.getByText("Undo").click();
    assertThat(book.welds()).hasCount(44);
  }

  @Test
  void aBilletIsTakenOffTheRackAndPutBack() {
    RackPage rack = SignInPage.at(page, shop).asDemo();
    rack.billet("Caulking iron, folded").getByText("Archive").click();
    assertThat(rack.billets()).hasCount(6);
    page.getByText("Undo").click();
    assertThat(rack.billets()).hasCount(7);
  }

  @Test
  void everythingTheBrowserLoadsComesFromHereAndIsSmall() {
    List<Response> loaded = new ArrayList<>();
    page.onResponse(loaded::add);
    SignInPage.at(page, shop).asDemo().billets().first().waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
    List<Response> all = List.copyOf(loaded);
    assertThat(all).isNotEmpty().allMatch(r -> r.url().startsWith(shop.at("/")));
    int bytes =
        all.stream()
            .filter(
                r -> r.headers().getOrDefault("content-type", "").matches(".*(javascript|css).*"))
            .mapToInt(r -> r.request().sizes().responseBodySize)
            .sum();
    System.out.println("script and style on first load, compressed: " + bytes + " bytes");
    assertThat(bytes).isBetween(50_000, 300_000);
  }
}

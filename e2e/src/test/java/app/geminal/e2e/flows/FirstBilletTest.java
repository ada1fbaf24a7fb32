package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.BookPage;
import app.geminal.e2e.pages.NewBilletPage;
import app.geminal.e2e.pages.RackPage;
import app.geminal.e2e.pages.SignInPage;
import org.junit.jupiter.api.Test;

/**
 * Sign in, look at the Rack, start a billet of two restacks, read its Run, log a weld, and find it
 * in the Book after the server was restarted.
 */
class FirstBilletTest extends Story {
  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @Test
  void fromSigningInToTheBookAfterARestart() {
    RackPage rack = SignInPage.at(page, shop).asDemo();
    assertThat(rack.billets()).hasCount(7);
    assertThat(rack.billet("Marlinspike knife, 1095")).containsText("Delaminated: Repair first");

    NewBilletPage start = rack.startBillet().named("Block-strop knife");
    start.type("Pieces", "9").steel(1, "1075").steel(2, "15N20");
    start.type("Thickness", "3/16");
    start.type("Cut 1 into", "3").addRestack();
    start.type("Cut 2 into", "2");
    // 9 dark to dark cut 3 the same way up is 25, cut 2 is 49; at the saw 54.
    assertThat(start.count()).hasText("49");
    BilletPage billet = start.putOnRack();

    assertThat(billet.figures()).hasCount(12);
    assertThat(billet.figure(0)).contains("9 visible layers, nominal 9");
    assertThat(billet.figure(4)).contains("3 bars").contains("9 visible layers");
    assertThat(billet.figure(5)).contains("one bar").contains("25 visible layers, nominal 27");
    assertThat(billet.figure(11)).contains("49 visible layers, nominal 54");

    billet.openStage(0, "Set weld");
    billet.logWeld("2150 F", "fuel soak", "sound", "Rang clean when cold.");
    assertThat(billet.log()).containsText("Rang clean when cold.");

    shop.restart();

    page.reload();
    billet.openStage(0, "Set weld");
    assertThat(billet.log()).containsText("2150 °F");
    assertThat(billet.figure(11)).contains("49 visible layers, nominal 54");
    BookPage book = billet.rack().book();
    assertThat(book.welds().first()).containsText("Block-strop knife");
    assertThat(book.welds().first()).containsText("2150 °F");
    assertThat(book.welds().first()).containsText("fuel soak");
    assertThat(book.welds().first()).containsText("sound");
    book.find("rang strop");
    assertThat(book.welds()).hasCount(1);
  }
}

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.BilletPage;
import app.geminal.e2e.pages.InsidePage;
import app.geminal.e2e.pages.NewBilletPage;
import app.geminal.e2e.pages.SignInPage;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.Page.GetByTextOptions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A pattern looked into, tried and counted. */
class InsideTest extends Story {
  @Override
  protected Shop open() {
    return Shop.demo();
  }

  private BilletPage patterned(String pattern) {
    SignInPage.at(page, shop).asDemo().startBillet();
    NewBilletPage draft = new NewBilletPage(page).named(pattern + " bar").beginWithPattern(pattern);
    assertThat(draft.count()).not().hasText("");
    return draft.putOnRack();
  }

  private InsidePage inside(BilletPage billet) {
    billet.line().waitFor();
    page.navigate(page.url() + "/inside");
    return new InsidePage(page).fine(0);
  }

  @Test
  void aLineUpTheEndCountsWhatTheRunSays() {
    BilletPage billet = patterned("Copper five-layer");
    billet.figures().last().waitFor();
    String said = billet.figures().last().getAttribute("aria-label");
    // Flat layers are looked at from the end first.
    InsidePage inside = inside(billet);
    assertThat(inside.countUpTheMiddle()).hasText("5");
    assertThat(said).contains("5 visible layers");
  }

  @Test
  void whatIsTriedIsInThePlanWhenItIsPutThere() {
    InsidePage inside = inside(patterned("Twist"));
    double before = inside.now();
    inside.slider("Turns").focus();
    page.keyboard().press("ArrowRight");
    inside.fine(before);
    inside.button("As planned").click();
    assertThat(inside.button("Apply to plan")).isDisabled();
    inside.slider("Turns").press("ArrowLeft");
    inside.button("Apply to plan").click();
    inside.button("Undo").click();
    assertThat(inside.slider("Turns")).hasAttribute("aria-valuenow", "10");
    inside.slider("Turns").press("ArrowRight");
    inside.button("Apply to plan").click();
    assertThat(inside.button("As planned")).isDisabled();
    BilletPage billet = inside.backToTheRun();
    assertThat(billet.line()).hasValue(Pattern.compile("twist 10\\.25, 3 sections"));
  }

  @Test
  void aBladeIsLaidSetBesideAnotherAndSaved() throws IOException {
    InsidePage inside = inside(patterned("Raindrop")).lookAt("blade");
    inside.button("Compare").click();
    page.getByText("compare", new GetByTextOptions().setExact(true)).waitFor();
    inside.button("Close comparison").click();
    Download svg = page.waitForDownload(() -> inside.button("Save SVG").click());
    assertThat(Files.readString(svg.path())).contains("<g id=\"15N20\"").contains("<path");
    Download png = page.waitForDownload(() -> inside.button("Save PNG").click());
    assertThat(png.suggestedFilename()).isEqualTo("Raindrop-bar-grind.png");
  }

  @Test
  void whileSomethingIsDraggedThePictureFollowsAndStaleOnesAreCalledOff() {
    InsidePage inside = inside(patterned("Ladder"));
    AtomicInteger calledOff = new AtomicInteger();
    page.onRequestFailed(request -> {
      if (request.url().endsWith("/api/v1/pictures")) {
        calledOff.incrementAndGet();
      }
    });
    List<Double> frames = inside.drag("Groove pitch", _ -> calledOff.get() > 0);
    assertThat(frames).as("pictures while it is dragged").isNotEmpty();
  }

  @Test
  void theRunDrawsBentLayersToo() {
    BilletPage billet = patterned("Spiral");
    page.locator("[data-picture=there]").first().waitFor();
    billet.openStage(0, "Roll up");
    assertThat(
            billet
                .panel()
                .getByRole(
                    AriaRole.IMG,
                    new Locator.GetByRoleOptions().setName(Pattern.compile("The end of the bar"))))
        .hasAttribute("data-picture", "there");
    page.getByRole(AriaRole.LINK, new GetByRoleOptions().setName("Pattern view")).click();
    new InsidePage(page).fine(0);
    page.keyboard().press("ArrowDown");
    assertThat(page.getByRole(AriaRole.HEADING).first()).containsText("set weld");
  }
}

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Smith;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.FirePage;
import app.geminal.e2e.pages.SignInPage;
import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.pdu.WriteSingleRegisterRequest;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** At the fire: a weld rehearsed with the keyboard, a line that is cut, a gauge that freezes. */
class FireTest extends Story {
  /** 16 mm at 96 pixels an inch. */
  private static final double GLOVE_PX = 60.4;

  private static final Pattern SEEN = Pattern.compile("\"kind\":\"(COLOR|SHADOW)\"");

  private static final String BILLET = "Marlinspike knife, 1095";

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  private FirePage fire() {
    SignInPage.at(page, shop).asDemo();
    page.waitForURL("**/rack");
    return FirePage.at(page, shop);
  }

  private void tabTo(Locator what) {
    for (int i = 0; i < 80; i++) {
      page.keyboard().press("Tab");
      if (Boolean.TRUE.equals(what.evaluate("e => e === document.activeElement"))) {
        return;
      }
    }
    throw new AssertionError("cannot be reached with Tab: " + what);
  }

  /** Every tap is large enough for a glove and in view. */
  private void tapsFit(FirePage fire, int width, int height) {
    page.setViewportSize(width, height);
    // The trace follows the window a moment later.
    page.waitForFunction("() => document.documentElement.scrollWidth <= innerWidth");
    for (Locator tap : fire.taps().all()) {
      BoundingBox box = tap.boundingBox();
      assertThat(Math.min(box.width, box.height)).isGreaterThan(GLOVE_PX);
      assertThat(box.y + box.height).isLessThanOrEqualTo(height);
      assertThat(box.x + box.width).isLessThanOrEqualTo(width);
    }
  }

  private void tapsFit(FirePage fire) {
    tapsFit(fire, 1280, 800);
    tapsFit(fire, 1024, 768);
  }

  /** The question is about the bar that is drawn; its answer is kept and can be taken back. */
  @Test
  void theLookThatSaysMostIsAskedForAndKept() {
    FirePage fire = fire();
    fire.billet(BILLET).check();
    fire.begin("Practice run");
    fire.tap("20×").click();
    fire.obey(() -> fire.wideTap().click(), () -> fire.asked().count() > 0);
    assertThat(page.getByRole(AriaRole.IMG, new GetByRoleOptions().setName("The end of the bar")))
        .isVisible();
    fire.asked().getByRole(AriaRole.BUTTON).first().click();
    assertThat(fire.asked()).hasCount(0);
    page.waitForCondition(() -> SEEN.matcher(kept(fire)).find());
    fire.tap("Undo").click();
    page.waitForCondition(() -> kept(fire).contains("\"kind\":\"UNDO\""));
  }

  /**
   * The gauge says it is hot; two looks say it is not. Squeezed all the same, every joint is open,
   * and the one who made it names why.
   */
  @Test
  void aGaugeThatReadsHighIsFoundOutAndTheCauseNamed() {
    FirePage fire = fire();
    fire.billet(BILLET).check();
    page.getByLabel("Drill for a practice run").selectOption("LYING_GAUGE");
    assertThat(page.getByText("The forge is colder than its thermocouple says.")).isVisible();
    fire.begin("Practice run");
    fire.tap("20×").click();
    for (int look = 1; look <= 2; look++) {
      fire.obey(() -> fire.wideTap().click(), () -> fire.asked().count() > 0);
      fire.asked().getByRole(AriaRole.BUTTON).first().click();
      assertThat(fire.asked()).hasCount(0);
    }
    page.waitForCondition(() -> SEEN.matcher(kept(fire)).results().count() == 2);
    page.keyboard().press("o");
    assertThat(fire.order()).not().containsText("Keep");
    page.keyboard().press("s");
    page.waitForCondition(() -> kept(fire).contains("\"act\":\"SQUEEZE\""));
    page.keyboard().press("u");
    page.waitForCondition(() -> kept(fire).contains("\"act\":\"LET_GO\""));
    page.keyboard().press("e");
    Locator joints = page.getByLabel("Inspect the joints");
    assertThat(joints).containsText(Pattern.compile("\\d of \\d joints are open at an edge"));
    assertThat(joints.getByRole(AriaRole.TABLE)).hasCount(0);
    joints.getByLabel(Pattern.compile("Why is joint")).selectOption("HEAT");
    joints.getByText("Show what it was").click();
    assertThat(joints).containsText("You named");
    assertThat(joints.getByRole(AriaRole.TABLE)).isVisible();
    FirePage.at(page, shop).billet(BILLET).check();
    assertThat(page.getByLabel("Drill for a practice run"))
        .containsText("Gauge that reads high · sound 0 of 1");
  }

  /** The session as the shop has it. */
  private String kept(FirePage fire) {
    try {
      return new Smith(shop).get("/api/v1/forge-sessions/" + fire.id());
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void aWholeWeldRehearsedWithTheKeyboardOnly() throws Exception {
    String book = new Smith(shop).get("/api/v1/book");
    FirePage fire = fire();
    assertThat(fire.billet(BILLET)).isVisible();
    tabTo(fire.billet(BILLET));
    page.keyboard().press("Space");
    tabTo(fire.tap("Practice run"));
    page.keyboard().press("Enter");
    page.waitForURL(Pattern.compile(".*/fire/\\d+"));
    assertThat(fire.order()).hasText("Put it in");
    tapsFit(fire);
    fire.obey(() -> page.keyboard().press("Space"));
    tapsFit(fire);
    page.keyboard().press("h");
    assertThat(fire.order()).containsText("Sound");
    page.keyboard().press("e");
    assertThat(fire.order()).hasText("Practice run review");
    assertThat(page.getByLabel("What the log shows")).containsText("Taken out when it was ready.");
    assertThat(page.getByLabel("What the log shows")).containsText("At the dies in time.");
    List<String> log =
        page.getByLabel("Log", new Page.GetByLabelOptions().setExact(true))
            .locator("li")
            .allTextContents();
    assertThat(log).filteredOn(l -> l.contains("Squeeze")).hasSize(3);
    assertThat(new Smith(shop).get("/api/v1/book"))
        .as("Nothing is logged in the Book")
        .isEqualTo(book);
  }

  @Test
  void offlineAndBackNothingIsLost() throws Exception {
    FirePage fire = fire();
    fire.billet(BILLET).check();
    fire.begin("Start session");
    assertThat(fire.order()).hasText("Put it in");
    page.waitForFunction("() => navigator.serviceWorker.controller !== null");
    page.keyboard().press("i");
    assertThat(fire.order()).not().hasText("Put it in");
    page.waitForCondition(() -> kept(fire).contains("\"act\":\"IN\""));
    assertThat(fire.line()).not().containsText("here");
    window.setOffline(true);
    assertThat(fire.line()).containsText("no line to the shop");
    page.keyboard().press("o");
    assertThat(fire.order()).hasText("Next: Set weld 1, light.");
    page.keyboard().press("s");
    page.keyboard().press("u");
    assertThat(fire.line()).containsText("3 entries here");
    page.reload();
    assertThat(fire.line()).containsText("3 entries here");
    assertThat(fire.tap("Brush")).isVisible();
    page.keyboard().press("b");
    page.keyboard().press("z");
    assertThat(fire.line()).containsText("5 entries here");
    window.setOffline(false);
    assertThat(fire.line()).hasText("");
    assertThat(fire.tap("Undo")).containsText("release");
    Smith smith = new Smith(shop);
    String whole = smith.get("/api/v1/forge-sessions/" + fire.id());
    assertThat(
            Pattern.compile("\"kind\":\"DEED\",\"place\":0,\"act\":\"(\\w+)\"")
                .matcher(whole)
                .results()
                .map(r -> r.group(1)))
        .containsExactly("IN", "OUT", "SQUEEZE", "LET_GO", "BRUSH");
    assertThat(smith.logEntries(fire.id())).hasSize(5).doesNotHaveDuplicates();
  }

  @Test
  void anInstrumentThatFreezesIsSaidAndStopsNothing() throws Exception {
    FirePage fire = fire();
    fire.billet(BILLET).check();
    fire.begin("Start session");
    assertThat(fire.forge()).containsText(Pattern.compile("2\\d\\d\\d °F"));
    Matcher port =
        Pattern.compile("127\\.0\\.0\\.1:(\\d+)")
            .matcher(new Smith(shop).get("/api/v1/instruments"));
    assertThat(port.find()).isTrue();
    ModbusTcpClient bench =
        ModbusTcpClient.create(
            NettyTcpClientTransport.create(c -> {
              c.hostname = "127.0.0.1";
              c.port = Integer.parseInt(port.group(1));
            }));
    bench.connect();
    bench.writeSingleRegister(1, new WriteSingleRegisterRequest(5, 1));
    page.keyboard().press("i");
    assertThat(fire.forge()).containsText("frozen", new ContainsTextOptions().setTimeout(60_000));
    assertThat(fire.forge()).containsText("using");
    page.keyboard().press("t");
    assertThat(fire.steps()).containsText("Turn over ✓");
    bench.writeSingleRegister(1, new WriteSingleRegisterRequest(5, 0));
    assertThat(fire.forge()).not().containsText("frozen");
    bench.disconnect();
  }

  @Test
  void twoScreensOnOneSession() {
    FirePage fire = fire();
    fire.billet(BILLET).check();
    fire.billet("Caulking iron, folded").check();
    assertThat(page.getByLabel("Today")).containsText("done at");
    fire.begin("Start session");
    FirePage other = new FirePage(newPage());
    other.page().navigate(page.url());
    assertThat(other.order()).hasText("Put it in");
    page.keyboard().press("2");
    page.keyboard().press("i");
    assertThat(fire.order()).hasText("Keep soaking");
    other.page().keyboard().press("2");
    assertThat(other.order()).hasText("Keep soaking");
    other.page().keyboard().press("z");
    assertThat(fire.order()).hasText("Put it in");
    page.keyboard().press("r");
    assertThat(page.getByLabel("Order of work")).isVisible();
    page.keyboard().press("e");
    assertThat(fire.order()).hasText("Session review");
    page.getByText("Resume").click();
    assertThat(fire.order()).hasText("Put it in");
  }
}

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.util.stream.Collectors.toList;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.SignInPage;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Every view as a US and as a metric reader: no figure in the other system, no stored value as it
 * is stored, and what a screen reader says matches what is shown.
 */
class EveryViewTest extends Story {
  private static final int BILLETS = 7;
  private static final int STAGES = 12;
  private static final Pattern RAW = Pattern.compile("\\d\\.\\d{5,}");

  /** A reader, and what the reader should not meet. */
  enum Reader {
    US("US shop", "(mm|cm|°C|kg|kN|MPa|kW|litres?|l\\b|m\\b(?!in))(?!\\w)"),
    METRIC(
        "Metric",
        "(in\\b(?! (the|a|one|all|this|it|two|three|order|\\d))|°F|lb\\b|oz\\b|psi|BTU|ft\\b)");

    private final String choice;
    private final Pattern others;

    Reader(String choice, String others) {
      this.choice = choice;
      this.others = Pattern.compile("(?<![\\w.])\\d[\\d.,/ ¼½¾⅛⅜⅝⅞]*\\s?" + others);
    }
  }

  private static final List<String> DIALOGS =
      List.of("What is this?", "Add inspection", "Add measurements", "Edit", "Add steel");
  private static final List<String> WITH_DIALOGS =
      List.of("/billets/1", "/billets/3", "/book", "/steels", "/shop");

  /** Requests that are not answered. */
  private final Set<Request> asking = new HashSet<>();

  private final Set<String> dialogs = new TreeSet<>();
  private final Map<String, List<String>> wrong = new TreeMap<>();

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @ParameterizedTest
  @EnumSource
  void isInTheReadersUnits(Reader reader) throws IOException {
    page.onRequest(r -> {
      // Parts of the page come from its keeper, which reports no end.
      if (r.url().contains("/api/")) {
        asking.add(r);
      }
    });
    page.onRequestFinished(asking::remove);
    page.onRequestFailed(asking::remove);
    SignInPage.at(page, shop).asDemo();
    page.waitForURL("**/rack");
    choose(reader);
    for (String view : views()) {
      open(view);
      check(reader, view);
      spokenAsSeen(view);
      if (view.matches("/billets/\\d+")) {
        everyStage(reader, view);
      }
      if (WITH_DIALOGS.contains(view)) {
        everyDialog(reader, view);
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(dialogs).as("each was opened somewhere").containsAll(DIALOGS);
  }

  private static List<String> views() {
    Stream<String> billets =
        IntStream.rangeClosed(1, BILLETS)
            .boxed()
            .flatMap(i ->
                Stream.of("/billets/" + i, "/billets/" + i + "/card", "/billets/" + i + "/bench"));
    return Stream.concat(
            billets,
            Stream.of(
                "/rack",
                "/billets/new",
                "/billets/1/inside",
                "/billets/5/inside",
                "/billets/1/finish",
                "/billets/6/finish",
                "/billets/3/count",
                "/billets/3/measure",
                "/billets/3/compare",
                "/billets/3/flaws",
                "/billets/4/heat?step=s1",
                "/billets/7/heat?step=s1",
                "/finder",
                "/finder?billet=1&stage=8",
                "/fire",
                "/steels",
                "/steels?with=1084,15N20",
                "/steels?with=1084,304",
                "/book",
                "/evidence",
                "/shop",
                "/glossary",
                "/first-steps"))
        .collect(toList());
  }

  private void choose(Reader reader) {
    open("/shop");
    Locator choice =
        page.getByRole(AriaRole.RADIO, new GetByRoleOptions().setName(reader.choice).setExact(true))
            .first();
    assertThat(choice).isEnabled();
    if (!choice.isChecked()) {
      page.waitForResponse(r -> r.url().endsWith("/api/v1/settings"), choice::click);
    }
    assertThat(choice).isChecked();
  }

  private void open(String view) {
    page.navigate(shop.at(view));
    settled();
  }

  private void settled() {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    asking.clear();
    assertThat(page.locator("main [aria-busy=true]")).hasCount(0);
  }

  /**
   * What the row that was opened asks for has come. Waiting until the network has been idle for
   * half a second, some hundred times, is most of what this story would take.
   */
  private void answered() {
    drawn();
    page.waitForCondition(asking::isEmpty);
    drawn();
  }

  private void drawn() {
    page.evaluate(
        "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
  }

  /** Up through the Run, each row opened. */
  private void everyStage(Reader reader, String view) throws IOException {
    page.keyboard().press("End");
    for (int i = 0; i < STAGES; i++) {
      page.keyboard().press("ArrowUp");
      answered();
      check(reader, view + " stage");
    }
    page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName("Cut list")).click();
    settled();
    check(reader, view + " cut list");
  }

  /** What a button of these names opens. */
  private void everyDialog(Reader reader, String view) throws IOException {
    for (String name : DIALOGS) {
      open(view);
      Locator button =
          page.getByRole(AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
      if (button.count() > 0 && button.first().isVisible()) {
        button.first().click();
        settled();
        check(reader, view + " " + name);
        dialogs.add(name);
      }
    }
  }

  private void check(Reader reader, String view) throws IOException {
    for (String text : texts()) {
      report(view, text, reader.others.matcher(text));
      report(view, text, RAW.matcher(text));
    }
  }

  private void spokenAsSeen(String view) {
    new AxeBuilder(page)
        .withRules(List.of("label-content-name-mismatch"))
        .analyze()
        .getViolations()
        .forEach(rule ->
            rule.getNodes().forEach(node -> note(view, rule.getId() + " " + node.getHtml())));
  }

  private void report(String view, String text, Matcher found) {
    if (found.find()) {
      note(view, found.group() + " in “" + text + "”");
    }
  }

  private void note(String view, String what) {
    wrong.computeIfAbsent(what, _ -> new ArrayList<>()).add(view);
  }

  @SuppressWarnings("unchecked")
  private List<String> texts() throws IOException {
    try (InputStream script = EveryViewTest.class.getResourceAsStream("texts.js")) {
      return (List<String>)
          page.evaluate(new String(script.readAllBytes(), StandardCharsets.UTF_8));
    }
  }
}

package app.geminal.e2e.flows;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.SignInPage;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Another's program works with the shop by a token and a generated client. */
class ThirdPartyTest extends Story {
  @TempDir Path folder;

  @Override
  protected Shop open() {
    return Shop.demo();
  }

  @Test
  void aGeneratedClientPlansABilletLogsAWeldAndReadsEvidence() {
    SignInPage.at(page, shop).asDemo().billets().first().waitFor();
    page.navigate(shop.at("/shop"));
    Locator tokens =
        page.getByRole(
            AriaRole.REGION,
            new com.microsoft.playwright.Page.GetByRoleOptions().setName("Tokens for scripts"));
    tokens.getByLabel("What it is for").fill("A program of the harbour office");
    tokens.getByLabel("Rank").selectOption("Smith");
    tokens.getByText("Create token").click();
    String secret = tokens.locator("[role=status] code").textContent();

    JsonObject found = use(secret);
    assertThat(found.get("layers").getAsInt()).isEqualTo(49);
    assertThat(found.get("weldsPlanned").getAsInt()).isEqualTo(2);
    assertThat(found.get("weldsMade").getAsInt()).isEqualTo(1);
    assertThat(found.get("logged").getAsString()).isEqualTo("HELD");
    assertThat(found.get("heldAfter").getAsInt()).isEqualTo(found.get("heldBefore").getAsInt() + 1);
    assertThat(found.get("refused").getAsString()).isEqualTo("/name");

    page.reload();
    assertThat(tokens.getByText("last used")).isVisible();
    tokens.getByText("Revoke").click();
    assertThat(tokens.getByText("No tokens yet.")).isVisible();
    assertThat(run(secret).status()).as("with a revoked token").isNotZero();
  }

  private JsonObject use(String secret) {
    Shop.Said said = run(secret);
    assertThat(said.status()).as(said.text()).isZero();
    return JsonParser.parseString(said.text().lines().reduce((_, last) -> last).orElseThrow())
        .getAsJsonObject();
  }

  private Shop.Said run(String secret) {
    return Shop.run(
        java.util.List.of("e2e/src/test/third-party/run", folder.toString()),
        Map.of("GEMINAL_URL", shop.at(""), "GEMINAL_TOKEN", secret));
  }
}

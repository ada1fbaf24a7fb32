package app.geminal.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.TestShop;
import app.geminal.server.Visitor;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SignInTest extends ShopTest {

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/v1/billets",
        "/api/v1/steels",
        "/api/v1/book",
        "/api/v1/openapi",
        "/actuator"
      })
  void everythingIsClosedToStrangers(String path) {
    Visitor.Answer answer = shop.visitor().get(path);
    assertThat(answer.status()).isEqualTo(401);
    assertThat(answer.<String>at("$.type")).isEqualTo("urn:geminal:problem:not-signed-in");
  }

  @ParameterizedTest
  @ValueSource(strings = {"/", "/sign-in", "/rack", "/billets/7", "/book"})
  void thePageItselfIsOpenAndGuardsItself(String path) {
    Visitor.Answer answer = shop.visitor().get(path);
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.header("Content-Security-Policy"))
        .contains("default-src 'none'", "script-src 'self'", "frame-ancestors 'none'")
        .doesNotContain("script-src 'self' 'unsafe", "unsafe-eval");
    assertThat(answer.header("X-Content-Type-Options")).isEqualTo("nosniff");
    assertThat(answer.header("X-Frame-Options")).isEqualTo("DENY");
    assertThat(answer.header("Referrer-Policy")).isEqualTo("no-referrer");
  }

  @Test
  void theDemoSaysHowToGetInAndSignedInIsSignedInUntilSignedOut() {
    Visitor visitor = shop.visitor();
    Visitor.Answer before = visitor.get("/api/v1/session");
    assertThat(before.<String>at("$.demo.login")).isEqualTo("wharf");
    assertThat(before.raw().headers().allValues("Set-Cookie").toString()).doesNotContain("GEMINAL");
    Visitor.Answer in = visitor.signIn(before.at("$.demo.login"), before.at("$.demo.password"));
    assertThat(in.status()).isEqualTo(204);
    assertThat(in.header("Set-Cookie")).contains("GEMINAL=", "HttpOnly", "SameSite=Strict");
    assertThat(visitor.get("/api/v1/session").<String>at("$.name")).isEqualTo("Wharf smithy");
    assertThat(visitor.post("/api/v1/sign-out", "").status()).isEqualTo(204);
    assertThat(visitor.get("/api/v1/billets").status()).isEqualTo(401);
  }

  @Test
  void aChangeWithoutThePagesTokenIsRefused() {
    assertThat(smith.forge("/api/v1/billets/1/archive", "").status()).isEqualTo(403);
    assertThat(smith.get("/api/v1/billets").<Integer>at("$.length()")).isEqualTo(7);
  }

  @Test
  void guessingIsSlowed() {
    Visitor guesser = shop.visitor();
    for (int i = 0; i < 5; i++) {
      assertThat(guesser.signIn("somebody", "guess " + i).status()).isEqualTo(401);
    }
    // The wait doubles with each try. On a busy machine the first is over before the next try.
    Visitor.Answer slowed =
        IntStream.range(5, 15)
            .mapToObj(i -> guesser.signIn(i % 2 == 0 ? "somebody" : "Somebody ", "guess " + i))
            .filter(answer -> answer.status() != 401)
            .findFirst()
            .orElseThrow();
    assertThat(slowed.status()).isEqualTo(429);
    assertThat(Integer.parseInt(slowed.header("Retry-After"))).isBetween(1, 600);
    assertThat(slowed.<String>at("$.remedy")).startsWith("Wait");
    assertThat(shop.visitor().signIn("wharf", "low-tide-forge").status()).isEqualTo(204);
  }

  @Test
  void unitsAreKeptWithThePerson() {
    assertThat(smith.get("/api/v1/session").<String>at("$.units.system")).isEqualTo("INCH");
    assertThat(
            smith
                .put(
                    "/api/v1/settings",
                    "{\"units\": {\"system\": \"METRIC\", \"chosen\": {\"TEMPERATURE\": \"INCH\"}}}")
                .status())
        .isEqualTo(200);
    assertThat(shop.smith().get("/api/v1/session").<String>at("$.units.chosen.TEMPERATURE"))
        .isEqualTo("INCH");
    assertThat(shop.smith().get("/api/v1/session").<String>at("$.units.system"))
        .isEqualTo("METRIC");
    assertThat(smith.put("/api/v1/settings", "{\"units\": {\"system\": \"CUBITS\"}}").status())
        .isEqualTo(400);
    smith.put("/api/v1/settings", "{\"units\": {\"system\": \"INCH\"}}");
  }

  @Test
  void theFirstVisitorOfAnEmptyShopBecomesTheOwnerWithTheCodeFromTheConsole() {
    PrintStream console = System.out;
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    System.setOut(new PrintStream(printed, true, StandardCharsets.UTF_8));
    try (TestShop empty = TestShop.empty()) {
      Matcher code =
          Pattern.compile("owner code: (\\S+)").matcher(printed.toString(StandardCharsets.UTF_8));
      assertThat(code.find()).isTrue();
      Visitor first = empty.visitor();
      assertThat(first.get("/api/v1/session").<Boolean>at("$.ownerNeeded")).isTrue();
      Visitor.Answer wrong =
          first.post("/api/v1/owner", owner("WRNG-CODE-HERE", "a long password"));
      assertThat(wrong.status()).isEqualTo(422);
      assertThat(wrong.<String>at("$.where")).isEqualTo("/code");
      Visitor.Answer shortOne = first.post("/api/v1/owner", owner(code.group(1), "short"));
      assertThat(shortOne.<String>at("$.where")).isEqualTo("/password");
      assertThat(first.post("/api/v1/owner", owner(code.group(1), "a long password")).status())
          .isEqualTo(201);
      assertThat(first.post("/api/v1/owner", owner(code.group(1), "a long password")).status())
          .isEqualTo(422);
      assertThat(first.signIn("mara", "a long password").status()).isEqualTo(204);
      assertThat(first.get("/api/v1/billets").body()).isEqualTo("[]");
      assertThat(empty.dump("account")).contains("{bcrypt}").doesNotContain("a long password");
    } finally {
      System.setOut(console);
    }
  }

  private static String owner(String code, String password) {
    return """
    {"code": "%s", "login": "mara", "name": "Mara", "password": "%s", "units": "METRIC"}
    """
        .formatted(code, password);
  }
}

package app.geminal.server.token;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor;
import app.geminal.server.Visitor.Answer;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.units.Units;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

class ApiTokenTest extends ShopTest {
  private static final String PASSWORD = "five brass rivets";
  private int people;
  private String login;
  private Visitor striker;

  @BeforeEach
  void letIn() {
    login = "striker" + ++people;
    shop.bean(Accounts.class).add(login, "Striker", PASSWORD, Units.METRIC, Rank.SMITH);
    striker = shop.visitor();
    striker.signIn(login, PASSWORD);
  }

  private static Answer make(Visitor who, String name, Rank rank) {
    return who.post(
        "/api/v1/tokens", "{\"name\":\"" + name + "\",\"rank\":\"" + rank.name() + "\"}");
  }

  private Answer script(String secret, String path) {
    return striker.script(secret, "GET", path, "");
  }

  @Test
  void aScriptReadsAndChangesWithATokenAlone() {
    String secret = make(striker, "The scale in the corner", Rank.SMITH).at("$.secret");
    assertThat(script(secret, "/api/v1/session").<String>at("$.login")).isEqualTo(login);
    assertThat(script(secret, "/api/v1/billets").status()).isEqualTo(200);
    Answer added =
        striker.script(
            secret,
            "POST",
            "/api/v1/stock",
            """
            {"steel":"1084","widthMm":40,"thicknessMm":4,"lengthMm":500,"pieces":2,"source":"","note":""}
            """);
    assertThat(added.status()).isLessThan(300);
  }

  @Test
  void itsSecretIsShownOnceAndKeptNowhere() {
    Answer made = make(striker, "Backups", Rank.GUEST);
    String secret = made.at("$.secret");
    assertThat(made.status()).isEqualTo(201);
    assertThat(secret).matches("geminal_[\\w-]{43}");
    assertThat(striker.get("/api/v1/tokens").body()).contains("Backups").doesNotContain(secret);
    JdbcTemplate jdbc = shop.bean(JdbcTemplate.class);
    assertThat(jdbc.queryForList("SELECT CONVERT(hash USING latin1) FROM api_token", String.class))
        .noneMatch(hash -> secret.contains(hash) || hash.contains(secret));
  }

  @Test
  void itSaysWhenItWasLastUsedAndLeavesNoSignIn() {
    String secret = make(striker, "Clock", Rank.GUEST).at("$.secret");
    JdbcTemplate jdbc = shop.bean(JdbcTemplate.class);
    long before = jdbc.queryForObject("SELECT COUNT(*) FROM SPRING_SESSION", Long.class);
    assertThat(striker.get("/api/v1/tokens").<Object>at("$[0].lastUsedAt")).isNull();
    script(secret, "/api/v1/billets");
    assertThat(striker.get("/api/v1/tokens").<String>at("$[0].lastUsedAt")).isNotNull();
    assertThat(jdbc.queryForObject("SELECT COUNT(*) FROM SPRING_SESSION", Long.class))
        .isEqualTo(before);
  }

  @Test
  void revokedOrWrongItOpensNothingEvenBesideASignIn() {
    Answer made = make(striker, "Lost", Rank.SMITH);
    String secret = made.at("$.secret");
    assertThat(
            striker
                .post("/api/v1/tokens/" + made.<Integer>at("$.token.id") + "/revoke", "")
                .status())
        .isEqualTo(204);
    assertThat(script(secret, "/api/v1/billets").<String>at("$.type")).endsWith("wrong-token");
    for (String wrong : List.of("", "geminal_", secret + "x", "geminal_" + "A".repeat(43), "é")) {
      assertThat(script(wrong, "/api/v1/billets").status()).as(wrong).isEqualTo(401);
    }
    assertThat(striker.get("/api/v1/tokens").<List<?>>at("$")).isEmpty();
  }

  @Test
  void whoIsBlockedOrLosesRankTakesTheirTokensAlong() {
    String secret = make(striker, "Mine", Rank.SMITH).at("$.secret");
    Accounts accounts = shop.bean(Accounts.class);
    long id = accounts.id(login);
    accounts.change(id, Rank.GUEST, true);
    assertThat(striker.script(secret, "POST", "/api/v1/stock", "{}").status()).isEqualTo(403);
    assertThat(script(secret, "/api/v1/billets").status()).isEqualTo(200);
    accounts.change(id, Rank.GUEST, false);
    assertThat(script(secret, "/api/v1/billets").status()).isEqualTo(401);
  }

  @Test
  void nobodyMakesATokenOfMoreThanTheyMayOrRevokesAnothersButAnOwner() {
    assertThat(make(striker, "More", Rank.OWNER).<String>at("$.where")).isEqualTo("/rank");
    assertThat(make(striker, "", Rank.GUEST).<String>at("$.where")).isEqualTo("/name");
    Answer owners = make(smith, "The owner's", Rank.GUEST);
    int id = owners.at("$.token.id");
    assertThat(striker.post("/api/v1/tokens/" + id + "/revoke", "").status()).isEqualTo(404);
    int mine = make(striker, "Mine", Rank.GUEST).at("$.token.id");
    assertThat(smith.get("/api/v1/tokens").body()).contains("Striker");
    assertThat(smith.post("/api/v1/tokens/" + mine + "/revoke", "").status()).isEqualTo(204);
  }
}

package app.geminal.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

class PeopleApiTest extends ShopTest {

  private static String person(String login, String rank) {
    return """
    {"login": "%s", "name": "Somebody", "password": "five brass rivets", "units": "METRIC",
     "rank": "%s"}\
    """
        .formatted(login, rank);
  }

  private Visitor signedIn(String login, String password) {
    Visitor visitor = shop.visitor();
    visitor.signIn(login, password);
    return visitor;
  }

  @Test
  void anApprenticeIsLetInLogsAndChangesNoPlan() {
    Visitor.Answer added = smith.post("/api/v1/people", person("tongs", "APPRENTICE"));
    assertThat(added.status()).isEqualTo(201);
    assertThat(added.body()).doesNotContain("rivets", "hash");
    Visitor apprentice = signedIn("tongs", "five brass rivets");
    assertThat(apprentice.get("/api/v1/session").<String>at("$.rank")).isEqualTo("APPRENTICE");
    Visitor.Answer refused = apprentice.post("/api/v1/billets/1/archive", "");
    assertThat(refused.status()).isEqualTo(403);
    assertThat(refused.<String>at("$.title")).isEqualTo("You may not do this");
  }

  @Test
  void whoIsShutOutIsOutAtOnce() {
    int id = smith.post("/api/v1/people", person("bellows", "SMITH")).<Integer>at("$.id");
    Visitor bellows = signedIn("bellows", "five brass rivets");
    assertThat(bellows.get("/api/v1/book").status()).isEqualTo(200);
    smith.put("/api/v1/people/" + id, "{\"rank\": \"SMITH\", \"mayEnter\": false}");
    assertThat(bellows.get("/api/v1/book").status()).isEqualTo(401);
    assertThat(signedIn("bellows", "five brass rivets").get("/api/v1/book").status())
        .isEqualTo(401);
    smith.put("/api/v1/people/" + id, "{\"rank\": \"SMITH\", \"mayEnter\": true}");
    assertThat(bellows.get("/api/v1/book").status())
        .as("the old sign-in stays ended")
        .isEqualTo(401);
    assertThat(signedIn("bellows", "five brass rivets").get("/api/v1/book").status())
        .isEqualTo(200);
  }

  @Test
  void theOwnerChoosesHowLongSignInsLast() {
    int id = smith.post("/api/v1/people", person("swage", "GUEST")).<Integer>at("$.id");
    Visitor swage = signedIn("swage", "five brass rivets");
    assertThat(secondsOf("swage")).containsExactly(30 * 86_400);
    assertThat(
            smith
                .put("/api/v1/sign-in-lengths/GUEST", "{\"days\": 2}")
                .<List<Integer>>at("$[*].days"))
        .as("owner, smith, apprentice, guest")
        .containsExactly(30, 30, 30, 2);
    assertThat(secondsOf("swage")).as("a sign-in that is there").containsExactly(2 * 86_400);
    signedIn("swage", "five brass rivets");
    assertThat(secondsOf("swage")).as("a new one").containsExactly(2 * 86_400);
    smith.put("/api/v1/people/" + id, "{\"rank\": \"SMITH\", \"mayEnter\": true}");
    assertThat(secondsOf("swage")).as("with another rank").containsExactly(30 * 86_400);
    // Unused for as long as it lasts, it has ended.
    shop.bean(JdbcClient.class)
        .sql(
            "UPDATE SPRING_SESSION SET LAST_ACCESS_TIME = LAST_ACCESS_TIME - 30 * 86400000, "
                + "EXPIRY_TIME = EXPIRY_TIME - 30 * 86400000 WHERE PRINCIPAL_NAME = 'swage'")
        .update();
    assertThat(swage.get("/api/v1/book").status()).isEqualTo(401);
    assertThat(smith.put("/api/v1/sign-in-lengths/GUEST", "{\"days\": 0}").<String>at("$.where"))
        .isEqualTo("/days");
    assertThat(smith.put("/api/v1/sign-in-lengths/GUEST", "{\"days\": 91}").status())
        .isEqualTo(422);
  }

  private List<Integer> secondsOf(String login) {
    return shop.bean(JdbcClient.class)
        .sql("SELECT DISTINCT MAX_INACTIVE_INTERVAL FROM SPRING_SESSION WHERE PRINCIPAL_NAME = ?")
        .param(login)
        .query(Integer.class)
        .list();
  }

  @Test
  void theLastOwnerStays() {
    int id = smith.get("/api/v1/people").<Integer>at("$[0].id");
    Visitor.Answer refused =
        smith.put("/api/v1/people/" + id, "{\"rank\": \"GUEST\", \"mayEnter\": true}");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.body()).contains("There is no other owner");
  }

  @Test
  void aPasswordIsChangedByWhoKnowsTheOldOne() {
    smith.post("/api/v1/people", person("anvil", "GUEST"));
    Visitor anvil = signedIn("anvil", "five brass rivets");
    assertThat(
            anvil
                .put(
                    "/api/v1/settings/password",
                    "{\"old\": \"wrong\", \"password\": \"six brass rivets\"}")
                .status())
        .isEqualTo(422);
    assertThat(
            anvil
                .put(
                    "/api/v1/settings/password",
                    "{\"old\": \"five brass rivets\", \"password\": \"six brass rivets\"}")
                .status())
        .isEqualTo(204);
    assertThat(signedIn("anvil", "six brass rivets").get("/api/v1/book").status()).isEqualTo(200);
  }

  @Test
  void theOwnerGivesSomeoneWhoForgotANewPassword() {
    int id = smith.post("/api/v1/people", person("quench", "SMITH")).<Integer>at("$.id");
    Visitor quench = signedIn("quench", "five brass rivets");
    String path = "/api/v1/people/%d/password".formatted(id);
    assertThat(smith.put(path, "{\"password\": \"short\"}").<String>at("$.where"))
        .isEqualTo("/password");
    assertThat(smith.put(path, "{\"password\": \"nine iron nails\"}").status()).isEqualTo(204);
    assertThat(quench.get("/api/v1/book").status()).isEqualTo(401);
    assertThat(signedIn("quench", "nine iron nails").get("/api/v1/book").status()).isEqualTo(200);
  }

  @Test
  void onesOwnSignInsAreListedAndTheOthersEnded() {
    smith.post("/api/v1/people", person("temper", "SMITH"));
    Visitor here = signedIn("temper", "five brass rivets");
    Visitor there = signedIn("temper", "five brass rivets");
    Visitor.Answer all = here.get("/api/v1/settings/sign-ins");
    assertThat(all.<List<Boolean>>at("$[*].here")).containsExactly(true, false);
    assertThat(here.post("/api/v1/settings/sign-ins/end-others", "").status()).isEqualTo(204);
    assertThat(here.get("/api/v1/book").status()).isEqualTo(200);
    assertThat(there.get("/api/v1/book").status()).isEqualTo(401);
  }
}

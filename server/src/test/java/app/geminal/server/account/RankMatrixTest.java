package app.geminal.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor;
import app.geminal.units.Units;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every endpoint there is, asked by everyone: made from the application's own list of endpoints,
 * judged by the lists below and not by what the endpoints say of themselves.
 */
class RankMatrixTest extends ShopTest {
  private static final String PASSWORD = "five brass rivets";

  /** No one need be signed in. */
  private static final Set<String> OPEN =
      Set.of(
          "GET /api/v1/session",
          "POST /api/v1/owner",
          "POST /api/v1/devices/sign-in",
          "POST /api/v1/archives",
          "POST /api/v1/archives/{id}/restore");

  /** Sent with a body, but nothing is kept. */
  private static final Set<String> ONLY_CALCULATES =
      Set.of(
          "POST /api/v1/runs",
          "POST /api/v1/plans/read",
          "POST /api/v1/plans/steps",
          "POST /api/v1/plans/outline",
          "POST /api/v1/plans/smallest",
          "POST /api/v1/plans/cut-list",
          "POST /api/v1/plans/weld-map",
          "POST /api/v1/plans/why-open",
          "POST /api/v1/plans/weld-remedies",
          "POST /api/v1/pairs",
          "POST /api/v1/pairs/map",
          "POST /api/v1/schedules",
          "POST /api/v1/schedules/plan",
          "POST /api/v1/pictures",
          "POST /api/v1/pictures/files",
          "POST /api/v1/pictures/scan",
          "POST /api/v1/forge-sessions/day",
          "POST /api/v1/steels/own/preview");

  /** One's own. */
  private static final Set<String> OWN =
      Set.of(
          "PUT /api/v1/settings",
          "PUT /api/v1/settings/password",
          "POST /api/v1/settings/sign-ins/end-others",
          "POST /api/v1/tokens",
          "POST /api/v1/tokens/{id}/revoke",
          "POST /api/v1/devices/codes",
          "POST /api/v1/devices/sign-in",
          "POST /api/v1/devices/{id}/shut-out");

  /** Not for scripts, whatever their token's rank. */
  private static final Set<String> IN_PERSON =
      Set.of(
          "GET /api/v1/people",
          "POST /api/v1/people",
          "PUT /api/v1/people/{id}",
          "PUT /api/v1/people/{id}/password",
          "GET /api/v1/sign-in-lengths",
          "PUT /api/v1/sign-in-lengths/{rank}",
          "GET /api/v1/settings/sign-ins",
          "PUT /api/v1/settings",
          "PUT /api/v1/settings/password",
          "POST /api/v1/settings/sign-ins/end-others",
          "POST /api/v1/archives",
          "POST /api/v1/archives/{id}/restore",
          "GET /api/v1/tokens",
          "POST /api/v1/tokens",
          "POST /api/v1/tokens/{id}/revoke",
          "GET /api/v1/devices",
          "POST /api/v1/devices/codes",
          "POST /api/v1/devices/{id}/shut-out",
          "PUT /api/v1/network");

  /** Rehearsing and logging. */
  private static final Set<String> LOGS =
      Set.of(
          "POST /api/v1/forge-sessions",
          "POST /api/v1/forge-sessions/{id}/entries",
          "POST /api/v1/forge-sessions/{id}/end",
          "POST /api/v1/forge-sessions/{id}/inspection",
          "POST /api/v1/forge-sessions/{id}/reopen",
          "POST /api/v1/forge-sessions/{id}/readings",
          "POST /api/v1/billets/{id}/welds",
          "POST /api/v1/billets/{id}/entries",
          "POST /api/v1/book/entries/{id}/photos",
          "POST /api/v1/photographs/count",
          "POST /api/v1/photographs/measure",
          "POST /api/v1/billets/{id}/pattern-fit",
          "POST /api/v1/billets/{id}/dark-lines");

  private static final Set<String> OWNERS =
      Set.of(
          "GET /api/v1/people",
          "POST /api/v1/people",
          "PUT /api/v1/people/{id}",
          "PUT /api/v1/people/{id}/password",
          "GET /api/v1/sign-in-lengths",
          "PUT /api/v1/sign-in-lengths/{rank}",
          "GET /api/v1/archive",
          "GET /api/v1/backups",
          "POST /api/v1/backups",
          "PUT /api/v1/network",
          "POST /api/v1/archives",
          "POST /api/v1/archives/{id}/restore",
          "POST /api/v1/instruments",
          "PUT /api/v1/instruments/{id}",
          "POST /api/v1/instruments/{id}/remove");

  private final Map<Rank, Visitor> people = new EnumMap<>(Rank.class);

  @BeforeAll
  void letIn() {
    for (Rank rank : Rank.values()) {
      String login = rank.name().toLowerCase(java.util.Locale.ROOT);
      shop.bean(Accounts.class).add(login, login, PASSWORD, Units.METRIC, rank);
      Visitor visitor = shop.visitor();
      visitor.signIn(login, PASSWORD);
      people.put(rank, visitor);
    }
  }

  private record Endpoint(String verb, String path, String type) {
    String name() {
      return verb + " " + path;
    }
  }

  private List<Endpoint> endpoints() {
    List<Endpoint> all = new ArrayList<>();
    for (RequestMappingInfo info :
        shop.bean(RequestMappingHandlerMapping.class).getHandlerMethods().keySet()) {
      String type =
          info.getConsumesCondition().isEmpty()
              ? "application/json"
              : info.getConsumesCondition()
                  .getExpressions()
                  .iterator()
                  .next()
                  .getMediaType()
                  .toString();
      for (String path : info.getPatternValues()) {
        for (RequestMethod verb : info.getMethodsCondition().getMethods()) {
          if (path.startsWith("/api/v1/")) {
            all.add(new Endpoint(verb.name(), path, type));
          }
        }
      }
    }
    return all;
  }

  private static Rank expected(Endpoint e) {
    if (OWNERS.contains(e.name())) {
      return Rank.OWNER;
    }
    if (LOGS.contains(e.name())) {
      return Rank.APPRENTICE;
    }
    boolean reads = e.verb().equals("GET");
    return reads || ONLY_CALCULATES.contains(e.name()) || OWN.contains(e.name())
        ? Rank.GUEST
        : Rank.SMITH;
  }

  private static int ask(Visitor who, Endpoint e) {
    String path = e.path().replaceAll("\\{[^}]+}", "999999");
    return e.verb().equals("GET")
        ? who.get(path).status()
        : who.send(e.verb(), path, e.type(), BodyPublishers.ofString("{}")).status();
  }

  @TestFactory
  Stream<DynamicTest> everyEndpointIsAskedByEverybody() {
    return endpoints().stream()
        .flatMap(e ->
            Stream.of(Rank.values())
                .map(rank ->
                    DynamicTest.dynamicTest(
                        e.name() + " by " + rank,
                        () -> {
                          int status = ask(people.get(rank), e);
                          if (rank.isAtLeast(expected(e))) {
                            assertThat(status).isNotIn(401, 403).isLessThan(500);
                          } else {
                            assertThat(status).isEqualTo(403);
                          }
                        })));
  }

  /** An owner's tokens, one for each rank. */
  @TestFactory
  Stream<DynamicTest> aTokenMayDoWhatItsRankMayAndNothingInPerson() {
    Map<Rank, String> secrets = new EnumMap<>(Rank.class);
    for (Rank rank : Rank.values()) {
      secrets.put(
          rank,
          people
              .get(Rank.OWNER)
              .post("/api/v1/tokens", "{\"name\":\"" + rank + "\",\"rank\":\"" + rank + "\"}")
              .at("$.secret"));
    }
    return endpoints().stream()
        .filter(e -> e.type().equals("application/json") && !e.name().equals("POST /api/v1/owner"))
        .flatMap(e ->
            Stream.of(Rank.values())
                .map(rank ->
                    DynamicTest.dynamicTest(
                        e.name() + " by a token of " + rank,
                        () -> {
                          String path = e.path().replaceAll("\\{[^}]+}", "999999");
                          int status =
                              people
                                  .get(Rank.GUEST)
                                  .script(secrets.get(rank), e.verb(), path, "{}")
                                  .status();
                          if (!rank.isAtLeast(expected(e)) || IN_PERSON.contains(e.name())) {
                            assertThat(status).isEqualTo(403);
                          } else {
                            assertThat(status).isNotIn(401, 403).isLessThan(500);
                          }
                        })));
  }

  @TestFactory
  Stream<DynamicTest> whoIsNotSignedInComesNowhere() {
    Visitor stranger = shop.visitor();
    return endpoints().stream()
        .filter(e -> !OPEN.contains(e.name()))
        .map(e ->
            DynamicTest.dynamicTest(e.name(), () -> assertThat(ask(stranger, e)).isEqualTo(401)));
  }

  @Test
  void theListsNameEndpointsThereAre() {
    Set<String> there = new TreeSet<>(endpoints().stream().map(Endpoint::name).toList());
    assertThat(there).hasSizeGreaterThan(70);
    assertThat(there).containsAll(OPEN).containsAll(ONLY_CALCULATES).containsAll(OWN);
    assertThat(there).containsAll(LOGS).containsAll(OWNERS);
  }
}

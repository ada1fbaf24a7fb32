package app.geminal.server.attack;

import app.geminal.server.Visitor;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Requests that are taken as they are, to begin mutating from: at least one for each endpoint. */
final class Bodies {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String AT = "2026-02-03T08:40:00Z";

  private final List<Sample> samples = new ArrayList<>();
  private final Visitor smith;
  private final JsonNode plan;
  private final JsonNode plan4;
  private final String step;
  private final long fire;

  /** One request; {@code body} is null for none, text for what is no JSON. */
  record Sample(String verb, String path, String type, JsonNode body) {}

  private Bodies(Visitor smith) {
    this.smith = smith;
    plan = read("/api/v1/billets/1").get("plan");
    plan4 = read("/api/v1/billets/4").get("plan");
    step = read("/api/v1/billets/1/heats").get(0).get("path").asString();
    Visitor.Answer begun =
        smith.post(
            "/api/v1/forge-sessions",
            "{\"billets\":[{\"billetId\":1,\"stepPath\":\"%s\"}],\"rehearsal\":true,\"speed\":2}"
                .formatted(step));
    fire = (long) begun.number("$.id");
  }

  /** Everything the demo shop can be asked. */
  static List<Sample> of(Visitor smith) {
    Bodies bodies = new Bodies(smith);
    bodies.plans();
    bodies.book();
    bodies.fires();
    bodies.shop();
    bodies.reading();
    return bodies.samples;
  }

  private JsonNode read(String path) {
    return JSON.readTree(smith.get(path).body());
  }

  private void add(String verb, String path, String text, Object... with) {
    String json = text.formatted(with);
    samples.add(new Sample(verb, path, "application/json", JSON.readTree(json)));
  }

  private void csv(String path, String text) {
    samples.add(new Sample("POST", path, "text/csv", JSON.valueToTree(text)));
  }

  private void get(String path) {
    samples.add(new Sample("GET", path, "", JSON.nullNode()));
  }

  private void post(String path) {
    samples.add(new Sample("POST", path, "application/json", JSON.nullNode()));
  }

  private void plans() {
    add("POST", "/api/v1/billets", "{\"name\":\"n\",\"purpose\":\"\",\"plan\":%s}", plan);
    add(
        "PUT",
        "/api/v1/billets/1",
        "{\"version\":1,\"name\":\"n\",\"purpose\":\"p\",\"plan\":%s}",
        plan);
    add("POST", "/api/v1/runs", "{\"plan\":%s,\"billetId\":4}", plan4);
    add("POST", "/api/v1/runs", "{\"plan\":%s}", plan);
    add(
        "POST",
        "/api/v1/plans/read",
        "{\"line\":\"13 (1075 1/8, 15N20 1/16) 1 1/2 x 5 7/8 > set 3\",\"plan\":%s}",
        plan);
    add("POST", "/api/v1/plans/steps", "{\"plan\":%s,\"after\":1,\"words\":\"twist\"}", plan);
    add(
        "POST",
        "/api/v1/plans/outline",
        "{\"stack\":{\"pieces\":[{\"steel\":\"1075\",\"thicknessMm\":3},{\"steel\":\"15N20\",\"thicknessMm\":2}],\"widthMm\":38,\"lengthMm\":150},\"restacks\":[{\"cut\":4,\"turns\":[\"SAME\"]}]}");
    ObjectNode wanted = (ObjectNode) plan.deepCopy();
    wanted.set(
        "wanted",
        JSON.readTree(
            "[{\"count\":1,\"lengthMm\":150,\"widthMm\":25,\"heightMm\":4,\"name\":\"blade\"}]"));
    add("POST", "/api/v1/plans/smallest", "{\"plan\":%s}", plan);
    add("POST", "/api/v1/plans/smallest", "{\"plan\":%s}", wanted);
    add("POST", "/api/v1/plans/cut-list", "{\"plan\":%s}", plan);
    add(
        "POST",
        "/api/v1/plans/why-open",
        "{\"plan\":%s,\"step\":\"s1\",\"joint\":1,\"along\":0.5,\"across\":0}",
        plan);
    for (String map : List.of("weld-map", "weld-remedies")) {
      add("POST", "/api/v1/plans/" + map, "{\"plan\":%s,\"step\":\"s1\"}", plan);
    }
    String look = "{\"from\":\"END\",\"atMm\":5,\"acrossMm\":0,\"blade\":null}";
    String seen =
        "{\"plan\":%s,\"path\":\"\",\"stage\":2,\"bar\":0,\"look\":%s,\"part\":{\"leftMm\":0,\"lowMm\":0,\"widthMm\":10,\"heightMm\":10},\"widthPx\":60,\"heightPx\":40,\"relief\":false}"
            .formatted(plan, look);
    add(
        "POST",
        "/api/v1/pictures",
        "{\"wanted\":%s,\"window\":\"w\",\"frame\":1,\"stays\":true}",
        seen);
    add("POST", "/api/v1/pictures/files", "{\"wanted\":%s,\"as\":\"PNG\",\"title\":\"t\"}", seen);
    add("POST", "/api/v1/pictures/files", "{\"wanted\":%s,\"as\":\"SVG\",\"title\":\"t\"}", seen);
    add(
        "POST",
        "/api/v1/pictures/scan",
        "{\"wanted\":%s,\"right\":1,\"up\":1,\"toRight\":1,\"toUp\":9}",
        seen);
    samples.add(
        new Sample(
            "POST", "/api/v1/plan-files", "application/json", read("/api/v1/billets/1/plan-file")));
    String asked =
        "{\"count\":40,\"tolerance\":0.1,\"counted\":\"VISIBLE\",\"from\":{\"kind\":\"STACKS\",\"outside\":[{\"steel\":\"1075\",\"thicknessMm\":3}],\"inside\":[{\"steel\":\"15N20\",\"thicknessMm\":1.5}],\"widthMm\":38,\"plan\":null,\"stage\":null,\"measured\":null},\"finished\":{\"widthMm\":30,\"heightMm\":5,\"lengthMm\":200},\"bounds\":{\"fewestPieces\":3,\"mostPieces\":15,\"layouts\":[\"PLAIN\"],\"mostRestacks\":2,\"fewestCut\":2,\"mostCut\":4,\"turned\":true,\"folds\":true},\"insert\":{\"steel\":\"15N20\",\"thicknessMm\":1},\"core\":[],\"blockMm\":25,\"within\":null}";
    add("POST", "/api/v1/schedules", asked);
    add(
        "POST",
        "/api/v1/schedules",
        asked
            .replace("\"kind\":\"STACKS\"", "\"kind\":\"BAR\"")
            .replace("\"plan\":null,\"stage\":null", "\"plan\":" + plan + ",\"stage\":1"));
    add(
        "POST",
        "/api/v1/schedules/plan",
        "{\"asked\":%s,\"schedule\":{\"start\":{\"pieces\":7,\"layout\":\"PLAIN\",\"outside\":{\"steel\":\"1075\",\"thicknessMm\":3},\"inside\":{\"steel\":\"15N20\",\"thicknessMm\":1.5}},\"restacks\":[{\"how\":\"CUT\",\"pieces\":4,\"turned\":false,\"insert\":true}]},\"startMm\":120}",
        asked);
    post("/api/v1/billets/2/archive");
    post("/api/v1/billets/2/restore");
  }

  private void book() {
    add(
        "POST",
        "/api/v1/billets/1/welds",
        "{\"stepKey\":\"%s\",\"madeAt\":\"%s\",\"temperatureC\":1180,\"school\":\"DRY\",\"outcome\":\"HELD\",\"note\":\"n\",\"how\":{\"joints\":4,\"later\":false,\"floorC\":1110,\"ceilingC\":1250,\"soakMin\":15,\"neededSoakMin\":12,\"waitedS\":4,\"workingS\":9,\"heats\":3,\"forceKn\":200,\"reduction\":0.08}}",
        step,
        AT);
    JsonNode weld = read("/api/v1/book").get(0);
    add(
        "PUT",
        "/api/v1/welds/" + weld.get("id"),
        "{\"version\":1,\"madeAt\":\"%s\",\"temperatureC\":1180,\"school\":\"DRY\",\"outcome\":\"HELD\",\"note\":\"n\",\"how\":null}",
        AT);
    post("/api/v1/welds/%s/delete".formatted(weld.get("id")));
    post("/api/v1/welds/%s/restore".formatted(weld.get("id")));
    for (JsonNode entry : read("/api/v1/book/entries")) {
      add(
          "POST",
          "/api/v1/billets/%s/entries".formatted(entry.get("billetId")),
          "%s",
          entry.get("says"));
      add(
          "PUT",
          "/api/v1/book/entries/" + entry.get("id"),
          "{\"version\":1,\"says\":%s}",
          entry.get("says"));
    }
    add(
        "POST",
        "/api/v1/billets/1/entries",
        "{\"looked\":{\"stepKey\":\"%s\",\"at\":\"%s\",\"ways\":[\"HOT_SHADOW\"],\"flaws\":[],\"note\":\"\"}}",
        step,
        AT);
    add(
        "POST",
        "/api/v1/billets/1/entries",
        "{\"measured\":{\"stepKey\":\"%s\",\"at\":\"%s\",\"sizes\":{\"widthMm\":38,\"heightMm\":20,\"lengthMm\":150,\"massKg\":null},\"note\":\"\"}}",
        step,
        AT);
  }

  private void fires() {
    add(
        "POST",
        "/api/v1/forge-sessions",
        "{\"billets\":[{\"billetId\":1,\"stepPath\":\"%s\"}],\"rehearsal\":true,\"drill\":\"LATE_BITE\",\"speed\":2}",
        step);
    add(
        "POST",
        "/api/v1/forge-sessions/day",
        "{\"billets\":[{\"billetId\":1,\"stepPath\":\"%s\"}],\"places\":2,\"fromMin\":480,\"toMin\":900}",
        step);
    String entries = "/api/v1/forge-sessions/" + fire + "/entries";
    for (String kind :
        List.of("DEED", "UNDO", "READING", "NOTE", "HELD", "SPEED", "FORGE", "AIR")) {
      add(
          "POST",
          entries,
          "{\"entries\":[{\"id\":\"00000000-0000-4000-8000-0000000000%02d\",\"kind\":\"%s\",\"place\":0,\"act\":\"IN\",\"about\":\"00000000-0000-4000-8000-000000000001\",\"figure\":1,\"note\":\"\",\"doneAt\":\"%s\",\"device\":\"d\"}]}",
          kind.hashCode() & 63,
          kind,
          java.time.Instant.now());
    }
    csv(
        "/api/v1/forge-sessions/" + fire + "/readings",
        "at,channel,value,unit\n1,forge,1180,C\n2,press,9,MPa\n");
    post("/api/v1/forge-sessions/%d/end".formatted(fire));
    add(
        "POST",
        "/api/v1/forge-sessions/%d/inspection".formatted(fire),
        "{\"place\":0,\"joint\":1,\"cause\":\"HEAT\"}");
    get("/api/v1/forge-sessions/%d/inspection".formatted(fire));
    post("/api/v1/forge-sessions/%d/reopen".formatted(fire));
  }

  private void shop() {
    JsonNode shop = read("/api/v1/shop");
    add(
        "PUT",
        "/api/v1/shop",
        "{\"version\":%s,\"shop\":%s}",
        shop.get("version"),
        shop.get("shop"));
    add("POST", "/api/v1/shop/calibration/use", "{\"row\":1}");
    for (String undone : List.of("undo-use", "reset", "undo-reset")) {
      post("/api/v1/shop/calibration/" + undone);
    }
    for (String weld :
        List.of(
            "\"steels\":[\"1084\",\"15N20\"],\"protection\":\"DRY\",\"joints\":[\"HELD\"]",
            "\"protection\":\"BORAX\"")) {
      add(
          "POST",
          "/api/v1/evidence/other-shops?name=Upriver",
          "{\"format\":\"geminal-welds\",\"version\":1,\"shop\":\"upriver-1\",\"welds\":[{%s,\"temperatureC\":1180,\"how\":{\"soakMin\":12,\"joints\":4,\"later\":true},\"outcome\":\"HELD\"}]}",
          weld);
    }
    for (String done : List.of("use", "undo-use", "delete", "restore")) {
      post("/api/v1/evidence/other-shops/1/" + done);
    }
    JsonNode bar = read("/api/v1/stock").get(0);
    add("POST", "/api/v1/stock", "%s", bar.get("bar"));
    add("PUT", "/api/v1/stock/" + bar.get("id"), "{\"version\":1,\"bar\":%s}", bar.get("bar"));
    post("/api/v1/stock/%s/archive".formatted(bar.get("id")));
    post("/api/v1/stock/%s/restore".formatted(bar.get("id")));
    String steel =
        "{\"id\":\"saw_blade\",\"name\":\"Old saw\",\"origin\":\"RECLAIMED\",\"like\":\"1075\",\"composition\":{\"carbonMin\":0.6,\"carbon\":0.75,\"carbonMax\":0.9,\"manganese\":0.7,\"silicon\":0.2,\"nickel\":0,\"chromium\":0,\"molybdenum\":0,\"vanadium\":0,\"tungsten\":0,\"copper\":0,\"phosphorus\":0.01},\"tests\":[{\"kind\":\"SPARK\",\"seen\":\"short\",\"value\":0.7}],\"given\":{\"solidusC\":null,\"weldFromC\":1100,\"weldToC\":1200,\"hardenFromC\":null,\"hardenToC\":null,\"quench\":null,\"etchTone\":null}}";
    add("POST", "/api/v1/steels/own", steel);
    add("POST", "/api/v1/steels/own/preview", steel);
    add(
        "PUT",
        "/api/v1/steels/own/1",
        "{\"version\":1,\"steel\":%s}",
        steel.replace("saw_blade", "mill_band"));
    post("/api/v1/steels/own/1/unlist");
    post("/api/v1/steels/own/1/list");
    csv("/api/v1/steels/own.csv", smith.get("/api/v1/steels/own.csv").body());
    add(
        "POST",
        "/api/v1/instruments",
        "{\"name\":\"i\",\"channel\":\"FORGE\",\"host\":\"127.0.0.1\",\"port\":502,\"unit\":1,\"registers\":\"INPUT\",\"address\":0,\"format\":\"INT16\",\"scale\":0.1,\"shift\":0,\"switched\":false}");
    add(
        "PUT",
        "/api/v1/settings",
        "{\"units\":{\"system\":\"INCH\",\"chosen\":{\"MASS\":\"METRIC\"}}}");
    add("PUT", "/api/v1/sign-in-lengths/OWNER", "{\"days\":30}");
    add("POST", "/api/v1/hidden-notes", "{\"family\":\"joints-merge\",\"billetId\":null}");
    add("POST", "/api/v1/devices/codes", "{\"name\":\"tablet\"}");
    add("POST", "/api/v1/tokens", "{\"name\":\"scale\",\"rank\":\"GUEST\"}");
    add("PUT", "/api/v1/people/1", "{\"rank\":\"OWNER\",\"mayEnter\":true}");
    add(
        "POST",
        "/api/v1/people",
        "{\"login\":\"mara\",\"name\":\"Mara\",\"password\":\"a long password\",\"units\":\"METRIC\",\"rank\":\"GUEST\"}");
    add(
        "POST",
        "/api/v1/pairs",
        "{\"members\":[{\"steel\":\"1084\",\"role\":\"MIXED\",\"share\":0.5},{\"steel\":\"15N20\",\"role\":\"MIXED\",\"share\":0.5}],\"process\":\"DRY\",\"cuttingEdge\":true,\"temperC\":null}");
    add("POST", "/api/v1/pairs/map", "{\"steels\":[\"1084\",\"15N20\"],\"process\":\"DRY\"}");
    add(
        "POST",
        "/api/v1/owner",
        "{\"code\":\"X\",\"login\":\"o\",\"name\":\"O\",\"password\":\"a long password\",\"units\":\"METRIC\"}");
  }

  private void reading() {
    JsonNode aside = read("/api/v1/set-aside").get(0);
    for (String path :
        List.of(
            "/api/v1/set-aside/history?billetId=%s&stepKey=%s&count=1"
                .formatted(aside.get("billetId"), aside.get("stepKey").asString()),
            "/api/v1/evidence/next?billet=1&step=" + step,
            "/api/v1/evidence/other-shops/1/effect",
            "/api/v1/evidence/compare?factor=PROTECTION&one=DRY&other=BORAX",
            "/api/v1/billets/1/seams?step=" + step,
            "/api/v1/billets/1/heat-plan?step=" + step,
            "/api/v1/billets/1/card",
            "/api/v1/billets/1/card.pdf",
            "/api/v1/billets/1/hardening",
            "/api/v1/billets/1/flaws",
            "/api/v1/billets/1/count?count=60&low=59&high=61&step=" + step,
            "/api/v1/billets/1/stored",
            "/api/v1/billets/1",
            "/api/v1/forge-sessions/" + fire,
            "/api/v1/forge-sessions/%d/readings.csv".formatted(fire),
            "/api/v1/drills",
            "/api/v1/shop/calibration",
            "/api/v1/billets/4/calibration-effects?row=1",
            "/api/v1/photos/00000000-0000-4000-8000-000000000001",
            "/api/v1/book.csv",
            "/error",
            "/api/v1/nothing")) {
      get(path);
    }
  }
}

package app.geminal.server.paging;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import com.jayway.jsonpath.JsonPath;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists that grow come a page at a time: nothing twice, nothing left out, in the same order. */
class PageTest extends ShopTest {
  private static final Pattern NEXT = Pattern.compile("<([^>]+)>; rel=\"next\"");
  private int session;

  @BeforeAll
  void aLongBook() {
    // Several in the same millisecond, which only their numbers distinguish.
    shop.update(
        """
        INSERT INTO weld (billet_id, step_key, step_title, made_at, temperature_c, school, outcome,
          note, how, steels, made_by)
        SELECT billet_id, step_key, step_title, made_at, temperature_c, school, outcome, note, how,
          steels, made_by FROM weld
        """);
    for (int i = 0; i < 3; i++) {
      shop.update(
          """
          INSERT INTO book_entry (billet_id, kind, step_key, step_title, at, body, written_at, made_by)
          SELECT billet_id, kind, step_key, step_title, at, body, written_at, made_by
          FROM book_entry ORDER BY id LIMIT 1
          """);
    }
    for (int i = 0; i < 5; i++) {
      String path = smith.get("/api/v1/billets/1/heats").at("$[0].path");
      session =
          smith
              .post(
                  "/api/v1/forge-sessions",
                  "{\"billets\": [{\"billetId\": 1, \"stepPath\": \"%s\"}], \"rehearsal\": true, \"speed\": 1}"
                      .formatted(path))
              .at("$.id");
      if (i < 3) {
        smith.post("/api/v1/forge-sessions/" + session + "/end", "");
      }
    }
    StringBuilder csv = new StringBuilder("at,channel,value,unit\n");
    for (int second = 1; second <= 40; second++) {
      csv.append(second).append(",forge,").append(1000 + second).append(",C\n");
      csv.append(second).append(",press,").append(second % 5).append(",MPa\n");
    }
    Answer taken =
        smith.send(
            "POST",
            "/api/v1/forge-sessions/" + session + "/readings",
            "text/csv",
            java.net.http.HttpRequest.BodyPublishers.ofString(csv.toString()));
    assertThat(taken.status()).isEqualTo(200);
  }

  private List<Object> everyPage(String from) {
    List<Object> all = new ArrayList<>();
    String next = from;
    for (int pages = 0; next != null; pages++) {
      assertThat(pages).as("pages").isLessThan(500);
      Answer page = smith.get(next);
      assertThat(page.status()).isEqualTo(200);
      all.addAll(JsonPath.<List<Object>>read(page.body(), "$"));
      Matcher link = NEXT.matcher(page.header("Link"));
      next = link.find() ? link.group(1) : null;
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({
    "/api/v1/book, 1",
    "/api/v1/book, 7",
    "/api/v1/book/entries, 2",
    "/api/v1/forge-sessions, 1",
    "/api/v1/forge-sessions, 2",
    "/api/v1/forge-sessions/SESSION/readings, 9",
    "/api/v1/forge-sessions/SESSION/readings, 40",
  })
  void pagesTogetherAreTheWhole(String list, int limit) {
    String path = list.replace("SESSION", String.valueOf(session));
    Answer whole = smith.get(path);
    assertThat(whole.header("Link")).isEmpty();
    List<Object> all = JsonPath.read(whole.body(), "$");
    assertThat(all).hasSizeGreaterThan(2);
    assertThat(everyPage(path + "?limit=" + limit)).isEqualTo(all);
  }

  @ParameterizedTest
  @ValueSource(strings = {"limit=0", "limit=1001", "after=x", "after=1", "after=1.-1", "limit=x"})
  void whatIsNoPageIsRefused(String query) {
    assertThat(smith.get("/api/v1/book?" + query).status()).isIn(400, 422);
  }

  @Test
  void aPlaceBeyondTheEndIsAnEmptyPage() {
    Answer end = smith.get("/api/v1/book?after=0.0");
    assertThat(end.<List<?>>at("$")).isEmpty();
    assertThat(end.header("Link")).isEmpty();
  }
}

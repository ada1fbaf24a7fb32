package app.geminal.server.quarantine;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One row that cannot be read is reported, and all the others are as they were. */
class UnreadableTest extends ShopTest {
  private static final String ALL = "/api/v1/unreadable";

  private String mend = "";

  @BeforeAll
  void startASession() {
    String heats = "/api/v1/billets/1/heats";
    String path = smith.get(heats).at("$[0].path");
    assertThat(
            smith
                .post(
                    "/api/v1/forge-sessions",
                    "{\"billets\": [{\"billetId\": 1, \"stepPath\": \"%s\"}], \"rehearsal\": true, \"speed\": 1}"
                        .formatted(path))
                .status())
        .isEqualTo(201);
  }

  @AfterEach
  void mend() {
    shop.update(mend);
  }

  private void damage(String table, String column, String with) {
    shop.update("CREATE TABLE damaged_before AS SELECT * FROM " + table);
    shop.update("UPDATE %s SET %s = %s LIMIT 1".formatted(table, column, with));
  }

  private void restore(String table, String column, String key) {
    shop.update(
        "UPDATE %1$s t JOIN damaged_before b USING (%3$s) SET t.%2$s = b.%2$s"
            .formatted(table, column, key));
    mend = "DROP TABLE damaged_before";
  }

  @ParameterizedTest
  @CsvSource({
    "WELD, weld, school, 'SPELLS', id, /api/v1/book, 1",
    "ENTRY, book_entry, body, '[]', id, /api/v1/book/entries, 1",
    "STEEL, own_steel, known, '[]', id, /api/v1/steels, 1",
    "SESSION, fire_billet, plan_format, 99, 'session_id, place', /api/v1/forge-sessions, 0",
  })
  void aDamagedRowIsReportedOfAndTheOthersStay(
      String kind, String table, String column, String with, String key, String list, int gone) {
    int before = smith.get(list).<List<?>>at("$").size();
    assertThat(smith.get(ALL).<List<?>>at("$")).isEmpty();
    damage(table, column, with.equals("99") ? with : "'" + with + "'");
    try {
      assertThat(smith.get(ALL).<List<String>>at("$[*].kind")).containsExactly(kind);
      assertThat(smith.get(ALL + "?of=" + kind).<List<?>>at("$")).hasSize(1);
      String other = kind.equals("WELD") ? "STEEL" : "WELD";
      assertThat(smith.get(ALL + "?of=" + other).<List<?>>at("$")).isEmpty();
      assertThat(smith.get(ALL).<String>at("$[0].what")).isNotBlank();
      assertThat(smith.get(ALL).<String>at("$[0].why")).isNotBlank();
      assertThat(smith.get(list).<List<?>>at("$")).hasSize(before - gone);
      int id = smith.get(ALL).at("$[0].id");
      assertThat(smith.get(ALL + "/" + kind + "/" + id).body()).contains(with);
    } finally {
      restore(table, column, key);
    }
    assertThat(smith.get(ALL).<List<?>>at("$")).as("tried again").isEmpty();
    assertThat(smith.get(list).<List<?>>at("$")).hasSize(before);
  }

  @Test
  void whatIsNotThereIsNotFound() {
    mend = "DO 0";
    assertThat(smith.get(ALL + "/WELD/999999").status()).isEqualTo(404);
    assertThat(smith.get(ALL + "/KETTLE/1").status()).isEqualTo(400);
  }
}

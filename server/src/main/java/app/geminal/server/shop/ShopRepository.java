package app.geminal.server.shop;

import app.geminal.shop.Shop;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The shop in the database; no row as long as nothing was said about it. */
@Repository
class ShopRepository {
  private final JdbcClient jdbc;
  private final JsonMapper json;

  ShopRepository(JdbcClient jdbc, JsonMapper json) {
    this.jdbc = jdbc;
    this.json = json;
  }

  Optional<Kept> find() {
    return jdbc.sql("SELECT shop, version FROM shop WHERE id = 1")
        .query((row, n) ->
            new Kept(json.readValue(row.getString("shop"), Shop.class), row.getInt("version")))
        .optional();
  }

  /** Writes over the version the change was based on, 0 for none; false when it is another now. */
  boolean replace(int version, Shop shop, Instant now) {
    String statement =
        version == 0
            ? """
            INSERT IGNORE INTO shop (id, shop, version, changed_at)
            VALUES (1, :shop, :version + 1, :now)
            """
            : """
            UPDATE shop SET shop = :shop, version = :version + 1, changed_at = :now
            WHERE id = 1 AND version = :version
            """;
    return jdbc.sql(statement)
            .param("shop", json.writeValueAsString(shop))
            .param("version", version)
            .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
            .update()
        == 1;
  }
}

package app.geminal.server.shop;

import static app.geminal.server.shop.ShopDocument.SHOP;
import static app.geminal.server.stored.Document.FIRST_FORMAT;

import app.geminal.shop.Shop;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The shop in the database; no row as long as nothing was said about it. */
@Repository
class ShopRepository {
  private final JdbcClient jdbc;

  ShopRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  Optional<StoredShop> find() {
    return jdbc.sql("SELECT shop, version FROM shop WHERE id = 1")
        .query((row, n) ->
            new StoredShop(SHOP.read(row.getString("shop"), FIRST_FORMAT), row.getInt("version")))
        .optional();
  }

  private String document(int version, Shop shop) {
    return jdbc.sql("SELECT shop FROM shop WHERE id = 1 AND version = :version")
        .param("version", version)
        .query(String.class)
        .optional()
        .map(stored -> SHOP.writeOver(shop, stored, FIRST_FORMAT))
        .orElseGet(() -> SHOP.write(shop));
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
            .param("shop", document(version, shop))
            .param("version", version)
            .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
            .update()
        == 1;
  }
}

package app.geminal.server.stock;

import app.geminal.stock.StockBar;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** Bars on the shelf in the database. */
@Repository
class StockRepository {
  private static final String SELECT =
      """
      SELECT id, version, steel, width_mm, thickness_mm, length_mm, pieces, price, price_per,
        prep_minutes, source, note
      FROM stock
      """;

  private static final RowMapper<StoredStockBar> SHELVED =
      (row, n) ->
          new StoredStockBar(
              row.getLong("id"),
              row.getInt("version"),
              new StockBar(
                  row.getString("steel"),
                  row.getDouble("width_mm"),
                  row.getDouble("thickness_mm"),
                  row.getDouble("length_mm"),
                  row.getInt("pieces"),
                  row.getObject("price", Double.class),
                  Optional.ofNullable(row.getString("price_per"))
                      .map(StockBar.PricePer::valueOf)
                      .orElse(null),
                  row.getObject("prep_minutes", Double.class),
                  row.getString("source"),
                  row.getString("note")));

  private final JdbcClient jdbc;

  StockRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  List<StoredStockBar> all() {
    return jdbc.sql(SELECT + "WHERE on_shelf ORDER BY steel, thickness_mm, id")
        .query(SHELVED)
        .list();
  }

  Optional<StoredStockBar> find(long id) {
    return jdbc.sql(SELECT + "WHERE id = :id").param("id", id).query(SHELVED).optional();
  }

  long add(StockBar bar) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    filled(
            """
            INSERT INTO stock (steel, width_mm, thickness_mm, length_mm, pieces, price, price_per,
              prep_minutes, source, note, version)
            VALUES (:steel, :width, :thickness, :length, :pieces, :price, :pricePer, :prepMinutes,
              :source, :note, 1)
            """,
            bar)
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  /** Writes over the version the change was based on; false when another is stored by now. */
  boolean replace(long id, int version, StockBar bar) {
    return filled(
                """
                UPDATE stock SET steel = :steel, width_mm = :width, thickness_mm = :thickness,
                  length_mm = :length, pieces = :pieces, price = :price, price_per = :pricePer,
                  prep_minutes = :prepMinutes, source = :source, note = :note, version = version + 1
                WHERE id = :id AND version = :version
                """,
                bar)
            .param("id", id)
            .param("version", version)
            .update()
        == 1;
  }

  void setOnShelf(long id, boolean onShelf) {
    jdbc.sql("UPDATE stock SET on_shelf = :onShelf WHERE id = :id")
        .param("onShelf", onShelf)
        .param("id", id)
        .update();
  }

  private JdbcClient.StatementSpec filled(String statement, StockBar bar) {
    return jdbc.sql(statement)
        .param("steel", bar.steel())
        .param("width", bar.widthMm())
        .param("thickness", bar.thicknessMm())
        .param("length", bar.lengthMm())
        .param("pieces", bar.pieces())
        .param("price", bar.price())
        .param("pricePer", bar.pricePer() == null ? null : bar.pricePer().name())
        .param("prepMinutes", bar.prepMinutes())
        .param("source", bar.source())
        .param("note", bar.note());
  }
}

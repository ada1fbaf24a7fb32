package app.geminal.server.instrument;

import java.util.List;
import java.util.Objects;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** Instruments in the database. */
@Repository
class InstrumentRepository {
  private static final RowMapper<Kept> KEPT =
      (row, n) ->
          new Kept(
              row.getLong("id"),
              new Instrument(
                  row.getString("name"),
                  Channel.valueOf(row.getString("channel")),
                  row.getString("host"),
                  row.getInt("port"),
                  row.getInt("unit"),
                  Instrument.Registers.valueOf(row.getString("registers")),
                  row.getInt("address"),
                  Instrument.Format.valueOf(row.getString("format")),
                  row.getDouble("scale"),
                  row.getDouble("shift"),
                  row.getBoolean("switched")));

  private final JdbcClient jdbc;

  InstrumentRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** An instrument and its number. */
  record Kept(long id, Instrument instrument) {}

  List<Kept> all() {
    return jdbc.sql("SELECT * FROM instrument ORDER BY id").query(KEPT).list();
  }

  long add(Instrument i) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    with(
            """
            INSERT INTO instrument (name, channel, host, port, unit, registers, address, format,
              scale, shift, switched)
            VALUES (:name, :channel, :host, :port, :unit, :registers, :address, :format, :scale,
              :shift, :switched)
            """,
            i)
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  boolean change(long id, Instrument i) {
    return with(
                """
                UPDATE instrument SET name = :name, channel = :channel, host = :host, port = :port,
                  unit = :unit, registers = :registers, address = :address, format = :format,
                  scale = :scale, shift = :shift, switched = :switched
                WHERE id = :id
                """,
                i)
            .param("id", id)
            .update()
        == 1;
  }

  private JdbcClient.StatementSpec with(String sql, Instrument i) {
    return jdbc.sql(sql)
        .param("name", i.name())
        .param("channel", i.channel().name())
        .param("host", i.host())
        .param("port", i.port())
        .param("unit", i.unit())
        .param("registers", i.registers().name())
        .param("address", i.address())
        .param("format", i.format().name())
        .param("scale", i.scale())
        .param("shift", i.shift())
        .param("switched", i.switched());
  }

  boolean remove(long id) {
    return jdbc.sql("DELETE FROM instrument WHERE id = :id").param("id", id).update() == 1;
  }
}

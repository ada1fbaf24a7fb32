package app.geminal.library.pattern;

import app.geminal.library.ShippedTable;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVRecord;

/** Reads the named patterns that ship with the application. */
public final class ShippedPatterns {
  private static final String TABLE = "/patterns/patterns.csv";

  private ShippedPatterns() {}

  /**
   * All of them, in the table's order. A row that cannot be read stops the start: it is our own
   * file.
   */
  public static List<NamedPattern> read() {
    return ShippedTable.rows(TABLE).stream().map(ShippedPatterns::pattern).toList();
  }

  private static NamedPattern pattern(CSVRecord row) {
    return new NamedPattern(
        row.get("id"),
        row.get("name"),
        row.get("about"),
        NamedPattern.Shows.valueOf(row.get("shows").toUpperCase(Locale.ROOT)),
        Shorthand.parse(row.get("line"), UnitSystem.METRIC, ShopDefaults.common()));
  }
}

package app.geminal.server.demo;

import app.geminal.library.ShippedTable;
import app.geminal.library.shelf.ShelfFile;
import app.geminal.stock.StockBar;
import app.geminal.units.Temperatures;
import app.geminal.units.UnitSystem;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;

/**
 * The demo shop's data: billets with their plans in shorthand, welds, the shelf (CSV, US units),
 * and its own steels in the form in which a shop's steels are imported.
 */
final class DemoFiles {
  private static final String FOLDER = "/demo/";

  /** What an even core of a coupon was estimated to take, and how long its joint stays hot. */
  private static final double NEEDED_MIN = 7;

  private static final double WORKING_S = 6;
  private static final int COUPON_HEATS = 2;
  private static final double COUPON_REDUCTION = 0.08;

  private DemoFiles() {}

  /**
   * A weld that was made.
   *
   * @param nth of the plan's set welds, from 1
   * @param soakMin minutes in the fire; null where they were not noted
   * @param secondsToDies from the fire to the dies; null where they were not noted
   * @param by login of who made it, empty for the owner
   */
  record Made(
      int nth,
      Instant at,
      double temperatureC,
      AtmosphereProtection protection,
      WeldOutcome outcome,
      String note,
      @Nullable Double soakMin,
      @Nullable Double secondsToDies,
      String by) {
    WeldRecord weld(String step) {
      return new WeldRecord(step, at, temperatureC, protection, outcome, note);
    }

    WeldConditions conditions() {
      if (soakMin == null) {
        return WeldConditions.UNKNOWN;
      }
      return new WeldConditions(
          null,
          null,
          soakMin,
          NEEDED_MIN,
          secondsToDies,
          WORKING_S,
          COUPON_HEATS,
          null,
          COUPON_REDUCTION,
          0,
          false,
          null);
    }
  }

  /** A billet, its plan in shorthand, and its welds so far. */
  record Work(String name, String purpose, String plan, boolean isOnRack, List<Made> welds) {}

  static List<Work> works() {
    List<CSVRecord> welds = rows("welds.csv");
    return rows("billets.csv").stream()
        .map(b ->
            new Work(
                b.get("name"),
                b.get("purpose"),
                b.get("plan"),
                b.get("on_rack").equals("yes"),
                welds.stream()
                    .filter(w -> w.get("billet").equals(b.get("name")))
                    .map(DemoFiles::made)
                    .toList()))
        .toList();
  }

  private static Made made(CSVRecord row) {
    return new Made(
        Integer.parseInt(row.get("weld")),
        Instant.parse(row.get("made_at")),
        Temperatures.parseC(row.get("heat"), UnitSystem.INCH),
        AtmosphereProtection.valueOf(row.get("protection").toUpperCase(Locale.ROOT)),
        WeldOutcome.valueOf(row.get("outcome").toUpperCase(Locale.ROOT)),
        row.get("note"),
        figure(row, "soak_min"),
        figure(row, "seconds_to_dies"),
        row.get("by"));
  }

  static List<StockBar> shelf() {
    return ShelfFile.read(text("shelf.csv"));
  }

  private static @Nullable Double figure(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? null : Double.valueOf(row.get(column));
  }

  static String ownSteels() {
    return text("steels.csv");
  }

  /** A file as it is. */
  static String text(String file) {
    try {
      return new ClassPathResource(FOLDER + file).getContentAsString(StandardCharsets.UTF_8);
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    }
  }

  private static List<CSVRecord> rows(String file) {
    return ShippedTable.rows(FOLDER + file);
  }
}

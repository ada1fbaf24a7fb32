package app.geminal.library.shelf;

import app.geminal.library.file.CsvTable;
import app.geminal.stock.StockBar;
import app.geminal.text.TypedText;
import app.geminal.units.Lengths;
import app.geminal.units.UnitSystem;
import app.geminal.units.Unreadable;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Bars on a shop's shelf as CSV (RFC 4180, UTF-8): {@code steel}, {@code width_mm}, {@code
 * thickness_mm}, {@code length_mm} (or {@code _in}), {@code pieces}, and where wanted {@code
 * price_per_m} or {@code price_per_kg}, {@code preparation_min}, {@code source}, {@code note}. See
 * docs/formats/cut.md.
 */
public final class ShelfFile {
  /** More rows than this are no shelf. */
  public static final int MOST_ROWS = 10_000;

  private static final String INCHES = "_in";

  private ShelfFile() {}

  /**
   * The bars, in the order of the file.
   *
   * @throws InvalidValue when something cannot be read; its path is the line, the header being 1,
   *     and the column
   */
  public static List<StockBar> read(String csv) {
    List<StockBar> bars = new ArrayList<>();
    try (CSVParser parser = CsvTable.WITH_HEADER.parse(new StringReader(csv))) {
      for (CSVRecord row : parser) {
        if (bars.size() >= MOST_ROWS) {
          throw new InvalidValue(place(row, ""), ShelfFileText.TOO_MANY_ROWS.with());
        }
        bars.add(bar(row));
      }
    } catch (InvalidValue bad) {
      throw bad;
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      throw new InvalidValue("", ShelfFileText.NOT_CSV.with("why", String.valueOf(e.getMessage())));
    }
    return bars;
  }

  private static String place(CSVRecord row, String column) {
    long line = row.getRecordNumber() + 1;
    return column.isEmpty() ? "line " + line : "line " + line + "/" + column;
  }

  private static StockBar bar(CSVRecord row) {
    Double perM = number(row, "price_per_m");
    Double perKg = number(row, "price_per_kg");
    String pieces = cell(row, "pieces");
    if (!pieces.matches("\\d{1,5}")) {
      throw new InvalidValue(
          place(row, "pieces"), ShelfFileText.NO_WHOLE_NUMBER.with("text", pieces));
    }
    try {
      return new StockBar(
          needed(row, "steel"),
          mm(row, "width"),
          mm(row, "thickness"),
          mm(row, "length"),
          Integer.parseInt(pieces),
          perM == null ? perKg : perM,
          pricePer(perM, perKg),
          number(row, "preparation_min"),
          cell(row, "source"),
          cell(row, "note"));
    } catch (InvalidValue bad) {
      throw bad.path().startsWith("line ")
          ? bad
          : new InvalidValue(place(row, column(row, bad.path())), bad.words());
    }
  }

  private static StockBar.@Nullable PricePer pricePer(
      @Nullable Double perM, @Nullable Double perKg) {
    if (perM != null) {
      return StockBar.PricePer.METRE;
    }
    return perKg == null ? null : StockBar.PricePer.KILOGRAM;
  }

  /** The column that a field of a bar was read from. */
  private static String column(CSVRecord row, String field) {
    return switch (field) {
      case "widthMm" -> sizeColumn(row, "width");
      case "thicknessMm" -> sizeColumn(row, "thickness");
      case "lengthMm" -> sizeColumn(row, "length");
      case "price" -> cell(row, "price_per_m").isEmpty() ? "price_per_kg" : "price_per_m";
      case "prepMinutes" -> "preparation_min";
      default -> field;
    };
  }

  private static String sizeColumn(CSVRecord row, String size) {
    return row.isSet(size + INCHES) ? size + INCHES : size + "_mm";
  }

  private static String cell(CSVRecord row, String column) {
    return row.isSet(column) ? row.get(column) : "";
  }

  private static String needed(CSVRecord row, String column) {
    if (cell(row, column).isEmpty()) {
      throw new InvalidValue(place(row, column), ShelfFileText.COLUMN_IS_MISSING.with());
    }
    return row.get(column);
  }

  private static double mm(CSVRecord row, String size) {
    boolean inInches = row.isSet(size + "_in");
    String column = size + (inInches ? "_in" : "_mm");
    try {
      return Lengths.parseMm(needed(row, column), inInches ? UnitSystem.INCH : UnitSystem.METRIC);
    } catch (Unreadable bad) {
      throw new InvalidValue(place(row, column), TypedText.of(bad));
    }
  }

  private static @Nullable Double number(CSVRecord row, String column) {
    String text = cell(row, column);
    try {
      return text.isEmpty() ? null : Double.valueOf(text);
    } catch (NumberFormatException bad) {
      throw new InvalidValue(place(row, column), ShelfFileText.NO_NUMBER.with("text", text));
    }
  }
}

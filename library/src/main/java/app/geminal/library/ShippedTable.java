package app.geminal.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Tables that come with a release, as CSV. */
public final class ShippedTable {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private ShippedTable() {}

  /**
   * All rows, in the table's order. A table that cannot be read stops the start: it is our own
   * file.
   *
   * @param table its place among the resources, from the root
   */
  public static List<CSVRecord> rows(String table) {
    try (InputStream in = ShippedTable.class.getResourceAsStream(table)) {
      if (in == null) {
        throw new IllegalStateException(table + " is missing from the application.");
      }
      return FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8)).getRecords();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

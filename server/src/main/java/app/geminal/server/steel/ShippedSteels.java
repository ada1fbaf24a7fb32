package app.geminal.server.steel;

import app.geminal.steel.Confidence;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads the table of steels that ships with the application. */
public final class ShippedSteels {
  private static final String TABLE = "/steels/steels.csv";

  private ShippedSteels() {}

  /**
   * All rows, in the table's order. A row that cannot be read stops the start: it is our own file.
   */
  public static Steels read() {
    try (InputStream in = ShippedSteels.class.getResourceAsStream(TABLE)) {
      if (in == null) {
        throw new IllegalStateException(TABLE + " is missing from the application.");
      }
      return read(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Steels read(Reader table) throws IOException {
    List<Steel> steels = new ArrayList<>();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();
    for (CSVRecord row : format.parse(table)) {
      steels.add(steel(row));
    }
    return Steels.of(steels);
  }

  private static Steel steel(CSVRecord row) {
    return new Steel(
        row.get("id"),
        row.get("name"),
        row.get("family"),
        number(row, "C_typ"),
        number(row, "density_kg_m3"),
        number(row, "etch_tone"),
        number(row, "solidus_C"),
        weldWindow(row),
        confidence(row.get("confidence")));
  }

  /** Some rows have one end only, or none: those metals are not forge-welded. */
  private static Optional<WeldWindow> weldWindow(CSVRecord row) {
    return row.get("weld_lo_C").isBlank() || row.get("weld_hi_C").isBlank()
        ? Optional.empty()
        : Optional.of(new WeldWindow(number(row, "weld_lo_C"), number(row, "weld_hi_C")));
  }

  private static Confidence confidence(String word) {
    return switch (word.toLowerCase(Locale.ROOT)) {
      case "high" -> Confidence.HIGH;
      case "med" -> Confidence.MEDIUM;
      default -> Confidence.LOW;
    };
  }

  private static double number(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }
}

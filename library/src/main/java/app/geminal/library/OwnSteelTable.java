package app.geminal.library;

import app.geminal.library.file.CsvTable;
import app.geminal.steel.Composition;
import app.geminal.steel.Estimate;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.OwnSteel.Given;
import app.geminal.steel.Steels;
import app.geminal.steel.StockTest;
import app.geminal.text.Message;
import app.geminal.units.Text;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A shop's own steels as CSV (RFC 4180, UTF-8), out and back in. The columns stand in
 * docs/steels.md. Reading says every fault of the table at once and takes nothing when there is
 * one.
 */
public final class OwnSteelTable {
  /** More rows than this are no shop's own steels. */
  public static final int MOST_ROWS = 1000;

  private static final List<String> COLUMNS =
      List.of(
          "short_name",
          "name",
          "origin",
          "like",
          "C_min",
          "C",
          "C_max",
          "Mn",
          "Si",
          "Ni",
          "Cr",
          "Mo",
          "V",
          "W",
          "Cu",
          "P",
          "solidus_C",
          "weld_from_C",
          "weld_to_C",
          "harden_from_C",
          "harden_to_C",
          "quench",
          "etch_tone",
          "tests");

  private OwnSteelTable() {}

  /**
   * A place that is wrong.
   *
   * @param line of the file, the header is 1
   * @param column its name, empty when it is the row
   * @param reason rule, value and remedy
   */
  public record Fault(long line, String column, Message reason) {}

  /** What was read; {@code steels} is empty when there are faults. */
  public record Table(List<OwnSteel> steels, List<Fault> faults) {}

  /** Writes steels, one a line after the header. */
  public static String write(List<OwnSteel> steels) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      printer.printRecord(COLUMNS);
      for (OwnSteel s : steels) {
        printer.printRecord(row(s));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  /** Reads a table; {@code shipped} are the steels that {@code like} may name. */
  public static Table read(String csv, Steels shipped) {
    List<OwnSteel> steels = new ArrayList<>();
    List<Fault> faults = new ArrayList<>();
    try (var parser = CsvTable.WITH_HEADER.parse(new StringReader(csv))) {
      List<String> header = parser.getHeaderNames();
      COLUMNS.stream()
          .filter(c -> !header.contains(c))
          .forEach(c ->
              faults.add(
                  new Fault(1, c, SteelTableText.THIS_COLUMN_IS_MISSING_FROM_HEADER.with())));
      header.stream()
          .filter(c -> !COLUMNS.contains(c))
          .forEach(c -> faults.add(new Fault(1, c, SteelTableText.UNKNOWN_COLUMN.with())));
      if (faults.isEmpty()) {
        rows(parser, shipped, steels, faults);
      }
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      faults.add(
          new Fault(1, "", SteelTableText.NOT_CSV.with("why", String.valueOf(e.getMessage()))));
    }
    return faults.isEmpty() ? new Table(steels, faults) : new Table(List.of(), faults);
  }

  private static void rows(
      Iterable<CSVRecord> rows, Steels shipped, List<OwnSteel> steels, List<Fault> faults) {
    Set<String> seen = new HashSet<>();
    for (CSVRecord row : rows) {
      long line = row.getRecordNumber() + 1;
      if (!row.isConsistent()) {
        faults.add(
            new Fault(
                line,
                "",
                SteelTableText.ROW_LENGTH.with("has", row.size(), "header", COLUMNS.size())));
        continue;
      }
      if (steels.size() >= MOST_ROWS) {
        faults.add(new Fault(line, "", SteelTableText.TOO_MANY_ROWS.with("most", MOST_ROWS)));
        return;
      }
      try {
        OwnSteel steel = new OwnSteelRow(row).steel();
        Estimate.of(steel, shipped);
        if (!seen.add(steel.id())) {
          throw new OwnSteelRow.Cell(
              "short_name", SteelTableText.STEEL_TWICE.with("name", steel.id()));
        }
        steels.add(steel);
      } catch (OwnSteelRow.Cell bad) {
        faults.add(new Fault(line, bad.column(), bad.words()));
      } catch (InvalidValue bad) {
        faults.add(new Fault(line, column(bad.path()), bad.words()));
      }
    }
  }

  /** The column a field of {@link OwnSteel} is in. */
  private static String column(String path) {
    return switch (path.substring(path.lastIndexOf('/') + 1)) {
      case "id" -> "short_name";
      case "name" -> "name";
      case "like", "steel" -> "like";
      case "carbon" -> "C";
      case "carbonMin" -> "C_min";
      case "carbonMax" -> "C_max";
      case "manganese" -> "Mn";
      case "silicon" -> "Si";
      case "nickel" -> "Ni";
      case "chromium" -> "Cr";
      case "molybdenum" -> "Mo";
      case "vanadium" -> "V";
      case "tungsten" -> "W";
      case "copper" -> "Cu";
      case "phosphorus" -> "P";
      case "solidusC", "solidus" -> "solidus_C";
      case "fromC" -> "harden_from_C";
      case "toC" -> "harden_to_C";
      case "etchTone" -> "etch_tone";
      case "value", "seen" -> "tests";
      default -> "";
    };
  }

  private static List<Object> row(OwnSteel s) {
    Composition c = s.composition();
    Given g = s.given();
    return Arrays.asList(
        s.id(),
        PlainText.of(s.name()),
        s.origin().name().toLowerCase(Locale.ROOT),
        s.like().orElse(""),
        c.carbonMin(),
        c.carbon(),
        c.carbonMax(),
        c.manganese(),
        c.silicon(),
        c.nickel(),
        c.chromium(),
        c.molybdenum(),
        c.vanadium(),
        c.tungsten(),
        c.copper(),
        c.phosphorus(),
        blank(g.solidusC()),
        blank(g.weldFromC()),
        blank(g.weldToC()),
        blank(g.hardenFromC()),
        blank(g.hardenToC()),
        g.quench().map(q -> q.name().toLowerCase(Locale.ROOT)).orElse(""),
        blank(g.etchTone()),
        PlainText.of(String.join(" | ", s.tests().stream().map(OwnSteelTable::test).toList())));
  }

  private static Object blank(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : "";
  }

  private static String test(StockTest t) {
    return Text.of(
        "%s;%s;%s",
        t.kind().name().toLowerCase(Locale.ROOT), blank(t.value()), t.seen().replace('|', '/'));
  }
}

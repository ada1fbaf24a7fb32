package app.geminal.library;

import app.geminal.check.BadValue;
import app.geminal.steel.Composition;
import app.geminal.steel.Estimate;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.OwnSteel.Given;
import app.geminal.steel.OwnSteel.Origin;
import app.geminal.steel.Quench;
import app.geminal.steel.Steels;
import app.geminal.steel.StockTest;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A shop's own steels as CSV (RFC 4180, UTF-8), out and back in. The columns stand in
 * docs/steels.md. Reading tells every fault of the table at once and takes nothing when there is
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

  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true).get();

  private OwnSteelTable() {}

  /**
   * A place that is wrong.
   *
   * @param line of the file, the header is 1
   * @param column its name, empty when it is the row
   * @param reason rule, value and remedy
   */
  public record Fault(long line, String column, String reason) {}

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
    try (var parser = FORMAT.parse(new StringReader(csv))) {
      List<String> header = parser.getHeaderNames();
      COLUMNS.stream()
          .filter(c -> !header.contains(c))
          .forEach(c -> faults.add(new Fault(1, c, "This column is missing from the header.")));
      header.stream()
          .filter(c -> !COLUMNS.contains(c))
          .forEach(c -> faults.add(new Fault(1, c, "No column of this name is known.")));
      if (faults.isEmpty()) {
        rows(parser, shipped, steels, faults);
      }
    } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
      faults.add(new Fault(1, "", "This is no CSV that can be read: " + e.getMessage()));
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
                "The row has %d fields; the header has %d.".formatted(row.size(), COLUMNS.size())));
        continue;
      }
      if (steels.size() >= MOST_ROWS) {
        faults.add(new Fault(line, "", "More than %d rows.".formatted(MOST_ROWS)));
        return;
      }
      try {
        OwnSteel steel = new Row(row).steel();
        Estimate.of(steel, shipped);
        if (!seen.add(steel.id())) {
          throw new Cell("short_name", "“" + steel.id() + "” stands in the table twice.");
        }
        steels.add(steel);
      } catch (Cell bad) {
        faults.add(new Fault(line, bad.column, String.valueOf(bad.getMessage())));
      } catch (BadValue bad) {
        faults.add(new Fault(line, column(bad.path()), bad.words()));
      }
    }
  }

  /** The column a field of {@link OwnSteel} stands in. */
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
        s.name(),
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
        String.join(" | ", s.tests().stream().map(OwnSteelTable::test).toList()));
  }

  private static Object blank(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : "";
  }

  private static String test(StockTest t) {
    return "%s;%s;%s"
        .formatted(
            t.kind().name().toLowerCase(Locale.ROOT), blank(t.value()), t.seen().replace('|', '/'));
  }

  /** A cell that cannot be read. */
  private static final class Cell extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String column;

    Cell(String column, String message) {
      super(message);
      this.column = column;
    }
  }

  /** One row being read. */
  private record Row(CSVRecord cells) {
    OwnSteel steel() {
      return new OwnSteel(
          cells.get("short_name"),
          cells.get("name"),
          word("origin", Origin.class),
          Optional.of(cells.get("like")).filter(l -> !l.isEmpty()),
          new Composition(
              number("C_min"),
              number("C"),
              number("C_max"),
              number("Mn"),
              number("Si"),
              number("Ni"),
              number("Cr"),
              number("Mo"),
              number("V"),
              number("W"),
              number("Cu"),
              number("P")),
          tests(),
          new Given(
              optional("solidus_C"),
              optional("weld_from_C"),
              optional("weld_to_C"),
              optional("harden_from_C"),
              optional("harden_to_C"),
              cells.get("quench").isEmpty()
                  ? Optional.empty()
                  : Optional.of(word("quench", Quench.class)),
              optional("etch_tone")));
    }

    private List<StockTest> tests() {
      List<StockTest> tests = new ArrayList<>();
      for (String text : cells.get("tests").split("\\|", -1)) {
        if (text.isBlank()) {
          continue;
        }
        String[] parts = text.strip().split(";", 3);
        if (parts.length < 3) {
          throw new Cell(
              "tests", "A test is kind;figure;what was seen, such as spark;0.7;short bursts.");
        }
        tests.add(
            new StockTest(
                word("tests", parts[0], StockTest.Kind.class),
                parts[2],
                parts[1].isBlank()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(number("tests", parts[1]))));
      }
      return tests;
    }

    private <E extends Enum<E>> E word(String column, Class<E> kind) {
      return word(column, cells.get(column), kind);
    }

    private static <E extends Enum<E>> E word(String column, String text, Class<E> kind) {
      return Arrays.stream(kind.getEnumConstants())
          .filter(e -> e.name().equalsIgnoreCase(text.strip()))
          .findFirst()
          .orElseThrow(() ->
              new Cell(
                  column,
                  "“%s” is none of %s."
                      .formatted(
                          text,
                          String.join(
                              ", ",
                              Arrays.stream(kind.getEnumConstants())
                                  .map(e -> e.name().toLowerCase(Locale.ROOT))
                                  .toList()))));
    }

    private double number(String column) {
      return cells.get(column).isEmpty() ? 0 : number(column, cells.get(column));
    }

    private OptionalDouble optional(String column) {
      return cells.get(column).isEmpty()
          ? OptionalDouble.empty()
          : OptionalDouble.of(number(column, cells.get(column)));
    }

    private static double number(String column, String text) {
      try {
        return Double.parseDouble(text.strip());
      } catch (NumberFormatException e) {
        throw new Cell(column, "“%s” is no number; write it with a point.".formatted(text));
      }
    }
  }
}

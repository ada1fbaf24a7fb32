package app.geminal.library;

import app.geminal.steel.Composition;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.OwnSteel.Given;
import app.geminal.steel.OwnSteel.Origin;
import app.geminal.steel.Quench;
import app.geminal.steel.StockTest;
import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVRecord;

/** One row of {@link OwnSteelTable} being read. Package use only. */
record OwnSteelRow(CSVRecord cells) {
  /** A cell that cannot be read. */
  static final class Cell extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String column;
    private final transient Message words;

    Cell(String column, Message words) {
      super(words.marked());
      this.column = column;
      this.words = words;
    }

    Message words() {
      return words;
    }

    String column() {
      return column;
    }
  }

  OwnSteel steel() {
    return new OwnSteel(
        cells.get("short_name"),
        PlainText.read(cells.get("name")),
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
    for (String text : PlainText.read(cells.get("tests")).split("\\|", -1)) {
      if (text.isBlank()) {
        continue;
      }
      String[] parts = text.strip().split(";", 3);
      if (parts.length < 3) {
        throw new Cell("tests", SteelTableText.WRITE_TEST_AS_KIND_FIGURE_WHAT.with());
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
                SteelTableText.NOT_ONE_OF.with(
                    "text",
                    text,
                    "names",
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
      throw new Cell(column, SteelTableText.IS_NOT_NUMBER.with("text", text));
    }
  }
}

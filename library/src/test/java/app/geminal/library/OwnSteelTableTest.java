package app.geminal.library;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.library.OwnSteelTable.Fault;
import app.geminal.library.OwnSteelTable.Table;
import app.geminal.steel.Composition;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.OwnSteel.Given;
import app.geminal.steel.OwnSteel.Origin;
import app.geminal.steel.Quench;
import app.geminal.steel.Steels;
import app.geminal.steel.StockTest;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnSteelTableTest {
  private static final Steels SHIPPED = ShippedSteels.read();

  private static final OwnSteel SPRING =
      new OwnSteel(
          "old_spring",
          "Leaf spring, \"hay cart\", first leaf",
          Origin.RECLAIMED,
          Optional.of("leaf_spring"),
          Composition.of(0.6, 0.85, 0.25, 0, 0.8),
          List.of(
              new StockTest(StockTest.Kind.SPARK, "short, forked", OptionalDouble.of(0.62)),
              new StockTest(StockTest.Kind.HARDEN_AND_BREAK, "grey, fine", OptionalDouble.empty())),
          new Given(
              OptionalDouble.empty(),
              OptionalDouble.of(1120),
              OptionalDouble.empty(),
              OptionalDouble.empty(),
              OptionalDouble.empty(),
              Optional.of(Quench.MEDIUM_OIL),
              OptionalDouble.of(0.31)));

  private static final String GOOD = OwnSteelTable.write(List.of(SPRING));

  @Test
  void whatIsWrittenIsReadBackTheSame() {
    Table read = OwnSteelTable.read(GOOD, SHIPPED);
    assertThat(read.faults()).isEmpty();
    assertThat(read.steels()).containsExactly(SPRING);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      textBlock =
          """
          ,0.85,     | ,lots,      | Mn         | not a number
          ,reclaimed,| ,borrowed,  | origin     | not one of
          old_spring,| old spring!,| short_name | letters, digits
          leaf_spring| unicorn     | like       | unicorn
          medium_oil | milk        | quench     | not one of
          spark;0.62;| spark;9;    | tests      | 2.1
          ,0.6,0.6,0 | ,0.6,0.5,0  | C          | between
          """)
  void aBadCellIsNamedByLineColumnAndReason(String good, String bad, String column, String reason) {
    String second = GOOD.lines().skip(1).findFirst().orElseThrow().replace("old_spring", "other");
    String table = GOOD.replaceFirst(java.util.regex.Pattern.quote(good), bad) + second + "\r\n";
    Table read = OwnSteelTable.read(table, SHIPPED);
    assertThat(read.steels()).isEmpty();
    assertThat(read.faults()).hasSize(1);
    Fault fault = read.faults().getFirst();
    assertThat(fault.line()).isEqualTo(2);
    assertThat(fault.column()).isEqualTo(column);
    assertThat(fault.reason().marked()).contains(reason);
  }

  @Test
  void everyFaultIsReportedAtOnce() {
    String row = GOOD.lines().skip(1).findFirst().orElseThrow();
    Table read =
        OwnSteelTable.read(
            GOOD.lines().findFirst().orElseThrow()
                + "\r\n"
                + row.replace("0.85", "x")
                + "\r\n"
                + row
                + "\r\nshort,row\r\n"
                + row
                + "\r\n",
            SHIPPED);
    assertThat(read.faults()).extracting(Fault::line).containsExactly(2L, 4L, 5L);
    assertThat(read.faults().getLast().reason().marked()).contains("twice");
  }

  @Test
  void aForeignHeaderIsRefused() {
    assertThat(OwnSteelTable.read("name,price\r\nx,1\r\n", SHIPPED).faults())
        .extracting(Fault::column)
        .contains("short_name", "price");
    assertThat(OwnSteelTable.read("", SHIPPED).faults()).isNotEmpty();
  }
}

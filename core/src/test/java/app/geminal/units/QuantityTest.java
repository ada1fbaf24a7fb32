package app.geminal.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.text.TypedText;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class QuantityTest {

  /** The tables that the pages' tests read too. */
  private static Stream<List<String>> rows(String file) {
    try (var in = QuantityTest.class.getResourceAsStream(file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
              .lines()
              .filter(l -> !l.startsWith("#"))
              .map(l -> List.of(l.split("\\|", -1)))
              .toList()
              .stream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static Stream<List<String>> typed() {
    return rows("typed-quantities.txt");
  }

  static Stream<List<String>> shown() {
    return rows("shown-quantities.txt");
  }

  @ParameterizedTest
  @MethodSource("typed")
  void readsWhatPeopleWrite(List<String> row) {
    QuantityKind kind = QuantityKind.valueOf(row.get(0));
    UnitSystem system = UnitSystem.valueOf(row.get(2));
    if (row.get(3).equals("unreadable")) {
      assertThatThrownBy(() -> kind.parse(row.get(1), system))
          .isInstanceOfSatisfying(
              Unreadable.class,
              bad ->
                  assertThat(TypedText.of(bad).read(Units.METRIC))
                      .contains(row.get(1).strip())
                      .containsAnyOf("Write a", "fraction"));
    } else {
      assertThat(kind.parse(row.get(1), system)).isEqualTo(Double.parseDouble(row.get(3)));
    }
  }

  @ParameterizedTest
  @MethodSource("shown")
  void showsWhatSmithsRead(List<String> row) {
    QuantityKind kind = QuantityKind.valueOf(row.get(0));
    assertThat(kind.format(Double.parseDouble(row.get(1)), UnitSystem.valueOf(row.get(2))))
        .isEqualTo(row.get(3));
  }

  /** What is shown is what was stored, to the precision it is shown with, and can be typed. */
  @ParameterizedTest
  @EnumSource
  void whatIsShownCanBeTyped(QuantityKind kind) {
    SplittableRandom random = new SplittableRandom(18);
    for (int i = 0; i < 2_000; i++) {
      double value = Math.exp(random.nextDouble(-3, 8));
      for (UnitSystem system : UnitSystem.values()) {
        String text = kind.format(value, system);
        double rounding =
            switch (kind) {
              case LENGTH, TEMPERATURE, TEMPERATURE_CHANGE -> 0.51;
              case TIME -> 31;
              case PRICE_PER_LENGTH, PRICE_PER_MASS -> 0.02;
              default -> 0.006;
            };
        assertThat(kind.parse(text, system))
            .as("%s of %s", text, value)
            .isCloseTo(value, org.assertj.core.data.Offset.offset(rounding + value * 0.006));
      }
    }
  }

  @Test
  void aReaderMayChooseSingleQuantities() {
    Units mixed =
        new Units(
            UnitSystem.METRIC,
            Map.of(
                QuantityKind.TEMPERATURE, UnitSystem.INCH, QuantityKind.MASS, UnitSystem.METRIC));
    assertThat(Quantity.celsius(1260).format(mixed)).isEqualTo("2300 °F");
    assertThat(Quantity.mm(38).format(mixed)).isEqualTo("38 mm");
    assertThat(mixed.chosen()).containsOnlyKeys(QuantityKind.TEMPERATURE);
  }

  @Test
  void everyMarkNamesItsKind() {
    for (QuantityKind kind : QuantityKind.values()) {
      assertThat(QuantityKind.ofMark(kind.mark())).contains(kind);
    }
    assertThat(QuantityKind.ofMark("furlong")).isEmpty();
  }

  @Test
  void whatIsNoNumberIsRefused() {
    assertThatThrownBy(() -> Quantity.mm(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void whatIsOnlyAboutSoMuchIsSaidInHalvesOfAPercent() {
    assertThat(Quantity.aboutShare(0.0274).format(Units.US)).isEqualTo("2.5%");
    assertThat(Quantity.aboutShare(0.0999).format(Units.US)).isEqualTo("10%");
  }
}

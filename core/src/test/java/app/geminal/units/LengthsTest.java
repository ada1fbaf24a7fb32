package app.geminal.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.text.TypedText;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthsTest {

  @ParameterizedTest
  @CsvSource({
    "1 1/2, INCH, 38.1",
    "1-1/2, INCH, 38.1",
    "3/32, INCH, 2.38125",
    "3/32 in, METRIC, 2.38125",
    "3/32, METRIC, 2.38125",
    "1 1/2, METRIC, 38.1",
    "1/2 mm, METRIC, 0.5",
    "0.049 in, METRIC, 1.2446",
    ".062, INCH, 1.5748",
    "38 mm, INCH, 38",
    "38mm, INCH, 38",
    "38, METRIC, 38",
    "2 1/4 inches, METRIC, 57.15",
    "5 7/8\", METRIC, 149.225",
    "1.5 cm, INCH, 15",
    "-3/32, INCH, -2.38125",
    "0, METRIC, 0",
    "11/64, INCH, 4.365625",
  })
  void readsWhatSmithsType(String text, UnitSystem units, double mm) {
    assertThat(Lengths.parseMm(text, units)).isEqualTo(mm);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "thick", "1 1", "1.5 1/2", "1/0", "3/", "12 kg", "1e3", "٣", "1,5"})
  void refusesTheRestAndSaysWhatToType(String text) {
    assertThatThrownBy(() -> Lengths.parseMm(text, UnitSystem.INCH))
        .isInstanceOfSatisfying(
            Unreadable.class,
            bad ->
                assertThat(TypedText.of(bad).read(Units.US))
                    .contains("“" + text + "”")
                    .containsAnyOf("Write a", "fraction"));
  }

  @ParameterizedTest
  @CsvSource({
    "38.1, INCH, 1 1/2",
    "2.38125, INCH, 3/32",
    "1.5748, INCH, 0.062",
    "10, INCH, 10mm",
    "25.4, INCH, 1",
    "2.38125, METRIC, 2.38125",
    "10, METRIC, 10",
    "0, INCH, 0",
  })
  void writesFractionsWhereTheyAreExact(double mm, UnitSystem units, String text) {
    assertThat(Lengths.format(mm, units)).isEqualTo(text);
  }

  @Test
  void whatIsWrittenReadsBackToTheSameBits() {
    SplittableRandom random = new SplittableRandom(7);
    for (int i = 0; i < 20_000; i++) {
      double mm = i % 2 == 0 ? random.nextDouble() * 3000 : random.nextInt(1, 7680) * 254 / 640.0;
      for (UnitSystem units : UnitSystem.values()) {
        assertThat(Lengths.parseMm(Lengths.format(mm, units), units)).isEqualTo(mm);
      }
    }
  }
}

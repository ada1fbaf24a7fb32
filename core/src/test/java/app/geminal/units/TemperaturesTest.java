package app.geminal.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TemperaturesTest {

  @ParameterizedTest
  @CsvSource({
    "1180 C, INCH, 1180",
    "1180, METRIC, 1180",
    "2300 F, METRIC, 1260",
    "2300, INCH, 1260",
    "2300°F, METRIC, 1260",
    "32f, METRIC, 0",
    "-40 F, METRIC, -40",
  })
  void readsBothScales(String text, UnitSystem units, double celsius) {
    assertThat(Temperatures.parseC(text, units)).isEqualTo(celsius);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "hot", "1180 K", "21 50 F"})
  void refusesTheRest(String text) {
    assertThatThrownBy(() -> Temperatures.parseC(text, UnitSystem.METRIC))
        .isInstanceOf(Unreadable.class);
  }

  @Test
  void everyWholeDegreeReadsBackToTheSameBits() {
    for (int f = 1000; f <= 2700; f++) {
      double celsius = Temperatures.parseC(f + "F", UnitSystem.METRIC);
      assertThat(Temperatures.format(celsius, UnitSystem.INCH)).isEqualTo(f + "F");
      String metric = Temperatures.format(celsius, UnitSystem.METRIC);
      assertThat(Temperatures.parseC(metric, UnitSystem.INCH)).isEqualTo(celsius);
    }
    assertThat(Temperatures.format(1183.5, UnitSystem.INCH)).isEqualTo("1183.5C");
  }

  @Test
  void marksInSentencesAreShownInTheReadersUnit() {
    String sentence =
        "A bar " + Measure.mm(38.1) + " wide at " + Measure.celsius(1180) + ", $1 and \\ stay.";
    assertThat(Measure.render(sentence, q -> q.value() + " " + q.kind().mark()))
        .isEqualTo("A bar 38.1 mm wide at 1180.0 C, $1 and \\ stay.");
  }
}

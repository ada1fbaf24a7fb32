package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the table of full computations for a billet 38 high, 83 wide, 127 long, to 1200 °C. */
class SoakTest {

  private static Soak.Answer soak(double piece, double powerKw, double asked) {
    return Soak.of(new Soak.Billet(83, 38, 127, piece), 1200, powerKw, asked);
  }

  @ParameterizedTest(name = "pieces of {0} mm, {1} kW: {2} min")
  @CsvSource({"0, 100, 7.6", "0, 5, 10.2", "0, 4, 12.0", "2.4, 100, 14.9"})
  void minutesUntilTheCoreIsEven(double piece, double powerKw, double minutes) {
    assertThat(soak(piece, powerKw, 1).minutes()).isCloseTo(minutes, within(0.2 * minutes));
  }

  /** The skin of a loose stack is at heat after 7.9 minutes, and its core 190 degrees behind. */
  @Test
  void theSurfaceOfALooseStackIsNotItsCore() {
    assertThat(soak(2.4, 100, 8).coreC()).isCloseTo(1014, within(100.0));
    assertThat(soak(0, 100, 8).coreC()).isGreaterThan(1150);
  }

  @Test
  void moreSteelAndLessPowerTakeLonger() {
    double small = Soak.of(new Soak.Billet(20, 20, 100, 0), 1180, 5, 1).minutes();
    double large = Soak.of(new Soak.Billet(40, 80, 150, 0), 1180, 5, 1).minutes();
    assertThat(small).isLessThan(large);
    assertThat(Soak.of(new Soak.Billet(200, 200, 600, 0), 1180, 1, 1).minutes()).isEqualTo(240);
  }
}

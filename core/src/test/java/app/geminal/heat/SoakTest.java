package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the table of full computations for a billet 38 high, 83 wide, 127 long, to 1200 °C. */
class SoakTest {
  private static final double AIM_C = 1200;
  private static final BarHeat.Of BILLET = BarHeat.Of.solid(83, 38, 127);

  private record Times(double faceMin, double coreThenC, double evenMin) {}

  private static Times heated(BarHeat.Of of, Surroundings fire, double stepS) {
    BarHeat bar =
        new BarHeat(
            of, 20, new BarHeat.Cells(new CellGrid(6, 7, 12, false), stepS), SteelHeat.STEEL);
    double face = 0;
    double core = 0;
    double seconds = 0;
    while (seconds < 7200) {
      bar.advance(stepS, fire);
      seconds += stepS;
      if (face == 0 && bar.topSkinC(fire) >= AIM_C) {
        face = seconds / 60;
        core = bar.coreC();
      }
      if (face > 0 && bar.topSkinC(fire) - bar.coreC() <= Soak.EVEN_C) {
        return new Times(face, core, seconds / 60);
      }
    }
    throw new AssertionError("never even");
  }

  @ParameterizedTest(
      name =
          "pieces {0}, gap {1}, floor {2}, {3} kW, chamber {4}: face {5} min, core {6}, even {7}")
  @CsvSource({
    "0, 1000, false, 1000, 1260, 7.6, 1187, 7.6",
    "0, 1000, true, 1000, 1260, 10.8, 1174, 12.3",
    "0, 1000, false, 5, 1260, 10.2, 1187, 10.2",
    "0, 1000, false, 4, 1260, 12.0, 1187, 12.0",
    "0, 1000, false, 3, 1260, 15.1, 1187, 15.1",
    "0, 1000, true, 4, 1260, 13.3, 1174, 14.9",
    "2.4, 1000, false, 1000, 1260, 7.9, 1014, 14.9",
    "2.4, 3000, false, 1000, 1260, 7.8, 1135, 11.1",
    "2.4, 1000, true, 4, 1260, 10.4, 728, 23.6",
    "0, 1000, false, 1000, 1220, 10.0, 1196, 10.0",
  })
  void theTable(
      double piece,
      double gap,
      boolean floor,
      double kw,
      double chamber,
      double faceMin,
      double core,
      double evenMin) {
    Surroundings open = Surroundings.chamber(chamber).withPowerKw(kw);
    Times times =
        heated(BILLET.loose(piece).withGap(gap), floor ? open.on(FaceContact.FLOOR) : open, 2);
    assertThat(times.faceMin()).isCloseTo(faceMin, within(0.1 * faceMin));
    assertThat(times.coreThenC()).isCloseTo(core, within(0.1 * core));
    assertThat(times.evenMin()).isCloseTo(evenMin, within(0.1 * evenMin));
  }

  @ParameterizedTest(name = "{0} W/m²K: {1} min")
  @CsvSource({"150, 21.3", "200, 16.3", "250, 13.3"})
  void withOneCoefficientThroughout(double h, double minutes) {
    Surroundings fire = new Surroundings(1260, 0, h, Double.POSITIVE_INFINITY, null, null);
    assertThat(heated(BILLET, fire, 4).faceMin()).isCloseTo(minutes, within(0.05 * minutes));
  }

  /** 232 cold, 311 at 400 °C, 444 at 800 °C, 647 at 1200 °C. */
  @ParameterizedTest(name = "face at {0}: {1} W/m²K")
  @CsvSource({"20, 232", "400, 311", "800, 444", "1200, 647"})
  void radiationGrowsAsItHeats(double face, double h) {
    assertThat(Surroundings.chamber(1260).coefficient(face)).isCloseTo(h, within(0.03 * h));
  }

  private static Soak.Answer soak(double piece, double powerKw, double asked) {
    return Soak.of(BILLET.loose(piece), AIM_C, powerKw, asked);
  }

  /** What plans use has larger cells and longer steps. */
  @ParameterizedTest(name = "pieces of {0} mm, {1} kW: {2} min")
  @CsvSource({"0, 100, 7.6", "0, 5, 10.2", "0, 4, 12.0", "2.4, 100, 14.9"})
  void minutesUntilTheCoreIsEven(double piece, double powerKw, double minutes) {
    assertThat(soak(piece, powerKw, 1).minutes()).isCloseTo(minutes, within(0.1 * minutes));
  }

  /** The skin of a loose stack is at heat after 7.9 minutes, and its core 190 degrees behind. */
  @Test
  void theSurfaceOfALooseStackIsNotItsCore() {
    Soak.Answer loose = soak(2.4, 100, 8);
    assertThat(loose.coreC()).isCloseTo(1014, within(80.0));
    assertThat(loose.coreWhenSkinC()).isCloseTo(1014, within(80.0));
    assertThat(loose.skinMin()).isCloseTo(7.9, within(0.8));
    assertThat(soak(0, 100, 8).coreC()).isGreaterThan(1150);
  }

  @Test
  void weldedAndStillHotItIsReadyMuchSooner() {
    double again = Soak.again(BILLET, 900, AIM_C, 5, 1).minutes();
    assertThat(again).isLessThan(soak(2.4, 5, 1).minutes() / 2);
  }

  @Test
  void moreSteelAndLessPowerTakeLonger() {
    double small = Soak.of(BarHeat.Of.solid(20, 20, 100), 1180, 5, 1).minutes();
    double large = Soak.of(BarHeat.Of.solid(40, 80, 150), 1180, 5, 1).minutes();
    assertThat(small).isLessThan(large);
    assertThat(Soak.of(BarHeat.Of.solid(200, 200, 600), 1180, 1, 1).minutes()).isEqualTo(240);
  }
}

package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ojalgo.function.special.ErrorFunction;

/** Conduction against what can be worked out by hand, and that no heat is lost on the way. */
class BarHeatTest {
  private static final double K = 30;
  private static final double CP = 650;
  private static final double RHO = 7850;
  private static final double DIFFUSIVITY = K / (CP * RHO);

  /** The same at every temperature, as the analytic solutions want it. */
  private static final Material EVEN =
      new Material() {
        @Override
        public double conductivity(double celsius) {
          return K;
        }

        @Override
        public double capacity(double celsius) {
          return CP;
        }

        @Override
        public double content(double celsius) {
          return CP * celsius;
        }

        @Override
        public double celsius(double contentJKg) {
          return contentJKg / CP;
        }

        @Override
        public double densityKgM3() {
          return RHO;
        }
      };

  private static Surroundings convecting(double celsius, double h) {
    return new Surroundings(celsius, 0, h, Double.POSITIVE_INFINITY, null, null);
  }

  private static BarHeat bar(BarHeat.Of of, int cells, boolean mirrored, double stepS) {
    return new BarHeat(
        of, 20, new BarHeat.Cells(new CellGrid(cells, cells, cells, mirrored), stepS), EVEN);
  }

  /** (T − T∞)/(T₀ − T∞) in the middle of a slab of half thickness {@code l}, by its series. */
  private static double slabMiddle(double halfM, double h, double seconds) {
    double biot = h * halfM / K;
    double fourier = DIFFUSIVITY * seconds / (halfM * halfM);
    double sum = 0;
    for (int n = 0; n < 60; n++) {
      double low = n * Math.PI;
      double high = low + Math.PI / 2;
      for (int i = 0; i < 100; i++) {
        double middle = (low + high) / 2;
        if (middle * Math.tan(middle) < biot) {
          low = middle;
        } else {
          high = middle;
        }
      }
      double z = (low + high) / 2;
      sum += 4 * Math.sin(z) / (2 * z + Math.sin(2 * z)) * Math.exp(-z * z * fourier);
    }
    return sum;
  }

  /** Three slabs crossed: a block's middle is the product of theirs. Biot 0.4 and more. */
  private static double blockMiddle(double h, double seconds) {
    return slabMiddle(0.05, h, seconds)
        * slabMiddle(0.04, h, seconds)
        * slabMiddle(0.02, h, seconds);
  }

  /** Of the first cell's middle, which is half a cell from the bar's. */
  private static double errorC(int cells, double stepS) {
    BarHeat bar = bar(BarHeat.Of.solid(80, 40, 100), cells, true, stepS);
    bar.advance(240, convecting(1220, 600));
    double exact = 1220 - 1200 * blockMiddle(600, 240);
    return Math.abs(bar.coreC() - exact);
  }

  @Test
  void aBlockHeatsAsThreeSlabsCrossed() {
    assertThat(errorC(16, 0.5)).isLessThan(2);
  }

  /**
   * Cells half as large and steps a quarter as long: a quarter of the error, which is second order
   * in space and first in time.
   */
  @Test
  void halfTheCellAndAQuarterOfTheStepIsAQuarterOfTheError() {
    double coarse = errorC(4, 8);
    double middle = errorC(8, 2);
    double fine = errorC(16, 0.5);
    assertThat(Math.log(coarse / middle) / Math.log(2)).isBetween(1.7, 2.5);
    assertThat(Math.log(middle / fine) / Math.log(2)).isBetween(1.8, 2.2);
  }

  /** Under a face held at 1000 °C, before the other side knows: 1 − erf(x / 2√(αt)). */
  @ParameterizedTest(name = "{0} mm deep after {1} s")
  @CsvSource({"2, 5", "5, 5", "5, 20", "10, 20", "15, 30"})
  void heatDiffusesInByTheErrorFunction(double depthMm, double seconds) {
    BarHeat bar =
        new BarHeat(
            new BarHeat.Of(400, 200, 400, 0, 1),
            20,
            new BarHeat.Cells(new CellGrid(1, 1, 400, false), 0.05),
            EVEN);
    bar.advance(seconds, convecting(20, 0).between(new FaceContact(1000, 1e8)));
    double exact =
        1000 - 980 * ErrorFunction.erf(depthMm / 1000 / (2 * Math.sqrt(DIFFUSIVITY * seconds)));
    assertThat(bar.underTopC(depthMm)).isCloseTo(exact, within(1.5));
  }

  /** A thin plate in a soft wind is one temperature: an exponential. */
  @Test
  void aThinPlateIsOneLump() {
    BarHeat bar = bar(BarHeat.Of.solid(200, 2, 200), 3, false, 0.1);
    bar.advance(300, convecting(1000, 20));
    double areaPerVolume = 2 / 0.002 + 2 / 0.2 + 2 / 0.2;
    double exact = 1000 - 980 * Math.exp(-20 * areaPerVolume * 300 / (RHO * CP));
    assertThat(bar.meanC()).isCloseTo(exact, within(0.5));
    assertThat(bar.topSkinC(convecting(1000, 20)) - bar.coreC()).isLessThan(1);
  }

  /** Radiating alone into the cold: 1/T³ − 1/T₀³ = 3εσAt/(ρcV). */
  @Test
  void aGlowingPlateCoolsByTheFourthPower() {
    BarHeat bar =
        new BarHeat(
            BarHeat.Of.solid(300, 2, 300),
            1200,
            new BarHeat.Cells(new CellGrid(1, 1, 2, false), 0.05),
            EVEN);
    bar.advance(20, new Surroundings(-50, 0.8, 0, Double.POSITIVE_INFINITY, null, null));
    double areaPerVolume = 2 / 0.002 + 4 / 0.3;
    double cubed = Math.pow(1473.15, -3) + 3 * 0.8 * 5.670374e-8 * areaPerVolume * 20 / (RHO * CP);
    // The room is not at absolute zero; at -50 °C it sends back under 0.2 % of what leaves.
    assertThat(bar.meanC() + 273.15).isCloseTo(Math.pow(cubed, -1.0 / 3), within(2.5));
  }

  /** What went in through the faces is what is there, through the change to austenite and back. */
  @ParameterizedTest(name = "mirrored {0}, pieces of {1} mm, {2} kW")
  @CsvSource({"true, 0, 1000", "false, 0, 4", "false, 2.4, 1000", "true, 2.4, 3"})
  void noHeatIsLost(boolean mirrored, double pieceMm, double powerKw) {
    BarHeat.Of of = BarHeat.Of.solid(83, 38, 127).loose(pieceMm);
    BarHeat bar =
        new BarHeat(
            of, 20, new BarHeat.Cells(new CellGrid(4, 5, 6, mirrored), 0.05), SteelHeat.STEEL);
    Surroundings fire = Surroundings.chamber(1260).withPowerKw(powerKw);
    List<Double> watts = new ArrayList<>();
    double before = bar.meanContent();
    for (int i = 0; i < 6000; i++) {
      watts.add(bar.intakeW(fire));
      bar.advance(0.05, fire);
    }
    double gained = (bar.meanContent() - before) * bar.kg();
    double went = watts.stream().mapToDouble(w -> w * 0.05).sum();
    assertThat(went).isCloseTo(gained, within(0.003 * gained));
    assertThat(watts.stream().mapToDouble(w -> w).max().orElseThrow())
        .isLessThanOrEqualTo(powerKw * 1000 + 1e-6);
  }

  @Test
  void shutInItKeepsWhatItHasToTheLastJoule() {
    BarHeat bar = new BarHeat(BarHeat.Of.solid(40, 40, 100), 20);
    bar.advance(200, Surroundings.chamber(1200));
    double heat = bar.meanContent();
    double uneven = bar.topSkinC(Surroundings.air()) - bar.coreC();
    bar.advance(600, new Surroundings(20, 0, 0, 0, FaceContact.FLOOR, FaceContact.FLOOR));
    assertThat(bar.meanContent()).isCloseTo(heat, within(1e-9 * heat));
    assertThat(bar.topSkinC(convecting(20, 0)) - bar.coreC()).isLessThan(uneven / 10);
  }

  @Test
  void turnedOverTheColdSideLiesUp() {
    BarHeat bar = new BarHeat(BarHeat.Of.solid(40, 40, 100), 20);
    Surroundings fire = Surroundings.chamber(1200).on(FaceContact.FLOOR);
    bar.advance(200, fire);
    double top = bar.topSkinC(fire);
    bar.turnedOver();
    assertThat(bar.topSkinC(fire)).isLessThan(top - 50);
    bar.turnedOver();
    assertThat(bar.topSkinC(fire)).isEqualTo(top);
  }

  @Test
  void aCopyIsIndependent() {
    BarHeat bar = new BarHeat(BarHeat.Of.solid(40, 40, 100), 20);
    BarHeat later = bar.copy();
    later.advance(300, Surroundings.chamber(1200));
    assertThat(bar.coreC()).isEqualTo(20);
    assertThat(later.coreC()).isGreaterThan(500);
  }

  /** 815 kJ/kg from cold to 1200 °C, and there and back again. */
  @Test
  void steelHoldsWhatTheTablesSay() {
    SteelHeat steel = SteelHeat.STEEL;
    assertThat((steel.content(1200) - steel.content(20)) / 1000).isCloseTo(815, within(12.0));
    for (double c = -20; c < 1690; c += 7) {
      assertThat(steel.celsius(steel.content(c))).isCloseTo(c, within(0.5));
    }
  }
}

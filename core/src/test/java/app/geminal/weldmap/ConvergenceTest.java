package app.geminal.weldmap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.weld.AtmosphereProtection;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Half as large patches and half as long steps change what is bonded by less than two points. */
class ConvergenceTest {
  private static final PatchGrid FINE = new PatchGrid(16, 8, 2);

  static Stream<WeldSetup> twentyCases() {
    return Stream.of(AtmosphereProtection.values())
        .flatMap(protection ->
            Stream.of(1130.0, 1150.0, 1170.0, 1190.0, 1230.0)
                .map(chamberC ->
                    Setups.with(
                        Setups.with(
                            Setups.with(Setups.sealed(), Setups.faces(protection)),
                            Setups.fire(chamberC, 15.0, 6.0)),
                        Setups.squeeze(
                            0.04,
                            Bite.fromTheMiddle(3, 60, Setups.LENGTH_MM).toArray(Bite[]::new)))));
  }

  private static double bonded(WeldSetup setup, PatchGrid grid) {
    return WeldMap.of(List.of(setup), Sample.ensemble(), grid).joints().stream()
        .flatMap(j -> j.patches().stream())
        .mapToDouble(WeldMap.Patch::chance)
        .average()
        .orElseThrow();
  }

  @ParameterizedTest
  @MethodSource("twentyCases")
  void finerChangesLittle(WeldSetup setup) {
    double usual = bonded(setup, PatchGrid.USUAL);
    assertThat(usual).isCloseTo(bonded(setup, FINE), within(0.02));
  }
}

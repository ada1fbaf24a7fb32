package app.geminal.server.steel;

import static app.geminal.server.steel.OwnSteelDocument.KNOWN;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.stored.DocumentChecks;
import app.geminal.steel.Composition;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.Quench;
import app.geminal.steel.StockTest;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Steels of the shop's own, as they are stored. */
class OwnSteelDocumentTest {
  private static final List<OwnSteel> SAMPLES =
      List.of(
          new OwnSteel(
              "barge-spring",
              "Leaf spring of the barge Teasel",
              OwnSteel.Origin.RECLAIMED,
              Optional.of("5160"),
              new Composition(0.5, 0.6, 0.65, 0.9, 0.25, 0, 0.8, 0, 0, 0, 0.1, 0.02),
              List.of(
                  new StockTest(StockTest.Kind.SPARK, "like 5160", OptionalDouble.of(0.6)),
                  new StockTest(StockTest.Kind.FILE, "skates", OptionalDouble.empty())),
              OwnSteel.Given.nothing()),
          new OwnSteel(
              "C70cert",
              "C70, with its certificate",
              OwnSteel.Origin.CERTIFICATE,
              Optional.of("1075"),
              Composition.of(0.7, 0.6, 0.2, 0, 0),
              List.of(),
              new OwnSteel.Given(
                  OptionalDouble.of(1385),
                  OptionalDouble.of(1100),
                  OptionalDouble.of(1250),
                  OptionalDouble.of(800),
                  OptionalDouble.of(830),
                  Optional.of(Quench.FAST_OIL),
                  OptionalDouble.of(0.2))));

  @Test
  void comesBackAsItWas() {
    DocumentChecks.comesBack(KNOWN, SAMPLES);
  }

  @Test
  void isReadAsTheCoreItselfWasStored() {
    DocumentChecks.readsWhatRecordsWere(KNOWN, SAMPLES);
  }

  @Test
  void isReadOrRefusedHoweverItIsChangedAndLosesNothing() {
    assertThat(DocumentChecks.withstands(KNOWN, SAMPLES, 3000, 5)).isBetween(700, 2980);
  }

  /** What nothing is said of is not in it, and carbon known as one figure has no width. */
  @Test
  void aShortCompositionIsMeantAsWritten() {
    OwnSteel steel =
        KNOWN.read(
            """
            {"id": "wire", "name": "Wire", "origin": "COMPOSITION",
             "composition": {"carbon": 0.7, "manganese": 1}}\
            """,
            1);
    assertThat(steel.composition())
        .isEqualTo(new Composition(0.7, 0.7, 0.7, 1, 0, 0, 0, 0, 0, 0, 0, 0));
    assertThat(steel.given()).isEqualTo(OwnSteel.Given.nothing());
  }
}

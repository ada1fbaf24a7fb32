package app.geminal;

import app.geminal.steel.Composition;
import app.geminal.steel.Confidence;
import app.geminal.steel.Figure;
import app.geminal.steel.Hardening;
import app.geminal.steel.Quench;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import java.util.List;
import java.util.Optional;

/**
 * A few steels for tests: D dark, B bright, M mild, Cu melts far below the others, Hot welds far
 * above them, Iron is wrought iron, Cr stainless.
 */
public final class TestSteels {
  public static final Steel D =
      steel("D", Composition.of(0.75, 0.55, 0.2, 0, 0), 7850, 0.15, 1378, 1100, 1280, true);
  public static final Steel B =
      steel("B", Composition.of(0.75, 0.4, 0.25, 2, 0), 7860, 0.85, 1374, 1110, 1270, true);
  public static final Steel M =
      steel("M", Composition.of(0.2, 0.75, 0.2, 0, 0), 7870, 0.55, 1478, 1150, 1340, false);
  public static final Steel CU =
      steel(
          "Cu",
          new Composition(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 99.9, 0),
          8930,
          0.5,
          1065,
          950,
          1040,
          false);
  public static final Steel HOT =
      steel("Hot", Composition.of(0.05, 0.3, 0.1, 0, 0), 7870, 0.6, 1510, 1290, 1390, false);
  public static final Steel IRON =
      steel("Iron", Composition.of(0.04, 0.03, 0.12, 0, 0), 7700, 0.48, 1470, 1180, 1380, false);
  public static final Steel CR =
      steel("Cr", Composition.of(0.2, 0.8, 0.5, 0, 13), 7730, 0.86, 1430, 1120, 1240, true);
  public static final Steels ALL = Steels.of(List.of(D, B, M, CU, HOT, IRON, CR));

  private TestSteels() {}

  private static Steel steel(
      String id,
      Composition composition,
      double density,
      double tone,
      double solidus,
      double lo,
      double hi,
      boolean hardens) {
    return new Steel(
        id,
        "test steel " + id,
        "",
        "test",
        composition,
        Figure.typical(solidus, 20, "test"),
        Optional.empty(),
        Optional.of(new WeldWindow(lo, hi)),
        hardens
            ? Optional.of(
                new Hardening(
                    800,
                    830,
                    Quench.FAST_OIL,
                    Quench.FAST_OIL,
                    false,
                    0.73,
                    Figure.typical(200, 25, "test"),
                    Figure.typical(65, 2, "test"),
                    Optional.empty()))
            : Optional.empty(),
        Optional.empty(),
        Figure.typical(density, 20, "test"),
        Figure.typical(11.4, 0.3, "test"),
        Figure.typical(14.2, 0.5, "test"),
        Figure.typical(tone, 0.15, "test"),
        "",
        1,
        "",
        false,
        Confidence.HIGH);
  }
}

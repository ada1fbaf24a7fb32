package app.geminal;

import app.geminal.steel.Confidence;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import java.util.List;
import java.util.Optional;

/** A few steels for tests: D dark, B bright, M a third, Cu melts far below the others. */
public final class TestSteels {
  public static final Steel D = steel("D", 0.75, 7850, 0.15, 1378, 1100, 1280);
  public static final Steel B = steel("B", 0.75, 7860, 0.85, 1374, 1110, 1270);
  public static final Steel M = steel("M", 0.2, 7870, 0.55, 1478, 1150, 1340);
  public static final Steel CU = steel("Cu", 0, 8930, 0.5, 1065, 950, 1040);
  public static final Steels ALL = Steels.of(List.of(D, B, M, CU));

  private TestSteels() {}

  private static Steel steel(
      String id, double carbon, double density, double tone, double solidus, double lo, double hi) {
    return new Steel(
        id,
        "test steel " + id,
        "test",
        carbon,
        density,
        tone,
        solidus,
        Optional.of(new WeldWindow(lo, hi)),
        Confidence.HIGH);
  }
}

package app.geminal.server;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;

/** Tests that share one demo shop, started for the class. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
public abstract class ShopTest {
  protected TestShop shop;
  protected Visitor smith;

  /** A plan of two restacks: 15 × 4 × 3 pieces. */
  protected static final String PLAN =
      """
      {"stack": {"pieces": [
          {"steel": "1075", "thicknessMm": 2.38125},
          {"steel": "15N20", "thicknessMm": 1.5875},
          {"steel": "1075", "thicknessMm": 2.38125}],
        "widthMm": 38.1, "lengthMm": 149.225},
       "steps": [
        {"key": "a", "operation": {"kind": "set", "heats": 3, "reduction": 0.08,
          "temperatureC": 1176.6666666666667, "soakMin": 15, "protection": "DRY", "tack": "SIDES",
          "jacket": "BEAD", "tool": "FLAT", "bites": 0}},
        {"key": "b", "operation": {"kind": "draw", "widthMm": 38.1, "heightMm": 3.175, "heats": 3,
          "tool": "ROUND"}},
        {"key": "c", "operation": {"kind": "cut", "pieces": 4, "kerfMm": 1.6, "eachMm": 0}},
        {"key": "d", "operation": {"kind": "restack", "turns": ["SAME"], "between": [],
          "faceGrindMm": 0}}]}
      """;

  @BeforeAll
  void open() {
    shop = TestShop.demo(settings());
    smith = shop.smith();
  }

  protected String[] settings() {
    return new String[0];
  }

  @AfterAll
  void close() {
    shop.close();
  }
}

package app.geminal.cli;

import app.geminal.shop.Outfit;
import app.geminal.shop.Shop;
import app.geminal.units.UnitSystem;
import picocli.CommandLine.Option;

/** What every command that works with plans is asked: units, and whose shop it is. */
final class Habits {
  @Option(names = "--inch", description = "Read and show inches and °F where no unit is given.")
  private boolean inch;

  @Option(
      names = "--outfit",
      description = "The shop to reckon with: ${COMPLETION-CANDIDATES} (${DEFAULT-VALUE}).")
  private Outfit outfit = Outfit.GAS_AND_PRESS;

  UnitSystem units() {
    return inch ? UnitSystem.INCH : UnitSystem.METRIC;
  }

  Shop shop() {
    return outfit.shop();
  }
}

package app.geminal.cli;

import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import picocli.CommandLine.Option;

/** What every command that works with plans is asked: units, and whose shop it is. */
final class PlanOptions {
  @Option(names = "--inch")
  private boolean inch;

  @Option(names = "--outfit")
  private ShopPreset preset = ShopPreset.GAS_AND_PRESS;

  /** As they are shown. */
  Units reader() {
    return inch ? Units.US : Units.METRIC;
  }

  /** Meant where none is written. */
  UnitSystem units() {
    return inch ? UnitSystem.INCH : UnitSystem.METRIC;
  }

  Shop shop() {
    return preset.shop();
  }
}

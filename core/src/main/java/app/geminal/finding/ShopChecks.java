package app.geminal.finding;

import app.geminal.shop.Shop;
import app.geminal.units.Quantity;
import java.util.List;

/** Checks of the shop itself. They hold for every plan, so no plan repeats them. */
public final class ShopChecks {
  private ShopChecks() {}

  /** What is found, at stage 0. */
  public static List<Finding> of(Shop shop) {
    return shop.forge().gaugeOffsetC() == null
        ? List.of(
            Finding.of(FindingKind.GAUGE_NOT_CALIBRATED, Severity.NOTE, 0)
                .figures("low", Quantity.degrees(50), "high", Quantity.degrees(100))
                .found())
        : List.of();
  }
}

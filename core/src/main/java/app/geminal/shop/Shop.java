package app.geminal.shop;

import app.geminal.validation.Require;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * One smith's shop.
 *
 * @param forge what heats
 * @param press null where there is none
 * @param hammer null where there is none
 * @param mill null where there is none
 * @param defaults habits
 * @param limits where checks draw the line
 * @param taskTimes how long its work takes
 * @param hourPrice what an hour of the smith's time is worth, in the shop's own money; 0 to 10 000
 */
public record Shop(
    Forge forge,
    @Nullable Press press,
    @Nullable Hammer hammer,
    @Nullable Mill mill,
    ShopDefaults defaults,
    Limits limits,
    TaskTimes taskTimes,
    double hourPrice) {

  /** Checks every field. */
  public Shop {
    Require.present("forge", forge);
    Require.present("defaults", defaults);
    Require.present("limits", limits);
    Require.present("taskTimes", taskTimes);
    Require.number("hourPrice", hourPrice, 0, 10_000);
  }

  /** Where a shop starts before it has said anything. */
  public static Shop common() {
    return ShopPreset.GAS_AND_PRESS.shop();
  }

  /** The same shop with other habits. */
  public Shop withDefaults(ShopDefaults newDefaults) {
    return new Shop(forge, press, hammer, mill, newDefaults, limits, taskTimes, hourPrice);
  }

  /** The same shop with another forge. */
  public Shop withForge(Forge newForge) {
    return new Shop(newForge, press, hammer, mill, defaults, limits, taskTimes, hourPrice);
  }

  /** The same shop with another press, or none. */
  public Shop withPress(@Nullable Press newPress) {
    return new Shop(forge, newPress, hammer, mill, defaults, limits, taskTimes, hourPrice);
  }

  /** The same shop with other limits. */
  public Shop withLimits(Limits newLimits) {
    return new Shop(forge, press, hammer, mill, defaults, newLimits, taskTimes, hourPrice);
  }

  /** Largest height that fits under a tool, mm; empty where the shop has no such tool. */
  public OptionalDouble roomMm(Tool tool) {
    return switch (tool) {
      case FLAT, ROUND ->
          press == null ? OptionalDouble.empty() : OptionalDouble.of(press.daylightMm());
      case HAMMER ->
          hammer == null ? OptionalDouble.empty() : OptionalDouble.of(hammer.highestMm());
      case MILL -> mill == null ? OptionalDouble.empty() : OptionalDouble.of(mill.openingMm());
    };
  }
}

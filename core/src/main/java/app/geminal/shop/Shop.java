package app.geminal.shop;

import app.geminal.check.Require;
import org.jspecify.annotations.Nullable;

/**
 * One smith's shop.
 *
 * @param forge what heats
 * @param press null where there is none
 * @param hammer null where there is none
 * @param mill null where there is none
 * @param practice habits
 * @param limits where checks draw the line
 * @param hourPrice what an hour of the smith's time is worth, in the shop's own money; 0 to 10 000
 */
public record Shop(
    Forge forge,
    @Nullable Press press,
    @Nullable Hammer hammer,
    @Nullable Mill mill,
    Practice practice,
    Limits limits,
    double hourPrice) {

  /** Checks every field. */
  public Shop {
    Require.present("forge", forge);
    Require.present("practice", practice);
    Require.present("limits", limits);
    Require.number("hourPrice", hourPrice, 0, 10_000, "");
  }

  /** Where a shop starts before it has said anything. */
  public static Shop common() {
    return Outfit.GAS_AND_PRESS.shop();
  }

  /** The same shop with other habits. */
  public Shop withPractice(Practice newPractice) {
    return new Shop(forge, press, hammer, mill, newPractice, limits, hourPrice);
  }

  /** The same shop with another forge. */
  public Shop withForge(Forge newForge) {
    return new Shop(newForge, press, hammer, mill, practice, limits, hourPrice);
  }

  /** The same shop with another press, or none. */
  public Shop withPress(@Nullable Press newPress) {
    return new Shop(forge, newPress, hammer, mill, practice, limits, hourPrice);
  }

  /** The same shop with other limits. */
  public Shop withLimits(Limits newLimits) {
    return new Shop(forge, press, hammer, mill, practice, newLimits, hourPrice);
  }
}

package app.geminal.schedule;

import app.geminal.heat.Diffusion;
import app.geminal.layup.Stack;
import app.geminal.shop.Forge;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;
import java.time.Duration;

/**
 * The limits a schedule must keep to; those of the shop until they are changed for one question.
 *
 * @param tallestMm highest stack or block; 1 to 2000
 * @param longestMm longest bar; 10 to 3000
 * @param heaviestKg all the steel used; 0.1 to 500
 * @param shortestMm shortest piece cut; 0 to 1000
 * @param outerLayerMm least left of an outer layer where a joint face was ground; 0 takes what
 *     comes, whole layers gone included; to 50
 * @param wideMm wider way of door and chamber; 1 to 5000
 * @param highMm narrower way of door and chamber; 1 to 5000
 * @param coarsePercent most of the finished height in sheets over four times as thick as the layers
 *     round them, %; 0 to 100
 * @param finestMm least thickness of the finished bar's layers, those apart that lie at a ground
 *     face; 0 to 10
 * @param forceKn what the press gives; 0 to 100 000, and 0 where nothing is pressed
 */
public record SearchLimits(
    double tallestMm,
    double longestMm,
    double heaviestKg,
    double shortestMm,
    double outerLayerMm,
    double wideMm,
    double highMm,
    double coarsePercent,
    double finestMm,
    double forceKn) {
  /** What a pattern bears before the eye sees bands and not layers; craft judgement. */
  public static final double USUAL_COARSE_PERCENT = 15;

  /**
   * What a bar spends near welding heat once it is nearly as thin as it ends; craft judgement. The
   * heats before find its layers several times as thick, and hardly count.
   */
  private static final long USUAL_HOT_MIN = 10;

  /** Checks every field. */
  public SearchLimits {
    Require.quantity(QuantityKind.LENGTH, "tallestMm", tallestMm, 1, 2000);
    Require.quantity(QuantityKind.LENGTH, "longestMm", longestMm, 10, Stack.LONGEST_MM);
    Require.quantity(QuantityKind.MASS, "heaviestKg", heaviestKg, 0.1, 500);
    Require.lengthUpTo("shortestMm", shortestMm, 1000);
    Require.lengthUpTo("outerLayerMm", outerLayerMm, 50);
    Require.quantity(QuantityKind.LENGTH, "wideMm", wideMm, 1, 5000);
    Require.quantity(QuantityKind.LENGTH, "highMm", highMm, 1, 5000);
    Require.percent("coarsePercent", coarsePercent, 0, 100);
    Require.quantity(QuantityKind.LENGTH, "finestMm", finestMm, 0, 10);
    Require.quantity(QuantityKind.FORCE, "forceKn", forceKn, 0, 100_000);
  }

  /** What this shop can do. */
  public static SearchLimits of(Shop shop) {
    Forge forge = shop.forge();
    Press press = shop.press();
    Tool tool = shop.defaults().setTool();
    double room = shop.roomMm(tool).orElse(shop.limits().tallestStackMm());
    double longest = Math.min(Stack.LONGEST_MM, shop.limits().longestBarMm());
    return new SearchLimits(
        Math.min(shop.limits().tallestStackMm(), room),
        forge.openEnds() ? longest : Math.min(longest, 2 * forge.lengthMm()),
        shop.limits().heaviestKg(),
        shop.limits().shortestPieceMm(),
        0,
        forge.takesWideMm(),
        forge.takesHighMm(),
        USUAL_COARSE_PERCENT,
        usualFinestMm(shop),
        press == null ? 0 : press.forceKn());
  }

  /** In whole tenths of a micrometre, so that it reads as a figure that was chosen. */
  private static double usualFinestMm(Shop shop) {
    double evenedMm =
        Diffusion.Element.NICKEL.evenedMm(
            shop.defaults().weldTemperatureC(), Duration.ofMinutes(USUAL_HOT_MIN));
    return Math.ceil(evenedMm * 10_000) / 10_000;
  }

  /** Where one limit is; the finished length is the question's, not ours. */
  public double at(Limit limit) {
    return switch (limit) {
      case TALLEST -> tallestMm;
      case LONGEST -> longestMm;
      case HEAVIEST -> heaviestKg;
      case SHORTEST -> shortestMm;
      case OUTER_LAYER -> outerLayerMm;
      case WIDE -> wideMm;
      case HIGH -> highMm;
      case COARSE -> coarsePercent;
      case FINEST -> finestMm;
      case FORCE -> forceKn;
      case LENGTH ->
          throw new IllegalArgumentException("The finished length is not one of these limits.");
    };
  }

  /** The same with one limit moved; the finished length stays. */
  public SearchLimits with(Limit limit, double to) {
    return new SearchLimits(
        limit == Limit.TALLEST ? to : tallestMm,
        limit == Limit.LONGEST ? to : longestMm,
        limit == Limit.HEAVIEST ? to : heaviestKg,
        limit == Limit.SHORTEST ? to : shortestMm,
        limit == Limit.OUTER_LAYER ? to : outerLayerMm,
        limit == Limit.WIDE ? to : wideMm,
        limit == Limit.HIGH ? to : highMm,
        limit == Limit.COARSE ? to : coarsePercent,
        limit == Limit.FINEST ? to : finestMm,
        limit == Limit.FORCE ? to : forceKn);
  }
}

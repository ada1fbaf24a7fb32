package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.layup.Laid;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One kind of step. A new kind is a new record here, and the compiler names every place to correct.
 * Each record holds its own rules together: what becomes of sizes and steel, of the layers on the
 * counting lines, and by which changes of shape, so that every place can be followed both ways.
 */
public sealed interface Operation
    permits SetWeld,
        Heated,
        Trim,
        Grind,
        Cut,
        SetAside,
        Scrap,
        Watch,
        Restack,
        Fold,
        FourWay,
        ForgedSurface,
        Sandwich,
        LayUp,
        Blade {

  /**
   * What becomes of the bars.
   *
   * @param bars as they are before the step; at least one, and no finished blade
   * @param bench the shop's habits, for what the step itself does not say, and the parts at hand
   */
  OperationResult applyTo(Bars bars, OperationContext bench);

  /** What is laid to the bars, by the name of the field that says so. */
  default Map<String, List<? extends Laid>> laid() {
    return Map.of();
  }

  /** Whether the step needs square-edged bars: a round one rolls away under it. */
  default boolean needsSquare() {
    return true;
  }

  /** Scale or jacket off every face before the bar is shaped, mm. */
  default double skinMm(ShopDefaults defaults) {
    return 0;
  }

  /** Whether what is in the middle of a bar is still in the middle of it, level, afterwards. */
  default boolean keepsTheMiddle() {
    return true;
  }

  /**
   * Why a bar shows as many layers as it does after this step, which laid faces together.
   *
   * @throws IllegalStateException where it lays none
   */
  default Message whyCounted(Laying laid) {
    throw new IllegalStateException("No faces are laid together in this step.");
  }

  /**
   * What it asks of forge and press; empty where the bar stays cold.
   *
   * @param before the bars before it
   */
  default Optional<HotWork> hotWork(Bars before, ShopDefaults defaults) {
    return Optional.empty();
  }
}

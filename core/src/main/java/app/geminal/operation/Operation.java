package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.layup.Laid;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A step. Each kind is a record that holds its own rules together: what becomes of sizes and steel,
 * of the layers on the counting lines, by which changes of shape, so that every place can be
 * followed both ways, and what it asks of forge, saw and smith. Everything else asks these
 * questions and knows no kinds.
 */
public interface Operation {

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

  /**
   * How often what is laid to the bars is taken from stock.
   *
   * @param field of {@link #laid}
   * @param bars at hand
   */
  default int timesLaid(String field, int bars) {
    return bars;
  }

  /** Whether what is laid to the bars is cladding round a core. */
  default boolean cladsACore() {
    return false;
  }

  /** Whether all joints must be set and all voids closed before it. */
  default boolean needsSolidBars() {
    return true;
  }

  /** Faces of the bars at hand that it lays together; empty where it lays none. */
  default Optional<Meeting> meeting() {
    return Optional.empty();
  }

  /** Faces that are bright after it. */
  default Set<BarFace> brightens() {
    return Set.of();
  }

  /**
   * How much an uneven surface still has to lose until it is flat, both faces, mm.
   *
   * @param beforeMm the same before it
   */
  default double unevenMm(double beforeMm) {
    return beforeMm;
  }

  /** Whether the bar is held over its corners in it. */
  default boolean isHeldOverCorners() {
    return false;
  }

  /** Whether it is easier with two people: one holds, one turns. */
  default boolean wantsTwoPeople() {
    return false;
  }

  /** Time it gives the steel in the fire; empty where the bar stays cold. */
  default Optional<AtHeat> atHeat(ShopDefaults defaults) {
    return Optional.empty();
  }

  /** What of it takes a smith's time. */
  default Work work() {
    return Work.NONE;
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

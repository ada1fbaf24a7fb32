package app.geminal.bar;

import app.geminal.layers.LayerSequence;
import app.geminal.ledger.Amount;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * One bar or several equal ones. x runs along the length, y across the width, z through the layers.
 *
 * @param count how many; 0 when all went elsewhere, to 10 000
 * @param lengthMm of each
 * @param section of each, without its voids
 * @param shopCount layers of each as counted at the saw: pieces, times the bars stacked at each
 *     restack, whatever merges
 * @param loose whether a joint has been laid and not welded yet
 * @param fill part of the height that is steel and not void: 1 for a solid bar, less for cable and
 *     chain until welding has closed them
 * @param form square-edged, round or a blade
 * @param boxShare steel in the box of width, solid height and length: 1 for a bar, π/4 for a round
 */
public record Bars(
    int count,
    double lengthMm,
    Section section,
    long shopCount,
    boolean loose,
    double fill,
    Form form,
    double boxShare) {
  /** More layers than anyone can mean: at 0.001 mm each a bar 10 m high. */
  public static final long MOST_LAYERS = 10_000_000;

  private static final int MOST_BARS = 10_000;

  /** Refuses absurd counts; sizes are the operations' business. */
  public Bars {
    if (shopCount > MOST_LAYERS) {
      throw new InvalidValue(
          "", BarText.TOO_MANY_LAYERS.with("layers", shopCount, "most", MOST_LAYERS));
    }
    Require.count("", count, 0, MOST_BARS);
    // What is left of rounding is no void.
    fill = fill > 1 - 1e-9 ? 1 : fill;
  }

  /** Solid square-edged bars with flat layers. */
  public static Bars level(
      int count,
      double widthMm,
      double lengthMm,
      LayerSequence layers,
      long shopCount,
      boolean loose) {
    return new Bars(
        count, lengthMm, Section.level(layers, widthMm), shopCount, loose, 1, Form.BAR, 1);
  }

  /** Width of each bar, mm. */
  public double widthMm() {
    return section.widthMm();
  }

  /** Height of each bar with its voids, mm. */
  public double heightMm() {
    return section.heightMm() / fill;
  }

  /** The layers a smith counts; see {@link Section#counted}. */
  public LayerSequence layers() {
    return section.counted();
  }

  /** Layers of each bar the eye can distinguish along the counting line. */
  public long visibleCount() {
    return layers().visibleCount();
  }

  /** Broad face of each bar, mm². */
  public double faceMm2() {
    return widthMm() * lengthMm;
  }

  /** Whether voids are left in it. */
  public boolean hasVoids() {
    return fill < 1;
  }

  /** The steel in all the bars. */
  public Amount amount() {
    return Amount.ofLayers(section.areaBySteel(), lengthMm * boxShare).times(count);
  }

  /**
   * Solid square bars of another section and the length that keeps their volume; layers thin or
   * thicken alike.
   */
  public Bars reshaped(double newWidthMm, double newHeightMm) {
    return new Bars(
        count,
        lengthAsMm(newWidthMm, newHeightMm),
        section.resized(newWidthMm, newHeightMm),
        shopCount,
        loose,
        1,
        Form.BAR,
        1);
  }

  /** Length of solid square bars of another section that keeps their volume, mm. */
  public double lengthAsMm(double newWidthMm, double newHeightMm) {
    double solid = widthMm() * section.heightMm() * boxShare * lengthMm;
    return solid / (newWidthMm * newHeightMm);
  }

  /** The same bars with another section of the same kind of steel; the length stays. */
  public Bars withSection(Section newSection) {
    return new Bars(count, lengthMm, newSection, shopCount, loose, fill, form, boxShare);
  }

  /** The same bars, shorter or longer. */
  public Bars withLength(double newLengthMm) {
    return new Bars(count, newLengthMm, section, shopCount, loose, fill, form, boxShare);
  }

  /** So many of the same bars. */
  public Bars times(int newCount) {
    return new Bars(newCount, lengthMm, section, shopCount, loose, fill, form, boxShare);
  }

  /** The same bars with {@code mm} gone from one side; from top or bottom as it is, voids in. */
  public Bars without(Side side, double mm) {
    boolean upright = side == Side.BOTTOM || side == Side.TOP;
    return withSection(section.without(side, upright ? mm * fill : mm));
  }

  /** The same bars, their joints welded. */
  public Bars welded() {
    return new Bars(count, lengthMm, section, shopCount, false, fill, form, boxShare);
  }

  /** The same bars with joints that are laid and not welded. */
  public Bars laid(long newShopCount) {
    return new Bars(count, lengthMm, section, newShopCount, true, fill, form, boxShare);
  }

  /** The same bars with another part of their height steel. */
  public Bars withFill(double newFill) {
    return new Bars(count, lengthMm, section, shopCount, loose, newFill, form, boxShare);
  }

  /** The same bars in another shape that holds {@code newBoxShare} of its box. */
  public Bars withForm(Form newForm, double newBoxShare) {
    return new Bars(count, lengthMm, section, shopCount, loose, fill, newForm, newBoxShare);
  }
}

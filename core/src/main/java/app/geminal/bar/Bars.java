package app.geminal.bar;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.layers.Face;
import app.geminal.layers.LayerSequence;
import app.geminal.ledger.Amount;

/**
 * One bar or several equal ones. x runs along the length, y across the width, z through the layers.
 *
 * @param count how many; 1 to 10 000
 * @param widthMm of each
 * @param lengthMm of each
 * @param layers of each, bottom to top; their thickness is the bar's height
 * @param shopCount layers of each as counted at the saw: pieces, times the bars stacked at each
 *     restack, whatever merges
 * @param loose whether a joint has been laid and not welded yet
 */
public record Bars(
    int count,
    double widthMm,
    double lengthMm,
    LayerSequence layers,
    long shopCount,
    boolean loose) {
  /** More layers than anybody can mean: at 0.001 mm each a bar 10 m high. */
  public static final long MOST_LAYERS = 10_000_000;

  private static final int MOST_BARS = 10_000;

  /** Refuses absurd counts; sizes are the operations' business. */
  public Bars {
    if (shopCount > MOST_LAYERS) {
      throw new BadValue(
          "",
          "This makes %,d layers, and more than %,d cannot be meant. Cut into fewer pieces or leave a restack out."
              .formatted(shopCount, MOST_LAYERS));
    }
    Require.count("", count, 1, MOST_BARS);
  }

  /** Height of each bar, mm. */
  public double heightMm() {
    return layers.thicknessMm();
  }

  /** Broad face of each bar, mm². */
  public double faceMm2() {
    return widthMm * lengthMm;
  }

  /** The steel in all the bars. */
  public Amount amount() {
    return Amount.ofLayers(layers.thicknessBySteel(), faceMm2()).times(count);
  }

  /** Bars of another face and the height that keeps their volume; layers thin or thicken alike. */
  public Bars reshaped(double newWidthMm, double newHeightMm) {
    double newLengthMm = widthMm * heightMm() * lengthMm / (newWidthMm * newHeightMm);
    return new Bars(
        count,
        newWidthMm,
        newLengthMm,
        layers.scaledBy(newHeightMm / heightMm()),
        shopCount,
        loose);
  }

  /** The same bars, shorter or narrower. */
  public Bars withFace(double newWidthMm, double newLengthMm) {
    return new Bars(count, newWidthMm, newLengthMm, layers, shopCount, loose);
  }

  /** The same bars with {@code mm} of thickness gone from one face. */
  public Bars without(Face face, double mm) {
    return new Bars(count, widthMm, lengthMm, layers.without(face, mm), shopCount, loose);
  }

  /** The same bars, their joints welded. */
  public Bars welded() {
    return new Bars(count, widthMm, lengthMm, layers, shopCount, false);
  }
}

package app.geminal.flaw;

import app.geminal.bar.Bars;

/**
 * A face of a bar as a photograph shows it, upright: what is above in the picture is above in the
 * bar, or farther across.
 */
public enum PhotographedFace {
  /** The end at the bench stop, across the joints. */
  END,
  /** The left edge, along the bar and across the joints. */
  SIDE,
  /** The broad face from above, along the bar. */
  TOP;

  /** Of all of the face, mm. */
  public double widthMm(Bars bars) {
    return this == END ? bars.widthMm() : bars.lengthMm();
  }

  /** Of all of the face, mm, voids closed. */
  public double heightMm(Bars bars) {
    return this == TOP ? bars.widthMm() : bars.section().heightMm();
  }

  /** Whether the joints of the bar are seen on it. */
  public boolean isAcrossJoints() {
    return this != TOP;
  }

  /**
   * Where in the bar something on the face is; nothing is known of how deep it runs.
   *
   * @param bar which of several bars, from 0
   * @param from share of the face's width where it begins, 0 to 1
   * @param to share of the face's width where it ends
   * @param high share of the face's height from below where its lower edge is
   * @param higher share of the face's height from below where its upper edge is
   */
  public Spot spot(Bars bars, int bar, double from, double to, double high, double higher) {
    double left = from * widthMm(bars);
    double right = to * widthMm(bars);
    double low = high * heightMm(bars);
    double up = higher * heightMm(bars);
    double top = bars.section().heightMm();
    return switch (this) {
      case END -> new Spot(bar, 0, 0, left, right, low, up);
      case SIDE -> new Spot(bar, left, right, 0, 0, low, up);
      case TOP -> new Spot(bar, left, right, low, up, top, top);
    };
  }
}

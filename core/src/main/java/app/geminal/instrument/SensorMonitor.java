package app.geminal.instrument;

import java.util.OptionalDouble;

/**
 * Watches what one instrument says and says when it is lost or reads wrong. Mutable, for one
 * thread; time comes from outside.
 *
 * <p>Lost: silent for {@value #SILENT_S} s. Out of range: what no forge or press can be at.
 * Jumping: further in a second than the thing can go. Frozen: the same figure to the last digit for
 * {@value #FROZEN_S} s, which a real gauge near a flame does not do. A jump is believed when the
 * new level holds for {@value #SETTLED} readings. An offset cannot be seen from here.
 */
public final class SensorMonitor {
  private static final double SILENT_S = 4;
  private static final double FROZEN_S = 30;
  private static final int SETTLED = 5;

  private final double least;
  private final double most;
  private final double perSecond;
  private final boolean rests;
  private double heardS = Double.NEGATIVE_INFINITY;
  private double saidAt = Double.NaN;
  private double sameSinceS = Double.NEGATIVE_INFINITY;
  private OptionalDouble good = OptionalDouble.empty();
  private double goodS;
  private int jumped;

  /**
   * What can be believed.
   *
   * @param least it can be at
   * @param most it can be at
   * @param perSecond the largest change in a second
   * @param rests whether it may stand still at its least without being frozen
   */
  public SensorMonitor(double least, double most, double perSecond, boolean rests) {
    this.least = least;
    this.most = most;
    this.perSecond = perSecond;
    this.rests = rests;
  }

  /** A thermocouple in a forge, °C: −20 to 1450, 40 a second. */
  public static SensorMonitor ofForge() {
    return new SensorMonitor(-20, 1450, 40, false);
  }

  /** A gauge at a press, MPa: 0 to 100, as fast as it likes; at rest it does not change. */
  public static SensorMonitor ofPress() {
    return new SensorMonitor(-1, 100, 1000, true);
  }

  /** It said something. */
  public SensorState said(double atS, double value) {
    double since = atS - heardS;
    if (value != saidAt || (rests && value <= Math.max(0, least))) {
      sameSinceS = atS;
    }
    heardS = atS;
    double before = saidAt;
    saidAt = value;
    if (!(value >= least && value <= most)) {
      return SensorState.OUT_OF_RANGE;
    }
    boolean jump =
        good.isPresent()
            && Math.abs(value - good.getAsDouble()) > perSecond * Math.max(1, atS - goodS);
    boolean settling =
        !Double.isNaN(before) && Math.abs(value - before) <= perSecond * Math.max(1, since);
    jumped = jump ? (settling ? jumped + 1 : 1) : 0;
    if (jump && jumped < SETTLED) {
      return SensorState.JUMPING;
    }
    jumped = 0;
    if (atS - sameSinceS >= FROZEN_S) {
      return SensorState.FROZEN;
    }
    good = OptionalDouble.of(value);
    goodS = atS;
    return SensorState.GOOD;
  }

  /** Its state when nothing new was said until now. */
  public SensorState silent(double atS) {
    if (heardS == Double.NEGATIVE_INFINITY) {
      return SensorState.WAITING;
    }
    return atS - heardS >= SILENT_S ? SensorState.LOST : SensorState.GOOD;
  }

  /** The last figure that was believed. */
  public OptionalDouble lastGood() {
    return good;
  }

  /** When that was, seconds. */
  public double lastGoodS() {
    return goodS;
  }
}

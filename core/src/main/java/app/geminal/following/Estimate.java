package app.geminal.following;

/**
 * What a bar is thought to be at, °C.
 *
 * @param skin the middle of the upper face
 * @param core the coldest place inside
 */
public record Estimate(Interval skin, Interval core) {
  /** The skin, as likely to be hotter as colder. */
  public double skinC() {
    return skin.middle();
  }

  /** The core, as likely to be hotter as colder. */
  public double coreC() {
    return core.middle();
  }

  /** How far either may be off, K: 90 in 100 are within it. */
  public double plusMinusC() {
    return Math.max(skin.halfWidth(), core.halfWidth());
  }
}

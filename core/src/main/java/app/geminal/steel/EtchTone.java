package app.geminal.steel;

/**
 * How dark a hardened steel comes out of ferric chloride, 0 black to 1 silver. A rule of thumb
 * fitted to common steels, ±0.15: nickel keeps it bright, manganese darkens it, chromium dulls it.
 * The first percent of nickel does most. A coupon of the shop's own steel comes before it.
 */
public final class EtchTone {
  /** ± of {@link #of}. */
  public static final double PLUS_MINUS = 0.15;

  private EtchTone() {}

  /**
   * The tone of a hardened low-alloy steel.
   *
   * @throws OutOfRange below 0.4 % C or above 5 % Cr or 5 % Ni
   */
  public static double of(Composition c) {
    OutOfRange.unless("Carbon", c.carbon(), 0.4, 2.1);
    OutOfRange.unless("Chromium", c.chromium(), 0, 5);
    OutOfRange.unless("Nickel", c.nickel(), 0, 5);
    double tone =
        0.20
            - 0.08 * c.manganese()
            + 0.66 * (1 - Math.exp(-c.nickel() / 0.6))
            + 0.06 * c.chromium();
    return Math.clamp(tone, 0, 1);
  }
}

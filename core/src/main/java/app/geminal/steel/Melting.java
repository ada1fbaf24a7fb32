package app.geminal.steel;

/**
 * Where a low-alloy steel begins and ends to melt.
 *
 * <p>The solidus is a straight line between (0.17 % C, 1493 °C) and (2.11 % C, 1147 °C) less what
 * each element lowers it, slopes over partition coefficients after Kagawa and Okamoto (1986) and
 * Ueshima (1986); ±20 °C. The often quoted line with 415·C, after Takeuchi and Brimacombe (1985),
 * is the solidus of delta ferrite and holds up to about 0.17 % C; for blade steels it is 100 to 300
 * °C too low and is never used for them.
 *
 * <p>Departs from steel where carbides or phosphides melt first: ledeburitic grades (D2, 440C),
 * manganese austenite, more than 5 % chromium. Those are refused. A segregated bar burns 20 to 80
 * °C before the line.
 */
public final class Melting {
  /** ± °C of {@link #solidusC}. */
  public static final double SOLIDUS_PLUS_MINUS_C = 20;

  /** Up to here it is delta ferrite that melts; between here and the next all melts at 1493 °C. */
  private static final double DELTA_CARBON = 0.1;

  private static final double PERITECTIC_CARBON = 0.17;
  private static final double MOST_CARBON = 2.1;
  private static final double MOST_CHROMIUM = 5;
  private static final double MOST_MANGANESE = 3;
  private static final double MOST_NICKEL = 10;
  private static final double LIQUIDUS_KINK_CARBON = 0.51;

  private Melting() {}

  /**
   * Where melting begins, °C.
   *
   * @throws OutOfRange above 2.1 % C, 5 % Cr, 3 % Mn or 10 % Ni
   */
  public static double solidusC(Composition c) {
    requireLowAlloy(c);
    return c.carbon() <= DELTA_CARBON ? deltaSolidusC(c) : gammaSolidusC(c);
  }

  private static double gammaSolidusC(Composition c) {
    return 1493
        - 178.35 * Math.max(0, c.carbon() - PERITECTIC_CARBON)
        - 30 * c.silicon()
        - 6 * c.manganese()
        - 200 * c.phosphorus()
        - 1.7 * c.nickel()
        - 3 * c.chromium()
        - 5.5 * c.molybdenum();
  }

  /** After Takeuchi and Brimacombe (1985); sulphur and aluminium left out. Not for blade steels. */
  static double deltaSolidusC(Composition c) {
    return 1536
        - (415.5 * c.carbon()
            + 12.3 * c.silicon()
            + 6.8 * c.manganese()
            + 124.5 * c.phosphorus()
            + 4.3 * c.nickel()
            + 1.4 * c.chromium());
  }

  /**
   * Where melting ends, °C.
   *
   * @throws OutOfRange as {@link #solidusC}
   */
  public static double liquidusC(Composition c) {
    requireLowAlloy(c);
    double plain =
        c.carbon() < LIQUIDUS_KINK_CARBON ? 1538 - 73.1 * c.carbon() : 1531 - 61.5 * c.carbon();
    return plain
        - 14 * c.silicon()
        - 4 * c.manganese()
        - 30 * c.phosphorus()
        - 3.5 * c.nickel()
        - 1.5 * c.chromium()
        - 5 * c.molybdenum()
        - 4 * c.vanadium();
  }

  /**
   * How far below the solidus welding must stay: segregation, hot-shortness, a gauge that reads
   * wrong. °C.
   */
  public static double marginC(Composition c, boolean uncertain) {
    if (c.copper() > 50) {
      return 25;
    }
    if (uncertain) {
      return 130;
    }
    if (c.chromium() > 1) {
      return 110;
    }
    return c.carbon() > 0.8 ? 100 : 90;
  }

  private static void requireLowAlloy(Composition c) {
    OutOfRange.unless("Iron", c.iron(), 80, 100);
    OutOfRange.unless("Carbon", c.carbon(), 0, MOST_CARBON);
    OutOfRange.unless("Chromium", c.chromium(), 0, MOST_CHROMIUM);
    OutOfRange.unless("Manganese", c.manganese(), 0, MOST_MANGANESE);
    OutOfRange.unless("Nickel", c.nickel(), 0, MOST_NICKEL);
  }
}

package app.geminal.heat;

import app.geminal.validation.Require;

/**
 * How much larger steel is hot than cold: {@code L = L₀(1 + a(T − 20))}, a the mean from 20 °C. For
 * 0.8 % carbon 14.4e-6 up to 1000 °C, the shrinking at the change to austenite in it, and 23e-6 of
 * austenite alone above; 1.4 % at 1000 °C, 1.9 % at 1200 °C. Straight to the change below that,
 * which is up to 0.3 % too little just under 730 °C.
 */
public final class HotSize {
  private static final double ROOM_C = 20;
  private static final double TO_C = 1000;
  private static final double MEAN_PER_C = 14.4e-6;
  private static final double AUSTENITE_PER_C = 23e-6;

  private HotSize() {}

  /** Hot over cold, 1 and more; 20 to 1400 °C. */
  public static double growth(double celsius) {
    Require.temperature("celsius", celsius, ROOM_C, 1400);
    double above = Math.max(0, celsius - TO_C);
    return 1 + MEAN_PER_C * (Math.min(celsius, TO_C) - ROOM_C) + AUSTENITE_PER_C * above;
  }

  /** What a size measured hot is when it has cooled, mm. */
  public static double coldMm(double hotMm, double celsius) {
    return hotMm / growth(celsius);
  }
}

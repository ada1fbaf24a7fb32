package app.geminal.heat;

import app.geminal.validation.Require;

/**
 * Something that is against a broad face and keeps flame and air off it.
 *
 * @param celsius of what touches; −50 to 1500
 * @param conductanceWM2K across the contact, W/(m²·K); 0 for what takes no heat; to 1e8
 */
public record FaceContact(double celsius, double conductanceWM2K) {
  /**
   * Press dies on scaled steel, 60 °C and 4000 W/(m²·K); 2000 to 10 000 are reported, more with
   * more force and less scale.
   */
  public static final FaceContact COLD_DIE = new FaceContact(60, 4000);

  /** The forge's own floor, as hot as the steel that is on it: no heat passes. */
  public static final FaceContact FLOOR = new FaceContact(20, 0);

  /** Checks both fields. */
  public FaceContact {
    Require.temperature("celsius", celsius, -50, 1500);
    Require.number("conductanceWM2K", conductanceWM2K, 0, 1e8);
  }
}

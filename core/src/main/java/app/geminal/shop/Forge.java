package app.geminal.shop;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The forge.
 *
 * @param widthMm inside; 30 to 2000
 * @param heightMm inside; 30 to 2000
 * @param lengthMm inside, from the door in; 50 to 5000
 * @param doorWidthMm opening a billet must pass; 20 to 2000
 * @param doorHeightMm opening a billet must pass; 20 to 2000
 * @param openEnds whether a bar can stick out at both ends, so that any length is heated in
 *     sections
 * @param burners 1 to 20
 * @param ratedLitres chamber the burners are rated for together, litres; 0.1 to 1000
 * @param powerKw what reaches the steel at welding heat; 0.5 to 200
 * @param airControl whether the burners can be run fuel-rich
 * @param lining what flux meets
 * @param gaugeOffsetC true temperature less the gauge's, °C, null where never compared; −200 to 200
 * @param highestC it reaches, °C; 600 to 1500
 */
public record Forge(
    double widthMm,
    double heightMm,
    double lengthMm,
    double doorWidthMm,
    double doorHeightMm,
    boolean openEnds,
    int burners,
    double ratedLitres,
    double powerKw,
    boolean airControl,
    Lining lining,
    @Nullable Double gaugeOffsetC,
    double highestC) {
  private static final double MM3_PER_LITRE = 1e6;

  /** Checks every field. */
  public Forge {
    inside("widthMm", widthMm, 30, 2000);
    inside("heightMm", heightMm, 30, 2000);
    inside("lengthMm", lengthMm, 50, 5000);
    inside("doorWidthMm", doorWidthMm, 20, 2000);
    inside("doorHeightMm", doorHeightMm, 20, 2000);
    Require.count("burners", burners, 1, 20);
    Require.quantity(QuantityKind.VOLUME, "ratedLitres", ratedLitres, 0.1, 1000);
    Require.quantity(QuantityKind.POWER, "powerKw", powerKw, 0.5, 200);
    Require.present("lining", lining);
    if (gaugeOffsetC != null) {
      Require.quantity(QuantityKind.TEMPERATURE_CHANGE, "gaugeOffsetC", gaugeOffsetC, -200, 200);
    }
    Require.temperature("highestC", highestC, 600, 1500);
  }

  private static void inside(String field, double mm, double least, double most) {
    Require.quantity(QuantityKind.LENGTH, field, mm, least, most);
  }

  /** What is added to its gauge, °C; 0 where that was never compared. */
  public double gaugeCorrectionC() {
    return Objects.requireNonNullElse(gaugeOffsetC, 0.0);
  }

  /** Room inside, litres. */
  public double litres() {
    return widthMm * heightMm * lengthMm / MM3_PER_LITRE;
  }

  /** The wider way of what passes through the door and into the chamber, mm. */
  public double takesWideMm() {
    return Math.max(roomWideMm(), roomHighMm());
  }

  /** The narrower way of what passes through the door and into the chamber, mm. */
  public double takesHighMm() {
    return Math.min(roomWideMm(), roomHighMm());
  }

  private double roomWideMm() {
    return Math.min(widthMm, doorWidthMm);
  }

  private double roomHighMm() {
    return Math.min(heightMm, doorHeightMm);
  }
}

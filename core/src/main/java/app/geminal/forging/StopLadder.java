package app.geminal.forging;

import app.geminal.shop.Mill;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import java.util.ArrayList;
import java.util.List;

/**
 * Falling heights that bring a bar down evenly: stop blocks for the press, screw settings for the
 * mill. Each rung takes the same part of the height; the width that comes of it is what the tool
 * spreads, and where that is more than wanted the edges are worked in between.
 */
public final class StopLadder {
  /** A hammer's face along the bar, mm. */
  private static final double HAMMER_FACE_MM = 40;

  private static final double DEFAULT_ROUND_DIE_MM = 45;
  private static final double DEFAULT_FLAT_DIE_MM = 130;
  private static final double DEFAULT_ROLL_MM = 100;

  private StopLadder() {}

  /**
   * One rung.
   *
   * @param heightMm stop block
   * @param widthMm expected, edges worked back to the width wanted
   * @param lengthMm expected
   * @param spreadMm width before the edges are worked back
   */
  public record Rung(double heightMm, double widthMm, double lengthMm, double spreadMm) {}

  /**
   * One rung for each heat.
   *
   * @param widthMm of the bar before
   * @param heightMm of the bar before
   * @param lengthMm of the bar before
   * @param toWidthMm wanted
   * @param toHeightMm wanted
   */
  public static List<Rung> of(
      double widthMm,
      double heightMm,
      double lengthMm,
      double toWidthMm,
      double toHeightMm,
      int heats,
      Tool tool,
      Shop shop) {
    List<Rung> rungs = new ArrayList<>();
    double volume = widthMm * heightMm * lengthMm;
    double part = Math.pow(toHeightMm / heightMm, 1.0 / heats);
    double width = widthMm;
    double height = heightMm;
    for (int i = 1; i <= heats; i++) {
      double next = i == heats ? toHeightMm : height * part;
      double spread = next < height ? spreadMm(width, height, next, tool, shop) : width;
      width = i == heats ? toWidthMm : Math.min(spread, Math.max(toWidthMm, widthMm));
      height = next;
      rungs.add(new Rung(height, width, volume / (width * height), spread));
    }
    return rungs;
  }

  private static double spreadMm(double w, double from, double to, Tool tool, Shop shop) {
    Press press = shop.press();
    Mill mill = shop.mill();
    return switch (tool) {
      case FLAT ->
          Spread.forgedMm(w, from, to, press == null ? DEFAULT_FLAT_DIE_MM : press.dieLengthMm());
      case ROUND ->
          Spread.forgedMm(w, from, to, press == null ? DEFAULT_ROUND_DIE_MM : press.roundDieMm());
      case HAMMER -> Spread.forgedMm(w, from, to, HAMMER_FACE_MM);
      case MILL -> Spread.rolledMm(w, from, to, mill == null ? DEFAULT_ROLL_MM : mill.rollMm());
    };
  }
}

package app.geminal.operation;

import app.geminal.heat.Atmosphere;
import app.geminal.weld.OxygenSchool;

/**
 * The shop's habits: what a step is taken to be when the plan does not say.
 *
 * @param atmosphere the forge's usual flame
 * @param school how oxygen is usually kept out
 * @param settingHeats heats for one set weld
 * @param setReduction height lost over all setting heats, fraction
 * @param weldTemperatureC usual welding heat, °C
 * @param soakMin minutes at heat before the first squeeze
 * @param drawTemperatureC usual heat for drawing, °C
 * @param drawHeatMin minutes at heat in one drawing heat
 * @param kerfMm the saw's kerf
 * @param endTrimMm what is usually cut off each end
 * @param faceGrindMm what is usually ground off a joint face
 */
public record Practice(
    Atmosphere atmosphere,
    OxygenSchool school,
    int settingHeats,
    double setReduction,
    double weldTemperatureC,
    double soakMin,
    double drawTemperatureC,
    double drawHeatMin,
    double kerfMm,
    double endTrimMm,
    double faceGrindMm) {

  /** A gas forge run rich, a press, a band saw: where a shop starts before it knows its own. */
  public static Practice common() {
    return new Practice(
        Atmosphere.RICH, OxygenSchool.BORAX, 3, 0.08, 1180, 15, 1100, 5, 1.6, 15, 0.3);
  }
}

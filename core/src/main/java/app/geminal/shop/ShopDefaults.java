package app.geminal.shop;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.Scale;
import app.geminal.validation.Require;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Tack;

/**
 * The shop's habits: what a step is taken to be when the plan does not say.
 *
 * @param atmosphere the forge's usual flame
 * @param protection how oxygen is usually kept out
 * @param settingHeats heats for one set weld, 1 to 20
 * @param setReduction height lost over all setting heats, fraction, 0 to 0.5
 * @param weldTemperatureC usual welding heat, 600 to 1500 °C
 * @param soakMin minutes in the fire from cold to the first squeeze, 0 to 240
 * @param tack what holds a dry stack together
 * @param jacket how a sealed stack is closed
 * @param setTool what sets a weld
 * @param drawTemperatureC usual heat for drawing, 600 to 1500 °C
 * @param drawHeatMin minutes at heat in one drawing heat, 0 to 120
 * @param drawTool what draws a bar out
 * @param kerfMm the saw's kerf, 0 to 20
 * @param endTrimMm what is usually cut off each end, 0 to 500
 * @param faceGrindMm what is usually ground off a joint face, 0 to 20
 * @param jacketMm skin ground off with a jacket or a bead, 0 to 20
 * @param finishGrindMm left on each face of a finished bar to grind clean, 0 to 20
 * @param scaleFactor scale the shop really loses over what is calculated, 0.1 to 10; 1 until it has
 *     been learnt
 * @param faces how the faces of new pieces are prepared
 * @param degreases whether joint faces are degreased and closed the same day
 */
public record ShopDefaults(
    Atmosphere atmosphere,
    AtmosphereProtection protection,
    int settingHeats,
    double setReduction,
    double weldTemperatureC,
    double soakMin,
    Tack tack,
    Jacket jacket,
    Tool setTool,
    double drawTemperatureC,
    double drawHeatMin,
    Tool drawTool,
    double kerfMm,
    double endTrimMm,
    double faceGrindMm,
    double jacketMm,
    double finishGrindMm,
    double scaleFactor,
    FacePrep faces,
    boolean degreases) {

  /** Checks every field. */
  public ShopDefaults {
    Require.present("atmosphere", atmosphere);
    Require.present("protection", protection);
    Require.count("settingHeats", settingHeats, 1, 20);
    Require.number("setReduction", setReduction, 0, 0.5);
    Require.temperature("weldTemperatureC", weldTemperatureC, 600, 1500);
    Require.minutes("soakMin", soakMin, 0, 240);
    Require.present("tack", tack);
    Require.present("jacket", jacket);
    Require.present("setTool", setTool);
    Require.temperature("drawTemperatureC", drawTemperatureC, 600, 1500);
    Require.minutes("drawHeatMin", drawHeatMin, 0, 120);
    Require.present("drawTool", drawTool);
    Require.lengthUpTo("kerfMm", kerfMm, 20);
    Require.lengthUpTo("endTrimMm", endTrimMm, 500);
    Require.lengthUpTo("faceGrindMm", faceGrindMm, 20);
    Require.lengthUpTo("jacketMm", jacketMm, 20);
    Require.lengthUpTo("finishGrindMm", finishGrindMm, 20);
    Require.number("scaleFactor", scaleFactor, 0.1, 10);
    Require.present("faces", faces);
  }

  /** A gas forge run rich, a press, a band saw: where a shop starts before it knows its own. */
  public static ShopDefaults common() {
    return new ShopDefaults(
        /* atmosphere= */ Atmosphere.RICH,
        /* protection= */ AtmosphereProtection.BORAX,
        /* settingHeats= */ 3,
        /* setReduction= */ 0.08,
        /* weldTemperatureC= */ 1180,
        /* soakMin= */ 15,
        /* tack= */ Tack.SIDES,
        /* jacket= */ Jacket.BEAD,
        /* setTool= */ Tool.FLAT,
        /* drawTemperatureC= */ 1100,
        /* drawHeatMin= */ 5,
        /* drawTool= */ Tool.ROUND,
        /* kerfMm= */ 1.6,
        /* endTrimMm= */ 15,
        /* faceGrindMm= */ 0.3,
        /* jacketMm= */ 0.5,
        /* finishGrindMm= */ 0.5,
        /* scaleFactor= */ 1,
        /* faces= */ FacePrep.GROUND,
        /* degreases= */ true);
  }

  /** The same where faces are prepared otherwise before they are laid together. */
  public ShopDefaults withFaces(FacePrep newFaces) {
    return new ShopDefaults(
        atmosphere,
        protection,
        settingHeats,
        setReduction,
        weldTemperatureC,
        soakMin,
        tack,
        jacket,
        setTool,
        drawTemperatureC,
        drawHeatMin,
        drawTool,
        kerfMm,
        endTrimMm,
        faceGrindMm,
        jacketMm,
        finishGrindMm,
        scaleFactor,
        newFaces,
        degreases);
  }

  /** Scale one drawing heat takes off every face, mm. */
  public double drawSkinMm() {
    return scaleMm(drawTemperatureC, drawHeatMin);
  }

  /** Scale that so many minutes at a heat take off every face, mm, as far as the shop knows. */
  public double scaleMm(double temperatureC, double minutes) {
    return scaleFactor * Scale.recessionMm(temperatureC, minutes, atmosphere);
  }
}

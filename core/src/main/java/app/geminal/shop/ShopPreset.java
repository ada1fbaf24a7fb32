package app.geminal.shop;

import app.geminal.heat.Atmosphere;
import app.geminal.text.Message;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Tack;

/** Shops as they are commonly found, to start from and change. */
public enum ShopPreset {
  /** A two-burner gas forge, a 25-ton press, a band saw. */
  GAS_AND_PRESS,
  /** A small forge with plain burners, anvil and hand hammer, a hacksaw. */
  HAND_HAMMER,
  /** A large forge with blown air, a heavy press, a power hammer and a mill. */
  PRESS_HAMMER_MILL;

  /** What it is called. */
  public Message words() {
    return Message.word(this);
  }

  /** The whole shop. */
  public Shop shop() {
    return switch (this) {
      case GAS_AND_PRESS ->
          new Shop(
              new Forge(
                  170,
                  150,
                  400,
                  130,
                  110,
                  true,
                  2,
                  12,
                  5,
                  true,
                  Lining.FIBRE_HARD_FLOOR,
                  null,
                  1290),
              new Press(127, 17.2, 220, 255, 100, 130, 45, 15),
              new Hammer("hand hammer", 60),
              null,
              ShopDefaults.common(),
              Limits.common(),
              TaskTimes.common(),
              0);
      case HAND_HAMMER ->
          new Shop(
              new Forge(
                  110,
                  110,
                  300,
                  100,
                  90,
                  true,
                  1,
                  5,
                  2.5,
                  false,
                  Lining.FIBRE_HARD_FLOOR,
                  null,
                  1260),
              null,
              new Hammer("hand hammer", 40),
              null,
              byHand(),
              Limits.common(),
              new TaskTimes(6, 20, 12, 45, 0.12, 0.8),
              0);
      case PRESS_HAMMER_MILL ->
          new Shop(
              new Forge(260, 220, 700, 220, 180, true, 3, 45, 14, true, Lining.HARD, null, 1320),
              new Press(178, 20.7, 500, 380, 130, 200, 60, 25),
              new Hammer("power hammer", 120),
              new Mill(125, 60),
              ShopDefaults.common(),
              Limits.common(),
              TaskTimes.common(),
              0);
    };
  }

  private static ShopDefaults byHand() {
    return new ShopDefaults(
        /* atmosphere= */ Atmosphere.NEUTRAL,
        /* protection= */ AtmosphereProtection.BORAX,
        /* settingHeats= */ 4,
        /* setReduction= */ 0.06,
        /* weldTemperatureC= */ 1180,
        /* soakMin= */ 10,
        /* tack= */ Tack.ENDS,
        /* jacket= */ Jacket.BEAD,
        /* setTool= */ Tool.HAMMER,
        /* drawTemperatureC= */ 1100,
        /* drawHeatMin= */ 4,
        /* drawTool= */ Tool.HAMMER,
        /* kerfMm= */ 1.2,
        /* endTrimMm= */ 12,
        /* faceGrindMm= */ 0.3,
        /* jacketMm= */ 0.5,
        /* finishGrindMm= */ 0.5,
        /* scaleFactor= */ 1,
        /* faces= */ FacePrep.GROUND,
        /* degreases= */ true);
  }
}

package app.geminal.weldmap;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.shop.FacePrep;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import java.util.List;

/** Welds that can be worked out by hand: five pieces of 8 mm, 38 mm wide, 120 mm long. */
final class Setups {
  static final double WIDTH_MM = 38;
  static final double HEIGHT_MM = 40;
  static final double LENGTH_MM = 120;
  static final List<Double> JOINTS = List.of(0.2, 0.4, 0.6, 0.8);

  private Setups() {}

  static WeldSetup.Fire fire(double chamberC, Double... minutes) {
    return new WeldSetup.Fire(chamberC, 200, Atmosphere.OXIDISING, List.of(minutes));
  }

  static WeldSetup.Squeeze squeeze(double reduction, Bite... bites) {
    return new WeldSetup.Squeeze(
        reduction, List.of(bites), 0.2, 50_000, HotStrength.of(celsius -> 50), 0.03, 0.1);
  }

  static WeldSetup.Faces faces(AtmosphereProtection protection) {
    return new WeldSetup.Faces(protection, Jacket.BEAD, FacePrep.GROUND, 0.05, 0.03);
  }

  /** Sealed, an hour in a chamber at 1200 °C, one bite over all of it. */
  static WeldSetup sealed() {
    return new WeldSetup(
        new BarHeat.Of(WIDTH_MM, HEIGHT_MM, LENGTH_MM, 8, BarHeat.Of.USUAL_GAP),
        JOINTS,
        1100,
        fire(1200, 60.0),
        squeeze(0.08, new Bite(0, LENGTH_MM)),
        faces(AtmosphereProtection.SEALED));
  }

  static WeldSetup with(WeldSetup s, WeldSetup.Fire fire) {
    return new WeldSetup(s.bar(), s.joints(), s.floorC(), fire, s.squeeze(), s.faces());
  }

  static WeldSetup with(WeldSetup s, WeldSetup.Squeeze squeeze) {
    return new WeldSetup(s.bar(), s.joints(), s.floorC(), s.fire(), squeeze, s.faces());
  }

  static WeldSetup with(WeldSetup s, WeldSetup.Faces faces) {
    return new WeldSetup(s.bar(), s.joints(), s.floorC(), s.fire(), s.squeeze(), faces);
  }
}

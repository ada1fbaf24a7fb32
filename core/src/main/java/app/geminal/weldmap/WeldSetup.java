package app.geminal.weldmap;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import app.geminal.shop.FacePrep;
import app.geminal.validation.Require;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import java.util.List;

/**
 * One weld as it is to be made: the stack, its joints, and what is done to it.
 *
 * @param bar as it is put into the fire
 * @param joints heights over the underside in parts of the height, from below; between 0 and 1
 * @param floorC lower end of its welding heats, °C
 * @param fire what heats it
 * @param squeeze what presses it
 * @param faces how its joints were prepared and are kept clean
 */
public record WeldSetup(
    BarHeat.Of bar, List<Double> joints, double floorC, Fire fire, Squeeze squeeze, Faces faces) {

  /** Checks the joints and copies them. */
  public WeldSetup {
    joints = List.copyOf(joints);
    for (double joint : joints) {
      Require.number("joints", joint, 0, 1);
    }
    Require.temperature("floorC", floorC, 500, 1500);
  }

  /**
   * What heats it.
   *
   * @param chamberC of the chamber
   * @param powerKw what reaches the steel at most
   * @param flame by how much oxygen it leaves
   * @param minutes in the fire, one figure for each heat; the first from cold
   */
  public record Fire(double chamberC, double powerKw, Atmosphere flame, List<Double> minutes) {
    /** Copies the list. */
    public Fire {
      minutes = List.copyOf(minutes);
    }
  }

  /**
   * What presses it, the same in each heat.
   *
   * @param reduction of the height in one heat, fraction
   * @param bites in the order they are taken
   * @param strokeS from the touch of the dies to the stop, s
   * @param haveKn what the press gives; infinity for a tool whose force is not known
   * @param strength of the steel when hot
   * @param leastReduction that sets a joint, over all heats, fraction
   * @param splitReduction of one squeeze past which unset edges are pulled open, fraction
   */
  public record Squeeze(
      double reduction,
      List<Bite> bites,
      double strokeS,
      double haveKn,
      HotStrength strength,
      double leastReduction,
      double splitReduction) {
    /** Copies the list. */
    public Squeeze {
      bites = List.copyOf(bites);
    }
  }

  /**
   * How its joints were prepared and are kept clean.
   *
   * @param protection how oxygen is kept out
   * @param jacket how a sealed stack is closed
   * @param prep what was done to them before they were laid together
   * @param gapMm width of the gaps before they close
   * @param startOxideUm on each face when it is laid, µm
   */
  public record Faces(
      AtmosphereProtection protection,
      Jacket jacket,
      FacePrep prep,
      double gapMm,
      double startOxideUm) {
    /** Whether it was soaked in fuel, which burns before air gets in. */
    public boolean isFuelled() {
      return protection == AtmosphereProtection.DRY || protection == AtmosphereProtection.BOTH;
    }

    /** Whether flux is applied in a heat, from 1. */
    boolean isFluxedIn(int heat) {
      return protection.isFluxedIn(heat);
    }
  }

  /** The chamber as one sample takes it to be, the bar on its floor. */
  Surroundings chamber(Sample sample) {
    return new Surroundings(
        fire.chamberC() + sample.get(Unknown.CHAMBER_OFFSET),
        sample.get(Unknown.EMISSIVITY),
        sample.get(Unknown.CONVECTION),
        fire.powerKw() * 1000 * sample.get(Unknown.POWER),
        FaceContact.FLOOR,
        null);
  }
}

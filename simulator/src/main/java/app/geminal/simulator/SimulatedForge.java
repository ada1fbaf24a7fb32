package app.geminal.simulator;

import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * A gas forge: burners that a controller opens and shuts, a chamber with mass, walls and a door
 * that lose heat, and cold steel that draws it down. One temperature for the whole chamber; the
 * gauge lags behind it, is off, drifts and trembles.
 *
 * <p>Made-up figures of a small two-burner forge: up to 1240 °C in about a quarter of an hour, some
 * tens of degrees down when three cold kilograms come in. Mutable, for one thread.
 */
public final class SimulatedForge {
  private static final double FULL_W = 26_000;
  private static final double CHAMBER_J_K = 14_000;
  private static final double WALLS_W_K = 11;
  private static final double DOOR_M2 = 0.006;
  private static final double OPEN_DOOR_M2 = 0.02;
  private static final double STEFAN_BOLTZMANN = 5.67e-8;
  private static final double ROOM_C = 20;
  private static final double GAUGE_LAG_S = 6;
  private static final double CONTROL_PER_C = 0.02;
  private static final double IDLE = 0.05;
  private static final double DRIFT_C = 3;
  private static final double DRIFT_PERIOD_S = 1800;
  private static final double NOISE_C = 0.7;
  private static final double STEP_S = 1;

  private final Random random;
  private final Map<Object, Inside> inside = new LinkedHashMap<>();
  private double chamberC;
  private double gaugeC;
  private double setC;
  private double airForGas = 0.85;
  private boolean doorOpen;
  private double offsetC;
  private double gas;
  private double clockS;

  /** A bar in it, and how it takes up heat; null for as steel usually does. */
  private record Inside(BarHeat bar, @Nullable TrueHeat truth) {
    Surroundings at(double chamberC) {
      return truth == null
          ? Surroundings.chamber(chamberC).on(FaceContact.FLOOR)
          : truth.chamber(chamberC);
    }
  }

  /** Cold and shut off. */
  public SimulatedForge(long seed) {
    this(seed, ROOM_C, 0);
  }

  /**
   * Running.
   *
   * @param chamberC at the beginning
   * @param setC what the controller is set to; 0 shuts the gas off
   */
  public SimulatedForge(long seed, double chamberC, double setC) {
    this.random = new Random(seed);
    this.chamberC = chamberC;
    this.gaugeC = chamberC;
    this.setC = setC;
  }

  /** A bar is put in; the forge heats it from now on. */
  public void put(Object name, BarHeat bar) {
    inside.put(name, new Inside(bar, null));
  }

  /** The same, where it is known how the bar really takes up heat. */
  public void put(Object name, BarHeat bar, TrueHeat truth) {
    inside.put(name, new Inside(bar, truth));
  }

  /** It comes out; nothing happens where it was not in. */
  public void take(Object name) {
    inside.remove(name);
  }

  /** So much time passes. */
  public void advance(double seconds) {
    int steps = Math.max(1, (int) Math.ceil(seconds / STEP_S));
    for (int i = 0; i < steps; i++) {
      step(seconds / steps);
    }
  }

  private void step(double seconds) {
    clockS += seconds;
    gas = setC <= 0 ? 0 : Math.clamp(holding() + CONTROL_PER_C * (setC - chamberC), IDLE, 1);
    double drawn = 0;
    for (Inside it : inside.values()) {
      Surroundings around = it.at(chamberC);
      drawn += it.bar().intakeW(around);
      it.bar().advance(seconds, around);
    }
    chamberC += (FULL_W * gas * burning() - lostW() - drawn) / CHAMBER_J_K * seconds;
    gaugeC += (chamberC - gaugeC) * (1 - Math.exp(-seconds / GAUGE_LAG_S));
  }

  private double holding() {
    return lostW() / (FULL_W * burning());
  }

  /** Part of the gas's heat that is set free: all of it with just enough air, less rich or lean. */
  private double burning() {
    return Math.clamp(1 - 1.2 * Math.abs(1 - airForGas), 0.3, 1);
  }

  private double lostW() {
    double hot = Math.pow(chamberC + 273.15, 4) - Math.pow(ROOM_C + 273.15, 4);
    return WALLS_W_K * (chamberC - ROOM_C)
        + STEFAN_BOLTZMANN * hot * (doorOpen ? OPEN_DOOR_M2 : DOOR_M2);
  }

  /** What its thermocouple says: late, off, adrift and trembling, °C. */
  public double gaugeC() {
    double drift = DRIFT_C * Math.sin(2 * Math.PI * clockS / DRIFT_PERIOD_S);
    return gaugeC + offsetC + drift + NOISE_C * random.nextGaussian();
  }

  /** What it is really at, °C. */
  public double chamberC() {
    return chamberC;
  }

  /** How far the gas is open, 0 to 1. */
  public double gas() {
    return gas;
  }

  /** Sets the controller, °C; 0 shuts the gas off. */
  public void set(double celsius) {
    setC = celsius;
  }

  /** What the controller is set to, °C. */
  public double setC() {
    return setC;
  }

  /** Air against what the gas needs: 1 is just enough, less is rich. */
  public void air(double ratio) {
    airForGas = Math.clamp(ratio, 0.5, 1.5);
  }

  /** Opens or shuts the door. */
  public void door(boolean open) {
    doorOpen = open;
  }

  /** How much the thermocouple reads above what is true, °C. */
  public void offset(double celsius) {
    offsetC = celsius;
  }
}

package app.geminal.simulator;

import app.geminal.forging.Force;
import app.geminal.heat.BarHeat;
import app.geminal.shop.Press;
import app.geminal.steel.Composition;
import app.geminal.steel.Deformation;
import app.geminal.steel.FlowStress;
import app.geminal.steel.OutOfRange;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * A press: a ram that comes down quickly until it meets the work, then at its own speed as long as
 * the pump gives more than the steel resists, and a gauge in its line. Mutable, for one thread.
 */
public final class SimulatedPress {
  private static final double APPROACH_MM_S = 60;
  private static final double OPEN_MM = 30;
  private static final Composition STEEL = Composition.of(0.8, 0.5, 0.25, 0, 0);
  private static final double SLOWEST = 0.01;
  private static final double COLD_MPA = 400;
  private static final double SETTING_C = 1130;
  private static final double STEP_S = 0.05;
  private static final double RESISTS_WITHIN = 0.09;

  private final Press press;
  private final double resists;
  private @Nullable BarHeat work;
  private double widthMm;
  private double heightMm;
  private double biteMm;
  private double valve = 1;
  private boolean down;
  private double gapMm = OPEN_MM;
  private double gaugeMpa;
  private double pressedMm;

  /** With its ram up and nothing under it; steel resists as it usually does. */
  public SimulatedPress(Press press) {
    this(press, 1);
  }

  /**
   * With its ram up and nothing under it.
   *
   * @param resists how hard its gauge says steel resists, times the usual
   */
  public SimulatedPress(Press press, double resists) {
    this.press = press;
    this.resists = resists;
  }

  /** How hard steel resists in one press of many: nine in ten are within 15 % of the usual. */
  public static double resists(Random random) {
    return Math.exp(RESISTS_WITHIN * random.nextGaussian());
  }

  /** A bar is under the ram, as much of it as the press can take at setting heat. */
  public void lay(BarHeat bar, BarHeat.Of of) {
    work = bar;
    widthMm = of.widthMm();
    heightMm = of.heightMm();
    double whole = Math.min(of.lengthMm(), press.dieLengthMm());
    double narrow = Math.min(Force.NARROWEST_DIE_MM, whole);
    double most =
        Force.longestBiteMm(
            press.forceKn(), widthMm, heightMm, flowMpa(SETTING_C, Deformation.USUAL), whole);
    biteMm = Math.max(narrow, most);
  }

  /** How far the valve is opened under load, 0 to 1. */
  public void feather(double share) {
    valve = share;
  }

  /** The ram moves down, or up again. */
  public void ram(boolean goesDown) {
    if (goesDown && !down) {
      pressedMm = 0;
    }
    down = goesDown;
    if (!goesDown) {
      gapMm = OPEN_MM;
      gaugeMpa = 0;
    }
  }

  /** So much time passes. */
  public void advance(double seconds) {
    for (double left = seconds; down && left > 1e-9; left -= STEP_S) {
      step(Math.min(STEP_S, left));
    }
  }

  private void step(double seconds) {
    if (work == null) {
      gaugeMpa = 0;
      return;
    }
    if (gapMm > 0) {
      gapMm = Math.max(0, gapMm - APPROACH_MM_S * seconds);
      return;
    }
    Deformation how =
        new Deformation(
            Math.log((heightMm + pressedMm) / heightMm),
            Math.max(SLOWEST, valve * Deformation.PRESS_PER_S));
    double need = resists * Force.kn(widthMm, biteMm, heightMm, flowMpa(work.meanC(), how));
    double have = press.forceKn();
    if (need <= have && heightMm > 2) {
      double moved = press.speedMmS() * valve * seconds;
      double before = heightMm;
      heightMm = Math.max(2, heightMm - moved);
      widthMm *= Math.sqrt(before / heightMm);
      pressedMm += before - heightMm;
    }
    gaugeMpa = press.gaugeLimitMpa() * Math.min(1, need / have);
  }

  private static double flowMpa(double celsius, Deformation how) {
    try {
      return FlowStress.mpa(STEEL, Math.min(celsius, 1300), how);
    } catch (OutOfRange cold) {
      return COLD_MPA;
    }
  }

  /** What its gauge says, MPa. */
  public double gaugeMpa() {
    return gaugeMpa;
  }

  /** How far the last squeeze went, mm. */
  public double pressedMm() {
    return pressedMm;
  }

  /** Height of what is under it, mm; 0 for nothing. */
  public double heightMm() {
    return heightMm;
  }
}

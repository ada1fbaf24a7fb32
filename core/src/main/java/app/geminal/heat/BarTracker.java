package app.geminal.heat;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;

/**
 * Follows one bar through fire and air second by second: what its skin and core are likely at, from
 * what the forge's gauge said and what was done.
 *
 * <p>Three bars are followed at once: the likely one, one that heats slowly (poor gaps, low
 * emissivity) and one that heats quickly. Half of what is between the last two is what the estimate
 * uses; it holds what is not known of gaps and flame, not a gauge that is. Mutable, for one thread.
 */
public final class BarTracker {
  /** A bar this near to the air around it is as cold as it gets, K. */
  private static final double COLD_WITHIN_K = 0.5;

  private static final double LOOK_STEP_S = 15;
  private static final double LONGEST_LOOK_S = 3600;
  private static final double FIRE_CONVECTION_SLOW = 20;
  private static final double FIRE_CONVECTION_QUICK = 40;

  private final BarHeat likely;
  private final BarHeat slow;
  private final BarHeat quick;
  private Place place = Place.AIR;
  private double forgeC = 20;
  private HeatExposure exposure = HeatExposure.NONE;

  /** Where the bar is. */
  public enum Place {
    /** In the chamber, on its floor. */
    FIRE,
    /** Out of it. */
    AIR,
    /** Between the dies. */
    DIES
  }

  /**
   * What is thought of it.
   *
   * @param skinC the upper face
   * @param coreC the coldest place inside
   * @param plusMinusC how far either may be off
   */
  public record Estimate(double skinC, double coreC, double plusMinusC) {
    /** Whether the core is as hot as the skin, and hot enough. */
    public boolean isReady(double floorC) {
      return BarTracker.isReady(skinC, coreC, floorC);
    }
  }

  /**
   * How it continues if nothing is touched: seconds from now, and what it is at then.
   *
   * @param inS seconds from now
   * @param skinC °C at the skin
   * @param coreC °C at the core
   */
  public record Forecast(double inS, double skinC, double coreC) {}

  /** A bar at one temperature. */
  public BarTracker(BarHeat.Of of, double startC) {
    likely = new BarHeat(of, startC);
    slow = new BarHeat(of.withGap(Math.max(1, of.gapWM2K() / 2)), startC);
    quick = new BarHeat(of.withGap(of.gapWM2K() * 3), startC);
  }

  private BarTracker(BarTracker that) {
    likely = that.likely.copy();
    slow = that.slow.copy();
    quick = that.quick.copy();
    place = that.place;
    forgeC = that.forgeC;
    exposure = that.exposure;
  }

  /** A copy that changes independently. */
  public BarTracker copy() {
    return new BarTracker(this);
  }

  /** It is put somewhere; the time until now must have been reported. */
  public void put(Place where) {
    place = where;
  }

  /** Where it is. */
  public Place place() {
    return place;
  }

  /** It is turned over. */
  public void turnedOver() {
    all(BarHeat::turnedOver);
  }

  /** Its joints are set. */
  public void welded() {
    all(BarHeat::welded);
    exposure = exposure.forged();
  }

  /** Its scale is off. */
  public void brushed(Atmosphere flame) {
    exposure = exposure.clean(flame);
  }

  /** So much time passes while the chamber is at {@code chamberC}. */
  public void advance(double seconds, double chamberC) {
    Require.quantity(QuantityKind.TIME, "seconds", seconds, 0, 1e6);
    forgeC = chamberC;
    if (place == Place.AIR && isCold()) {
      // Nothing happens to a cold bar, however long it is.
      return;
    }
    likely.advance(
        seconds, around(place, chamberC, Surroundings.EMISSIVITY, Surroundings.FORGE_CONVECTION));
    slow.advance(seconds, around(place, chamberC, 0.7, FIRE_CONVECTION_SLOW));
    quick.advance(seconds, around(place, chamberC, 0.85, FIRE_CONVECTION_QUICK));
    Surroundings now = now();
    exposure = exposure.plus(seconds, likely.topSkinC(now), likely.coreC());
  }

  private boolean isCold() {
    double air = Surroundings.air().celsius();
    return likely.isAt(air, COLD_WITHIN_K)
        && slow.isAt(air, COLD_WITHIN_K)
        && quick.isAt(air, COLD_WITHIN_K);
  }

  private static Surroundings around(
      Place place, double chamberC, double emissivity, double convectionWM2K) {
    return switch (place) {
      case FIRE ->
          new Surroundings(
              chamberC,
              emissivity,
              convectionWM2K,
              Double.POSITIVE_INFINITY,
              FaceContact.FLOOR,
              null);
      case AIR -> Surroundings.air();
      case DIES -> Surroundings.air().between(FaceContact.COLD_DIE);
    };
  }

  private Surroundings now() {
    return around(place, forgeC, Surroundings.EMISSIVITY, Surroundings.FORGE_CONVECTION);
  }

  /** What it is at now. */
  public Estimate estimate() {
    double core = spread(BarHeat::coreC);
    double skin = spread(b -> b.topSkinC(now()));
    return new Estimate(likely.topSkinC(now()), likely.coreC(), Math.max(core, skin));
  }

  private static boolean isReady(double skinC, double coreC, double floorC) {
    return coreC >= floorC && Soak.isEven(skinC, coreC);
  }

  private double spread(ToDoubleFunction<BarHeat> of) {
    return Math.abs(of.applyAsDouble(quick) - of.applyAsDouble(slow)) / 2;
  }

  /** What the fire has taken so far. */
  public HeatExposure exposure() {
    return exposure;
  }

  /** Seconds of work left if it were taken out now, or since it is out. */
  public WorkingTime working(double floorC, double outerMm) {
    return WorkingTime.of(likely, floorC, outerMm);
  }

  /**
   * Seconds until it is ready if the forge stays as it is and it is turned when it should be; an
   * hour when it will not get there.
   */
  public double secondsToReady(double floorC) {
    BarHeat forecast = likely.copy();
    Surroundings fire =
        around(Place.FIRE, forgeC, Surroundings.EMISSIVITY, Surroundings.FORGE_CONVECTION);
    for (double s = 0; s < LONGEST_LOOK_S; s += LOOK_STEP_S) {
      if (isReady(forecast.topSkinC(fire), forecast.coreC(), floorC)) {
        return s;
      }
      forecast.advance(LOOK_STEP_S, fire);
      if (s % 120 == 105) {
        forecast.turnedOver();
      }
    }
    return LONGEST_LOOK_S;
  }

  /** How it continues where it is, in steps of so many seconds. */
  public List<Forecast> forecast(int steps, double stepS) {
    BarHeat forecast = likely.copy();
    Surroundings now = now();
    List<Forecast> points = new ArrayList<>();
    for (int i = 0; i <= steps; i++) {
      points.add(new Forecast(i * stepS, forecast.topSkinC(now), forecast.coreC()));
      forecast.advance(stepS, now);
    }
    return points;
  }

  private void all(Consumer<BarHeat> what) {
    what.accept(likely);
    what.accept(slow);
    what.accept(quick);
  }
}

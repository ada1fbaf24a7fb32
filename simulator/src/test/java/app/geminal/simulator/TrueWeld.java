package app.geminal.simulator;

import app.geminal.following.FollowedBar;
import app.geminal.following.HeatCalibration;
import app.geminal.following.Interval;
import app.geminal.following.Look;
import app.geminal.following.Place;
import app.geminal.following.Sighting;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Soak;
import app.geminal.heat.Surroundings;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Press;
import app.geminal.steel.Composition;
import app.geminal.steel.Deformation;
import app.geminal.steel.FlowStress;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weldmap.Bite;
import app.geminal.weldmap.HotStrength;
import app.geminal.weldmap.OpenJoint;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldSetup;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A weld in two heats, from the fire to the last squeeze: as it really is, and as it is followed.
 */
final class TrueWeld {
  private static final Press SLOW = new Press(0, 0, 220, 150, 60, 60, 10, 25);
  private static final Press GAUGED = new Press(178, 20.7, 500, 380, 130, 60, 10, 25);
  private static final Press FAST = new Press(0, 0, 2500, 150, 60, 60, 10, 400);
  private static final double STEP_S = 5;
  private static final double LONGEST_S = 3600;
  private static final double BETWEEN_LOOKS_S = 90;
  private static final double IN_SIGHT_K = 60;
  private static final int LOOKS = 2;
  private static final double HOTTER_K = 40;
  private static final double BITE_OFF = 0.05;

  /** What is done otherwise than the plan and the session say. */
  enum Habit {
    /** Out of the fire when the skin is ready and the core is not. */
    SHORT_SOAK,
    /** Out of the fire after the planned minutes, without a look. */
    BY_THE_CLOCK,
    /** The forge is set higher. */
    HOTTER,
    /** Twice as much flux, and where there should be none. */
    MUCH_FLUX,
    /** The gas is turned up at once. */
    GAS_UP,
    /** A long way to the press, and long between bites. */
    SLOW_HANDS,
    /** Hardly a second between bites. */
    QUICK_HANDS,
    /** The ram stops long before it should. */
    LIGHT_HAND,
    /** The ram stops at about half. */
    GENTLE_HAND,
    /** The ram is stopped far too late. */
    HEAVY_HAND,
    /** The last bite is left out. */
    DIES_MISS,
    /** A wide bar under a fast press: slag has no time. */
    FAST_PRESS
  }

  private final Random random;
  private final Set<Habit> habits;
  private final boolean isRamSeen;
  private final Press press;
  private final WeldSetup plan;
  private final Conditions conditions;
  private final Atmosphere flame;
  private final BarHeat real;
  private final SimulatedForge forge;
  private final SimulatedEye eye;
  private final TrueJoints truth;
  private final FollowedBar followed;
  private final double resists;
  private final List<Double> afterS = new ArrayList<>();
  private final List<Squeezed> squeezes = new ArrayList<>();

  /** What was said of the core after a squeeze, and what it was. */
  record Squeezed(Interval said, double trueC) {
    boolean holds() {
      return said.low() <= trueC && trueC <= said.high();
    }
  }

  private TrueWeld(
      Random random,
      WeldSetup plan,
      Conditions conditions,
      Press press,
      boolean isRamSeen,
      Set<Habit> habits) {
    this(random, plan, conditions, press, isRamSeen, habits, 1, Sample.ensemble());
  }

  private TrueWeld(
      Random random,
      WeldSetup plan,
      Conditions conditions,
      Press press,
      boolean isRamSeen,
      Set<Habit> habits,
      double resists,
      List<Sample> ensemble) {
    this.resists = resists;
    this.random = random;
    this.plan = plan;
    this.press = press;
    this.habits = habits;
    this.isRamSeen = isRamSeen;
    this.conditions = conditions;
    TrueHeat heat = conditions.heat();
    eye = new SimulatedEye(random);
    real = heat.bar(plan.bar());
    truth = new TrueJoints(plan, conditions, real, random);
    followed = new FollowedBar(plan.bar(), 20, ensemble, List.of(plan));
    double setC = plan.fire().chamberC() + (habits.contains(Habit.HOTTER) ? HOTTER_K : 0);
    forge =
        new SimulatedForge(
            random.nextLong(), setC + heat.gaugeOffsetC(), setC + heat.gaugeOffsetC());
    forge.offset(-heat.gaugeOffsetC());
    flame = habits.contains(Habit.GAS_UP) ? Atmosphere.RICH : conditions.flame();
    for (int n = 1; n <= plan.fire().minutes().size(); n++) {
      inTheFire(n);
      underThePress();
    }
  }

  /**
   * One of many stacks.
   *
   * @param drill what is wrong with it; null for nothing
   * @param isRamSeen whether the log says how far the ram has moved
   */
  static TrueWeld any(int number, @Nullable Drill drill, boolean isRamSeen, Set<Habit> habits) {
    Random random = new Random(9_000_011L * number);
    boolean isFast = habits.contains(Habit.FAST_PRESS);
    Press press = isFast ? FAST : SLOW;
    WeldSetup plan = plan(random, press, isFast);
    Conditions drawn = Conditions.drawn(random, plan);
    Conditions conditions = drill == null ? drawn : drawn.in(drill);
    return new TrueWeld(random, plan, conditions, press, isRamSeen, habits);
  }

  /**
   * One of the stacks of a shop whose press has a gauge; it is taken out by the clock.
   *
   * @param number of the stack
   * @param isSeen whether the log says how far the ram moved and with what force
   */
  static TrueWeld gauged(TrueShop shop, int number, boolean isSeen, HeatCalibration calibration) {
    Random random = new Random(5_000_011L * number);
    WeldSetup plan = plan(random, GAUGED, false);
    return new TrueWeld(
        random,
        plan,
        Conditions.with(shop.stack(random), TrueFaces.drawn(random), plan),
        GAUGED,
        isSeen,
        Set.of(Habit.BY_THE_CLOCK),
        shop.resists(),
        calibration.ensemble(FacePrep.GROUND));
  }

  /** The stack of the drills: seven pieces, 1 1/2 × 4 in, borax, two heats. */
  static TrueWeld drilled(int number, @Nullable Drill drill, Set<Habit> habits) {
    Random random = new Random(7_000_003L * number);
    BarHeat.Of bar = BarHeat.Of.solid(38, 42, drill == Drill.LATE_BITE ? 220 : 100).loose(6);
    List<Double> minutes = drill == Drill.COLD_CENTER ? List.of(8.0, 4.0) : List.of(14.0, 7.0);
    WeldSetup plan = plan(bar, 7, 1180, 0.08, false, SLOW, minutes);
    Conditions conditions =
        drill == null ? Conditions.drawn(random, plan) : Conditions.of(drill, plan);
    return new TrueWeld(random, plan, conditions, SLOW, true, habits);
  }

  private double between(double from, double to) {
    return Many.between(random, from, to);
  }

  private static WeldSetup plan(Random random, Press press, boolean isWide) {
    int pieces = 4 + random.nextInt(8);
    double pieceMm = Many.between(random, 3, 7);
    BarHeat.Of bar =
        BarHeat.Of.solid(
                isWide ? Many.between(random, 80, 120) : Many.between(random, 25, 50),
                pieces * pieceMm,
                Many.between(random, 80, 180))
            .loose(pieceMm);
    boolean isDry = !isWide && random.nextInt(3) == 0;
    return plan(
        bar,
        pieces,
        Many.between(random, 1150, 1200),
        Many.between(random, 0.06, 0.09),
        isDry,
        press,
        List.of(20.0, 8.0));
  }

  private static WeldSetup plan(
      BarHeat.Of bar,
      int pieces,
      double aimC,
      double reduction,
      boolean isDry,
      Press press,
      List<Double> minutes) {
    double biteMm = press.dieLengthMm();
    return new WeldSetup(
        bar,
        IntStream.range(1, pieces).mapToObj(i -> (double) i / pieces).toList(),
        aimC - 40,
        new WeldSetup.Fire(aimC + Soak.CHAMBER_OVER_C, 100, Atmosphere.RICH, minutes),
        new WeldSetup.Squeeze(
            reduction,
            Bite.fromTheMiddle((int) Math.ceil(bar.lengthMm() / biteMm), biteMm, bar.lengthMm()),
            reduction * bar.heightMm() / (press.speedMmS() * Deformation.FEATHERED),
            press.forceKn(),
            HotStrength.of(celsius -> flowMpa(celsius, reduction)),
            isDry ? 0.05 : 0.03,
            0.1),
        new WeldSetup.Faces(
            isDry ? AtmosphereProtection.DRY : AtmosphereProtection.BORAX,
            Jacket.BEAD,
            FacePrep.GROUND,
            0.02,
            0.03));
  }

  private static double flowMpa(double celsius, double reduction) {
    Deformation slow = new Deformation(reduction, Deformation.PRESS_PER_S * Deformation.FEATHERED);
    return FlowStress.mpa(
        Composition.of(0.8, 0.5, 0.25, 0, 0), Math.clamp(celsius, 760, 1300), slow);
  }

  private void inTheFire(int heat) {
    followed.put(Place.FIRE);
    forge.put(this, real, conditions.heat());
    boolean isFluxed = plan.faces().protection().isFluxedIn(heat);
    if (isFluxed) {
      followed.fluxed();
    }
    double lookedAt = 0;
    int looks = LOOKS;
    for (double s = STEP_S; s <= LONGEST_S && !isTakenOut(heat, s); s += STEP_S) {
      if (s % 240 == 0) {
        real.turnedOver();
        truth.turnedOver();
        followed.turnedOver();
      }
      forge.advance(STEP_S);
      truth.passed(STEP_S, flame);
      followed.advance(STEP_S, forge.gaugeC());
      if (looks > 0 && s > lookedAt + BETWEEN_LOOKS_S && isWorthALook()) {
        looks -= look() ? 1 : 0;
        lookedAt = s;
      }
    }
    int fluxes = (isFluxed ? 1 : 0) + (habits.contains(Habit.MUCH_FLUX) ? 3 : 0);
    for (int i = 0; i < fluxes; i++) {
      truth.fluxed();
    }
    followed.leavesFire();
    forge.take(this);
  }

  private boolean isTakenOut(int heat, double seconds) {
    if (habits.contains(Habit.BY_THE_CLOCK)) {
      return seconds > 60 * plan.fire().minutes().get(heat - 1);
    }
    return habits.contains(Habit.SHORT_SOAK)
        ? followed.estimate().core().middle() > plan.floorC() - 60 - 5 * plan.joints().size()
        : followed.chanceReady(plan.floorC()) >= FollowedBar.SURE;
  }

  private boolean isWorthALook() {
    return !habits.contains(Habit.BY_THE_CLOCK)
        && followed.estimate().core().high() > plan.floorC() - IN_SIGHT_K;
  }

  private boolean look() {
    Optional<Look> best = followed.mostInformative(EnumSet.of(Look.SHADOW, Look.COLOR));
    double skinC = real.topSkinC(conditions.heat().chamber(forge.chamberC()));
    best.ifPresent(at -> followed.seen(eye.look(at, skinC, real.coreC())));
    return best.isPresent();
  }

  private void underThePress() {
    List<Bite> bites = plan.squeeze().bites();
    double away = inAir(hands(between(3, 7), between(9, 16), 3));
    for (Bite bite : bites) {
      boolean isLast = bite == bites.getLast() && bites.size() > 1;
      if (!habits.contains(Habit.DIES_MISS) || !isLast) {
        afterS.add(away);
        away += squeeze() + inAir(hands(between(1.5, 3), between(5, 9), 1));
      }
    }
    truth.heatEnds();
    followed.heatEnds();
    real.welded();
    followed.welded();
    inAir(20);
  }

  private double hands(double usual, double slow, double quick) {
    return habits.contains(Habit.SLOW_HANDS)
        ? slow
        : habits.contains(Habit.QUICK_HANDS) ? quick : usual;
  }

  private double force() {
    if (habits.contains(Habit.LIGHT_HAND)) {
      return between(0.1, 0.35);
    }
    if (habits.contains(Habit.HEAVY_HAND)) {
      return between(2.2, 3.2);
    }
    return habits.contains(Habit.GENTLE_HAND) ? between(0.5, 0.6) : between(0.85, 1.15);
  }

  private double squeeze() {
    double asked = plan.squeeze().reduction() * force();
    SimulatedPress ram = new SimulatedPress(press, resists);
    ram.lay(real, plan.bar());
    ram.feather(Deformation.FEATHERED);
    ram.ram(true);
    ram.advance(0.5);
    double seconds = 0;
    double reduced = 0;
    while (reduced < asked && seconds < 2) {
      ram.advance(0.02);
      seconds += 0.02;
      reduced = ram.pressedMm() / plan.bar().heightMm();
    }
    real.advance(seconds, Surroundings.air().between(conditions.dies()));
    truth.squeezed(reduced, seconds);
    followed.put(Place.DIES);
    followed.squeezed();
    followed.advance(seconds, forge.gaugeC());
    followed.released(isRamSeen ? reduced : 0);
    if (isRamSeen && ram.gaugeMpa() > 0) {
      double kn = press.knAt(ram.gaugeMpa()) * Math.exp(BITE_OFF * random.nextGaussian());
      followed.seen(new Sighting.SqueezeForce(kn, 0));
    }
    squeezes.add(new Squeezed(followed.estimate().core(), real.coreC()));
    return seconds;
  }

  private double inAir(double seconds) {
    followed.put(Place.AIR);
    for (int s = 0; s < seconds; s++) {
      real.advance(1, Surroundings.air());
      forge.advance(1);
      truth.passed(1, flame);
      followed.advance(1, forge.gaugeC());
    }
    return seconds;
  }

  /** What has really become of it. */
  TrueJoints truth() {
    return truth;
  }

  /** What was said of the core after each squeeze. */
  List<Squeezed> squeezes() {
    return List.copyOf(squeezes);
  }

  /** What it adds to what was learned of the shop. */
  HeatCalibration after(HeatCalibration before) {
    return before.after(followed, FacePrep.GROUND);
  }

  /** What the plan alone makes of its joints. */
  WeldMap planned() {
    return WeldMap.of(List.of(plan), Sample.ensemble());
  }

  /** What the log makes of its joints. */
  WeldMap logged() {
    return followed.weldMap().orElseThrow();
  }

  /** What the log makes likely of an open place. */
  List<OpenJoint.Suspect> suspects(OpenJoint.Place place) {
    return followed.whyOpen(place, true, afterS).orElseThrow().suspects();
  }
}

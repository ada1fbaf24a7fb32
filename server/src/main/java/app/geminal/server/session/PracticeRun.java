package app.geminal.server.session;

import app.geminal.following.Place;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.shop.Press;
import app.geminal.simulator.Conditions;
import app.geminal.simulator.Drill;
import app.geminal.simulator.SimulatedForge;
import app.geminal.simulator.SimulatedPress;
import app.geminal.simulator.TrueHeat;
import app.geminal.simulator.TrueJoints;
import app.geminal.steel.Deformation;
import app.geminal.weldmap.Bite;
import app.geminal.weldmap.WeldSetup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * What is really going on in a practice run: a simulated forge and press, and bars in them whose
 * gaps, flame, gauge and joints are drawn at random and hidden from the estimate. Not for threads.
 */
final class PracticeRun {
  /** Steel has no color of its own below it, °C. */
  private static final double GLOWS_C = 500;

  private static final double LONGEST_STEP_S = 1;

  /** Air in times what the gas needs: below it a tongue of flame is at the door. */
  private static final double RICH_BELOW = 0.95;

  private static final double LEAN_ABOVE = 1.05;

  private final SimulatedForge forge;
  private final SimulatedPress press;
  private final List<Bar> bars = new ArrayList<>();

  /** How much the chamber is hotter than its thermocouple says, K. */
  private final double offC;

  private Atmosphere flame;

  /** A bar, where it is, and what has been done to its joints. */
  private static final class Bar {
    private final BarHeat heat;
    private final BarHeat.Of of;
    private final TrueHeat takesUp;
    private final Surroundings betweenDies;
    private final double valve;
    private final @Nullable WeldSetup weld;
    private final @Nullable TrueJoints joints;
    private Place place = Place.AIR;
    private boolean begun;
    private int bites;
    private double squeezedS;

    Bar(PlannedHeat planned, @Nullable Drill drill, Random random) {
      HeatPlan plan = planned.plan();
      weld = planned.welds().isEmpty() ? null : planned.welds().getLast();
      of = plan.bar();
      valve = plan.isWeld() ? Deformation.FEATHERED : 1;
      if (weld == null) {
        takesUp = TrueHeat.drawn(random);
        heat = takesUp.bar(of);
        betweenDies = Surroundings.air().between(FaceContact.COLD_DIE);
        joints = null;
      } else {
        Conditions conditions =
            drill == null ? Conditions.drawn(random, weld) : Conditions.of(drill, weld);
        takesUp = conditions.heat();
        heat = takesUp.bar(of);
        betweenDies = Surroundings.air().between(conditions.dies());
        joints = new TrueJoints(weld, conditions, heat, random);
      }
    }

    void passes(double seconds) {
      if (!begun) {
        return;
      }
      if (place != Place.FIRE) {
        heat.advance(seconds, place == Place.DIES ? betweenDies : Surroundings.air());
      }
      squeezedS += place == Place.DIES ? seconds : 0;
      if (joints != null) {
        joints.passed(seconds);
      }
    }

    void released(double pressedMm) {
      if (joints != null && weld != null) {
        List<Bite> laid = weld.squeeze().bites();
        Bite bite = laid.get(Math.min(bites, laid.size() - 1));
        double reduced = pressedMm / of.heightMm();
        joints.squeezed(bite.fromMm(), bite.toMm(), reduced, weld.squeeze().reduction(), squeezedS);
      }
      bites++;
      heat.welded();
    }

    void turnedOver() {
      heat.turnedOver();
      if (joints != null) {
        joints.turnedOver();
      }
    }

    void fluxed() {
      if (joints != null) {
        joints.fluxed();
      }
    }

    void flame(Atmosphere other) {
      if (joints != null) {
        joints.flame(other);
      }
    }

    void heatEnds() {
      if (joints != null && weld != null && bites > 0) {
        joints.heatEnds(weld.squeeze().reduction());
      }
      bites = 0;
    }
  }

  PracticeRun(List<PlannedHeat> heats, Press press, long seed, @Nullable Drill drill) {
    double set = heats.getFirst().plan().window().chamberC();
    Random random = new Random(seed);
    heats.forEach(h -> bars.add(new Bar(h, drill, random)));
    offC = bars.getFirst().takesUp.gaugeOffsetC();
    forge = new SimulatedForge(seed, set + offC, set + offC);
    forge.offset(-offC);
    this.press = new SimulatedPress(press);
    this.flame = drill == Drill.LEAN_FLAME ? Atmosphere.OXIDISING : heats.getFirst().plan().flame();
  }

  void done(int place, ForgeAction act) {
    Bar bar = bars.get(place);
    switch (act) {
      case IN -> {
        letGo(bar);
        bar.heatEnds();
        bar.begun = true;
        bar.place = Place.FIRE;
        forge.put(place, bar.heat, bar.takesUp);
      }
      case OUT -> {
        bar.place = Place.AIR;
        forge.take(place);
      }
      case SQUEEZE -> {
        letGo(bar);
        forge.take(place);
        bar.place = Place.DIES;
        bar.squeezedS = 0;
        press.lay(bar.heat, bar.of);
        press.feather(bar.valve);
        press.ram(true);
      }
      case TURN -> bar.turnedOver();
      case FLUX -> bar.fluxed();
      case LET_GO, BRUSH, LOOK -> letGo(bar);
      case FUEL -> {}
    }
  }

  private void letGo(Bar bar) {
    if (bar.place == Place.DIES) {
      bar.released(press.pressedMm());
      bar.place = Place.AIR;
      press.ram(false);
    }
  }

  /** What its controller is set to, which holds what the thermocouple says. */
  void set(double celsius) {
    forge.set(celsius + offC);
  }

  double setC() {
    return forge.setC() - offC;
  }

  /** Air in times what the gas needs. */
  void air(double ratio) {
    forge.air(ratio);
    flame =
        ratio < RICH_BELOW
            ? Atmosphere.RICH
            : ratio <= LEAN_ABOVE ? Atmosphere.NEUTRAL : Atmosphere.OXIDISING;
    bars.forEach(b -> b.flame(flame));
  }

  /** What the flame at the door shows. */
  Atmosphere flame() {
    return flame;
  }

  /** Whether anything is outside that has been in: then time runs as it does. */
  boolean isHandsOn() {
    return bars.stream().anyMatch(b -> b.begun && b.place != Place.FIRE);
  }

  void advance(double seconds) {
    int steps = (int) Math.ceil(seconds / LONGEST_STEP_S);
    for (int i = 0; i < steps; i++) {
      forge.advance(seconds / steps);
      press.advance(seconds / steps);
      for (Bar bar : bars) {
        bar.passes(seconds / steps);
      }
    }
  }

  /** Nothing more is done: what no die was on stays as it is. */
  void ends() {
    for (Bar bar : bars) {
      letGo(bar);
      bar.heatEnds();
    }
  }

  /** The joints of a bar as they have really come out; empty where it has none that are known. */
  Optional<TrueJoints> joints(int place) {
    return Optional.ofNullable(bars.get(place).joints);
  }

  /** What an eye sees of a bar; null while it is cold. */
  SessionView.@Nullable Glow glow(int place) {
    Bar bar = bars.get(place);
    Surroundings around =
        bar.place == Place.FIRE ? bar.takesUp.chamber(forge.chamberC()) : Surroundings.air();
    double skinC = bar.heat.topSkinC(around);
    return skinC < GLOWS_C ? null : new SessionView.Glow(skinC, bar.heat.coreC());
  }

  double gaugeC() {
    return forge.gaugeC();
  }

  double pressMpa() {
    return press.gaugeMpa();
  }
}

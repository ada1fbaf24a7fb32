package app.geminal.server.session;

import app.geminal.following.Place;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.simulator.Conditions;
import app.geminal.simulator.Drill;
import app.geminal.simulator.SimulatedForge;
import app.geminal.simulator.SimulatedPress;
import app.geminal.simulator.TrueHeat;
import app.geminal.simulator.TrueJoints;
import app.geminal.steel.Deformation;
import app.geminal.weldmap.WeldSetup;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
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

  /** A bar, where it is, and its joints where they are known. */
  private static final class Bar {
    private final BarHeat heat;
    private final BarHeat.Of of;
    private final TrueHeat takesUp;
    private final Surroundings betweenDies;
    private final Atmosphere flame;
    private final double valve;
    private final Optional<TrueJoints> joints;
    private Place place = Place.AIR;
    private boolean begun;
    private double squeezedS;

    Bar(PlannedHeat planned, @Nullable Drill drill, Random random) {
      HeatPlan plan = planned.plan();
      of = plan.bar();
      valve = plan.isWeld() ? Deformation.FEATHERED : 1;
      if (planned.welds().isEmpty()) {
        takesUp = TrueHeat.drawn(random);
        heat = takesUp.bar(of);
        betweenDies = Surroundings.air().between(FaceContact.COLD_DIE);
        flame = plan.flame();
        joints = Optional.empty();
      } else {
        WeldSetup weld = planned.welds().getLast();
        Conditions conditions =
            drill == null ? Conditions.drawn(random, weld) : Conditions.of(drill, weld);
        takesUp = conditions.heat();
        heat = takesUp.bar(of);
        betweenDies = Surroundings.air().between(conditions.dies());
        flame = conditions.flame();
        joints = Optional.of(new TrueJoints(weld, conditions, heat, random));
      }
    }

    void passes(double seconds, Atmosphere in) {
      if (!begun) {
        return;
      }
      if (place != Place.FIRE) {
        heat.advance(seconds, place == Place.DIES ? betweenDies : Surroundings.air());
      }
      squeezedS += place == Place.DIES ? seconds : 0;
      joints.ifPresent(j -> j.passed(seconds, in));
    }

    void released(double pressedMm) {
      joints.ifPresent(j -> j.squeezed(pressedMm / of.heightMm(), squeezedS));
      heat.welded();
    }

    void turnedOver() {
      heat.turnedOver();
      joints.ifPresent(TrueJoints::turnedOver);
    }
  }

  /** That of a session, from its beginning. */
  static PracticeRun of(Session session, @Nullable Press press) {
    return new PracticeRun(
        session.billets().stream().map(Session.Billet::heat).toList(),
        Objects.requireNonNullElseGet(press, () -> Objects.requireNonNull(Shop.common().press())),
        session.id(),
        session.drill());
  }

  /** The same again, as it was heated up to a second: what was interrupted continues so. */
  static PracticeRun replayed(
      Session session, @Nullable Press press, Collection<KeptEntry> log, double second) {
    PracticeRun run = of(session, press);
    double at = 0;
    for (KeptEntry e : log) {
      run.advance(Math.max(0, e.atS() - at));
      at = Math.max(at, e.atS());
      run.take(e.entry());
    }
    run.advance(Math.max(0, second - at));
    return run;
  }

  /** What an entry does to bars, forge and flame. */
  void take(Entry e) {
    if (e.kind() == Entry.Kind.DEED && e.act() != null) {
      done(e.place(), e.act());
    } else if (e.kind() == Entry.Kind.FORGE && e.figure() != null) {
      set(e.figure());
    } else if (e.kind() == Entry.Kind.AIR && e.figure() != null) {
      air(e.figure());
    }
  }

  PracticeRun(List<PlannedHeat> heats, Press press, long seed, @Nullable Drill drill) {
    double set = heats.getFirst().plan().window().chamberC();
    Random random = new Random(seed);
    heats.forEach(h -> bars.add(new Bar(h, drill, random)));
    offC = bars.getFirst().takesUp.gaugeOffsetC();
    forge = new SimulatedForge(seed, set + offC, set + offC);
    forge.offset(-offC);
    this.press =
        new SimulatedPress(press, drill == null ? SimulatedPress.resists(new Random(~seed)) : 1);
    this.flame = bars.getFirst().flame;
  }

  void done(int place, ForgeAction act) {
    Bar bar = bars.get(place);
    switch (act) {
      case IN -> {
        letGo(bar);
        bar.joints.ifPresent(TrueJoints::heatEnds);
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
      case FLUX -> bar.joints.ifPresent(TrueJoints::fluxed);
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
        bar.passes(seconds / steps, flame);
      }
    }
  }

  /** Nothing more is done: what no die was on stays as it is. */
  void ends() {
    for (Bar bar : bars) {
      letGo(bar);
      bar.joints.ifPresent(TrueJoints::heatEnds);
    }
  }

  /** The joints of a bar as they have really come out; empty where it has none that are known. */
  Optional<TrueJoints> joints(int place) {
    return bars.get(place).joints;
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

package app.geminal.server.session;

import app.geminal.following.Place;
import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.shop.Press;
import app.geminal.simulator.SimulatedForge;
import app.geminal.simulator.SimulatedPress;
import app.geminal.simulator.TrueHeat;
import app.geminal.steel.Deformation;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * What is really going on in a practice run: a simulated forge and press, and bars in them whose
 * gaps, flame and gauge are drawn at random and hidden from the estimate. Not for threads.
 */
final class PracticeRun {
  /** Steel has no color of its own below it, °C. */
  private static final double GLOWS_C = 500;

  private final SimulatedForge forge;
  private final SimulatedPress press;
  private final List<Bar> bars = new ArrayList<>();

  /** A bar and where it is. */
  private static final class Bar {
    private final BarHeat heat;
    private final BarHeat.Of of;
    private final TrueHeat truth;
    private final double valve;
    private Place place = Place.AIR;
    private boolean begun;

    Bar(HeatPlan plan, TrueHeat truth) {
      this.truth = truth;
      of = plan.bar();
      valve = plan.isWeld() ? Deformation.FEATHERED : 1;
      heat = truth.bar(of);
    }
  }

  PracticeRun(List<HeatPlan> plans, Press press, long seed) {
    double set = plans.getFirst().window().chamberC();
    this.forge = new SimulatedForge(seed, set, set);
    this.press = new SimulatedPress(press);
    Random random = new Random(seed);
    plans.forEach(p -> bars.add(new Bar(p, TrueHeat.drawn(random))));
    forge.offset(-bars.getFirst().truth.gaugeOffsetC());
  }

  void done(int place, ForgeAction act) {
    Bar bar = bars.get(place);
    switch (act) {
      case IN -> {
        letGo(bar);
        bar.begun = true;
        bar.place = Place.FIRE;
        forge.put(place, bar.heat, bar.truth);
      }
      case OUT -> {
        bar.place = Place.AIR;
        forge.take(place);
      }
      case SQUEEZE -> {
        forge.take(place);
        bar.place = Place.DIES;
        bar.heat.welded();
        press.lay(bar.heat, bar.of);
        press.feather(bar.valve);
        press.ram(true);
      }
      case TURN -> bar.heat.turnedOver();
      case LET_GO, BRUSH, LOOK -> letGo(bar);
      case FUEL, FLUX -> {}
    }
  }

  private void letGo(Bar bar) {
    if (bar.place == Place.DIES) {
      bar.place = Place.AIR;
      press.ram(false);
    }
  }

  void set(double celsius) {
    forge.set(celsius);
  }

  double setC() {
    return forge.setC();
  }

  /** Whether anything is outside that has been in: then time runs as it does. */
  boolean isHandsOn() {
    return bars.stream().anyMatch(b -> b.begun && b.place != Place.FIRE);
  }

  void advance(double seconds) {
    forge.advance(seconds);
    press.advance(seconds);
    for (Bar bar : bars) {
      if (bar.begun && bar.place != Place.FIRE) {
        Surroundings air = Surroundings.air();
        bar.heat.advance(
            seconds, bar.place == Place.DIES ? air.between(FaceContact.COLD_DIE) : air);
      }
    }
  }

  /** What an eye sees of a bar; null while it is cold. */
  SessionView.@Nullable Glow glow(int place) {
    Bar bar = bars.get(place);
    Surroundings around =
        bar.place == Place.FIRE ? bar.truth.chamber(forge.chamberC()) : Surroundings.air();
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

package app.geminal.server.session;

import app.geminal.heat.BarHeat;
import app.geminal.following.Place;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.shop.Press;
import app.geminal.simulator.SimulatedForge;
import app.geminal.simulator.SimulatedPress;
import app.geminal.steel.Deformation;
import java.util.ArrayList;
import java.util.List;

/**
 * What is really going on in a rehearsal: a simulated forge and press, and bars in them that behave
 * by the same physics as the estimate but are hidden from it. Not for threads.
 */
final class PracticeRun {
  private final SimulatedForge forge;
  private final SimulatedPress press;
  private final List<Bar> bars = new ArrayList<>();

  /** A bar and where it is. */
  private static final class Bar {
    private final BarHeat heat;
    private final BarHeat.Of of;
    private final double valve;
    private Place place = Place.AIR;
    private boolean begun;

    Bar(HeatPlan plan) {
      of = plan.bar();
      valve = plan.isWeld() ? Deformation.FEATHERED : 1;
      heat = new BarHeat(of, 20);
    }
  }

  PracticeRun(List<HeatPlan> plans, Press press, long seed) {
    double set = plans.getFirst().window().chamberC();
    this.forge = new SimulatedForge(seed, set, set);
    this.press = new SimulatedPress(press);
    plans.forEach(p -> bars.add(new Bar(p)));
  }

  void done(int place, ForgeAction act) {
    Bar bar = bars.get(place);
    switch (act) {
      case IN -> {
        letGo(bar);
        bar.begun = true;
        bar.place = Place.FIRE;
        forge.put(place, bar.heat);
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

  double gaugeC() {
    return forge.gaugeC();
  }

  double pressMpa() {
    return press.gaugeMpa();
  }
}

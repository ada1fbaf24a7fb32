package app.geminal.fire;

import app.geminal.forging.StopLadder;
import app.geminal.heat.HotSize;
import app.geminal.operation.SetWeld;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.List;

/** The steps of a heat plan, each school's complete and in order, with the moment for each. */
final class Steps {
  /** Borax goes on here, a little over where it melts; it clings to seams at dull red, °C. */
  static final double FLUX_AT_C = 760;

  /** Anhydrous borax. */
  static final double BORAX_MELTS_C = 742;

  /** Fluxed again before the second set; once it is solid it only eats the floor. */
  private static final int LAST_FLUXED_HEAT = 2;

  private Steps() {}

  static List<FireStep> ofWeld(SetWeld weld, Soaking soaking, Window window, Squeezing squeezing) {
    List<FireStep> steps = new ArrayList<>();
    before(weld.school(), steps);
    for (int heat = 1; heat <= weld.heats(); heat++) {
      in(heat, weld.school(), steps);
      flux(heat, weld.school(), steps);
      double minutes = soaking.minutes(heat);
      if (heat == 1) {
        steps.add(
            FireStep.of(
                heat,
                Act.TURN,
                "turn",
                "Turn it over, so that the side on the floor sees the flame.",
                Text.of("after about %.0f min, half-way", Math.max(1, minutes / 2))));
      }
      steps.add(
          FireStep.even(
              heat,
              Text.of(
                  "Wait until core and skin are even at %s: no dark shadow across the end, the same colour over every seam%s.",
                  Measure.celsius(window.aimC()),
                  fluxed(weld.school(), heat) ? ", flux running and smoking" : ""),
              Text.of("about %.0f min in the fire", minutes)));
      steps.add(FireStep.of(heat, Act.OUT, "out", "Straight to the dies.", "when it is even"));
      steps.add(set(heat, weld, squeezing));
      steps.add(
          FireStep.of(
              heat,
              Act.BRUSH,
              "brush",
              "Scale off faces and dies, so that nothing is driven in.",
              "at once, still hot"));
    }
    steps.add(
        FireStep.of(
            weld.heats(),
            Act.LOOK,
            "look for dark lines",
            weld.school() == OxygenSchool.SEALED
                ? "Look along every edge while it cools: a dark line or a patch of another colour is not welded. Grind the jacket or bead off cold."
                : "Look along every edge while it cools: a dark line or a patch of another colour is not welded.",
            "as the colour fades"));
    return List.copyOf(steps);
  }

  private static void before(OxygenSchool school, List<FireStep> steps) {
    if (school == OxygenSchool.DRY || school == OxygenSchool.BOTH) {
      steps.add(
          FireStep.of(
              1,
              Act.FUEL,
              "fuel bath",
              "The cold stack into the tub until no bubbles rise, then drained. Seams stay closed from now until they are at heat.",
              "cold, before lighting up; minutes are enough"));
    }
  }

  private static void in(int heat, OxygenSchool school, List<FireStep> steps) {
    String how =
        heat > 1
            ? "Straight back, the side that lay below now above."
            : switch (school) {
              case BORAX -> "Into a rich flame, a tongue of it out of the door.";
              case DRY, BOTH ->
                  "Into a rich flame, standing aside: it flares. The fuel burns the air out of the seams and leaves soot.";
              case SEALED -> "Vent away from you. A long soak is safe now; a tight can is not.";
            };
    steps.add(
        FireStep.of(
            heat,
            Act.IN,
            heat == 1 ? "in" : "back in",
            how,
            heat == 1 ? "forge at heat" : "at once"));
  }

  private static boolean fluxed(OxygenSchool school, int heat) {
    return switch (school) {
      case BORAX -> heat <= LAST_FLUXED_HEAT;
      case BOTH -> heat == LAST_FLUXED_HEAT;
      case DRY, SEALED -> false;
    };
  }

  private static void flux(int heat, OxygenSchool school, List<FireStep> steps) {
    if (!fluxed(school, heat)) {
      return;
    }
    steps.add(
        heat == 1
            ? FireStep.of(
                heat,
                Act.FLUX,
                "flux the seams",
                "Borax on the seams, not the faces; then back in. Some add it in the forge with a long spoon, because pulling an open stack out lets scale form.",
                "at dull red, " + Measure.celsius(FLUX_AT_C))
            : FireStep.of(
                heat,
                Act.FLUX,
                "flux again",
                "Only seams that are not closed yet. Once it is solid, no more.",
                "as it goes back in"));
  }

  private static FireStep set(int heat, SetWeld weld, Squeezing squeezing) {
    String bites =
        squeezing.bites() > 1
            ? Text.of(" %d bites, each a quarter over the last.", squeezing.bites())
            : "";
    boolean voids = weld.heats() > 3;
    return FireStep.of(
        heat,
        Act.SQUEEZE,
        "set " + heat + (heat == 1 ? ", light" : ""),
        (heat == 1
                ? Text.of(
                    "Light and even, the widest flat dies, the whole face at once if the press can: about %.0f %% of the height.",
                    weld.reductionPerHeat() * 100)
                : voids && heat < weld.heats()
                    ? Text.of(
                        "A little more, worked round: about %.0f %%.",
                        weld.reductionPerHeat() * 100)
                    : Text.of(
                        "Firmer now: about %.0f %% of the height.", weld.reductionPerHeat() * 100))
            + bites,
        "within seconds of leaving the fire");
  }

  static List<FireStep> ofDraw(
      List<StopLadder.Rung> stops, int heats, Soaking soaking, Window window) {
    List<FireStep> steps = new ArrayList<>();
    for (int heat = 1; heat <= heats; heat++) {
      steps.add(
          FireStep.of(
              heat,
              Act.IN,
              heat == 1 ? "in" : "back in",
              heat == 1 ? "The part to be drawn in the hottest place." : "Straight back.",
              heat == 1 ? "forge at heat" : "at once"));
      steps.add(
          FireStep.even(
              heat,
              Text.of("Hot through at %s.", Measure.celsius(window.aimC())),
              Text.of("about %.0f min in the fire", soaking.minutes(heat))));
      steps.add(FireStep.of(heat, Act.OUT, "out", "Straight to the dies.", "when it is even"));
      StopLadder.Rung rung = stops.get(Math.min(heat, stops.size()) - 1);
      steps.add(
          FireStep.of(
              heat,
              Act.SQUEEZE,
              "down to " + Measure.mm(rung.heightMm()),
              Text.of(
                  "Stop block %s: expect %s wide and %s long. Keep it square; work the edges back when it spreads to %s. Cold it will be %s high.",
                  Measure.mm(rung.heightMm()),
                  Measure.mm(rung.widthMm()),
                  Measure.mm(rung.lengthMm()),
                  Measure.mm(rung.spreadMm()),
                  Measure.mm(HotSize.coldMm(rung.heightMm(), window.aimC()))),
              "while it is over " + Measure.celsius(window.floorC())));
      steps.add(
          FireStep.of(
              heat, Act.BRUSH, "brush", "Scale off, so that it is not pressed in.", "still hot"));
    }
    steps.add(
        FireStep.of(
            heats,
            Act.LOOK,
            "look along the edges",
            "Ends go ragged and open: that is cut off. A line further in is a flaw.",
            "as the colour fades"));
    return List.copyOf(steps);
  }
}

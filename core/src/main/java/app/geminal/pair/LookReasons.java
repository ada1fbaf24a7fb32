package app.geminal.pair;

import app.geminal.steel.Confidence;
import app.geminal.steel.Hardening;
import app.geminal.steel.Quench;
import app.geminal.steel.Steel;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;

/** What is worth knowing before it is tried: contrast, fume, uncertain stock, wandering carbon. */
final class LookReasons {
  private static final double LOW_CONTRAST = 0.2;
  private static final double FUMES_FROM_PERCENT = 1;
  private static final double DRAWS_CARBON_CHROMIUM = 5;
  private static final double REPELS_CARBON_SILICON = 1.5;

  private LookReasons() {}

  static List<Reason> of(Question question, Figures f) {
    List<Reason> found = new ArrayList<>();
    List<Steel> steels = question.members().stream().map(Member::steel).distinct().toList();
    if (f.toneApart() < LOW_CONTRAST) {
      found.add(
          note(
              "contrast-low",
              WeldReasons.names(steels),
              "Weak contrast.",
              Text.of(
                  "Their tones lie %.2f apart (±0.15); under %.1f the lines are hard to see.",
                  f.toneApart(), LOW_CONTRAST),
              "A steel with one to three percent nickel beside it stays bright."));
    }
    for (Steel s : steels) {
      if (s.confidence() == Confidence.LOW) {
        found.add(
            note(
                "steel-uncertain",
                List.of(s.id()),
                Text.of("%s may be something else.", s.id()),
                "Its composition is a guess about stock of that kind; every figure here follows from it.",
                "First a coupon: spark, harden and break, etch, and a weld peeled apart."));
      }
      fumes(s, found);
      if (s.hardening().map(Hardening::bladeQuench).filter(LookReasons::hardensInAir).isPresent()) {
        found.add(
            note(
                "hardens-in-air",
                List.of(s.id()),
                Text.of("%s hardens as it cools.", s.id()),
                "After forging it is too hard for saw and drill.",
                "Anneal before cutting."));
      }
      if (s.chromiumPercent() > DRAWS_CARBON_CHROMIUM
          || s.composition().silicon() >= REPELS_CARBON_SILICON) {
        boolean draws = s.chromiumPercent() > DRAWS_CARBON_CHROMIUM;
        found.add(
            note(
                "carbon-wanders",
                List.of(s.id()),
                draws
                    ? Text.of("%s draws carbon out of its neighbours.", s.id())
                    : Text.of("%s gives its carbon to its neighbours.", s.id()),
                draws
                    ? "Chromium binds it: a dark fringe on the one side, a soft line on the other."
                    : "Silicon drives it out; carbon comes to rest at equal activity, not equal content.",
                "Short heats; a sheet of nickel between slows it."));
      }
    }
    return found;
  }

  private static void fumes(Steel s, List<Reason> found) {
    boolean chromium = s.chromiumPercent() >= FUMES_FROM_PERCENT;
    boolean nickel = s.composition().nickel() >= FUMES_FROM_PERCENT;
    if (chromium || nickel) {
      String what = chromium && nickel ? "chromium and nickel" : chromium ? "chromium" : "nickel";
      found.add(
          new Reason(
              "fume-metals",
              Weight.NOTE,
              true,
              List.of(s.id()),
              Text.of("%s carries %s.", s.id(), what),
              chromium
                  ? "Fume in the forge, dust under the grinder; hot under borax chromium takes its most poisonous form."
                  : "Fume in the forge and dust under the grinder cause cancer of the lung.",
              "Extraction and a fit-tested mask; follow the maker's data sheet."));
    }
  }

  private static boolean hardensInAir(Quench quench) {
    return quench == Quench.AIR || quench == Quench.SLOW_OIL;
  }

  private static Reason note(String id, List<String> steels, String what, String why, String mend) {
    return new Reason(id, Weight.NOTE, false, steels, what, why, mend);
  }
}

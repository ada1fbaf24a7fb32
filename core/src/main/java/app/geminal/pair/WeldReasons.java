package app.geminal.pair;

import app.geminal.steel.FlowStress;
import app.geminal.steel.OutOfRange;
import app.geminal.steel.Steel;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/** What stands against the weld itself. */
final class WeldReasons {
  private static final double NARROW_WINDOW_C = 40;
  private static final double CHROMIUM_LIFTS_BADLY = 1;
  private static final double CAST_IRON_CARBON = 2.1;
  private static final double STRENGTH_RATIO = 2;

  private WeldReasons() {}

  static List<Reason> of(Question question, Figures f) {
    List<Reason> found = new ArrayList<>();
    List<Steel> steels = question.members().stream().map(Member::steel).toList();
    List<Steel> never = steels.stream().filter(Steel::neverWeld).toList();
    never.forEach(s -> found.add(neverWelds(s)));
    if (never.isEmpty() && f.windowC() < 0) {
      found.add(noWindow(steels, f));
    } else if (never.isEmpty() && f.windowC() < NARROW_WINDOW_C) {
      found.add(narrow(steels, f));
    }
    if (!question.sealed()) {
      steels.forEach(s -> oxide(s, found));
    }
    hotStrength(steels, f, found);
    return found;
  }

  private static Reason neverWelds(Steel s) {
    boolean zinc = s.isCopper();
    return new Reason(
        zinc ? "zinc-or-lead" : "no-weld-window",
        Weight.STOP,
        zinc,
        List.of(s.id()),
        Text.of("%s does not belong in a fire with steel.", s.id()),
        zinc
            ? Text.of(
                "Zinc boils at %s and lead and beryllium poison; fume before anything welds.",
                Measure.celsius(907))
            : s.carbonPercent() > CAST_IRON_CARBON
                ? Text.of(
                    "Cast iron begins to melt at %s, under welding heat; it crumbles under the press, and its carbon melts the steel it touches.",
                    Measure.celsius(s.solidusC()))
                : Text.of(
                    "It forms a liquid or a brittle seam with iron or nickel at or below welding heat (iron and titanium at %s, nickel and niobium at %s).",
                    Measure.celsius(1085), Measure.celsius(1175)),
        "Leave it out.");
  }

  private static Reason noWindow(List<Steel> steels, Figures f) {
    return new Reason(
        "no-weld-window",
        Weight.STOP,
        false,
        names(steels),
        "They share no welding heat.",
        Text.of(
            "One needs %s and another bears %s at most; %s is missing.",
            Measure.celsius(f.weldFromC()),
            Measure.celsius(f.weldToC()),
            Measure.degrees(-f.windowC())),
        "Leave one of them out.");
  }

  private static Reason narrow(List<Steel> steels, Figures f) {
    return new Reason(
        "weld-window-narrow",
        Weight.CONDITION,
        false,
        names(steels),
        "The welding window is narrow.",
        Text.of(
            "From %s to %s; under %s wide a gauge's error is as large.",
            Measure.celsius(f.weldFromC()),
            Measure.celsius(f.weldToC()),
            Measure.degrees(NARROW_WINDOW_C)),
        "Only with a controlled flame, a thermocouple beside the billet and a press.");
  }

  private static void oxide(Steel s, List<Reason> found) {
    double chromium = s.chromiumPercent();
    boolean stop = s.weldsOnlySealed();
    if (stop || chromium >= CHROMIUM_LIFTS_BADLY) {
      found.add(
          new Reason(
              "oxide-will-not-lift",
              stop ? Weight.STOP : Weight.CONDITION,
              false,
              List.of(s.id()),
              stop
                  ? Text.of("%s does not weld in the open.", s.id())
                  : Text.of("The oxide of %s lifts badly.", s.id()),
              chromium >= CHROMIUM_LIFTS_BADLY
                  ? Text.of(
                      "%.1f %% chromium; borax does not dissolve its oxide, over %.0f %% not at all.",
                      chromium, Steel.MOST_CHROMIUM_FLUXED)
                  : "Its oxide (aluminium, titanium, manganese) is not dissolved by borax.",
              "Weld it sealed: jacket or a bead round every seam."));
    }
  }

  private static void hotStrength(List<Steel> steels, Figures f, List<Reason> found) {
    double heatC = Math.clamp((f.weldFromC() + f.weldToC()) / 2, 900, 1250);
    Comparator<Steel> byStress = Comparator.comparingDouble(s -> stress(s, heatC).orElse(0));
    List<Steel> known = steels.stream().filter(s -> stress(s, heatC).isPresent()).toList();
    if (known.size() < 2) {
      return;
    }
    Steel soft = known.stream().min(byStress).orElseThrow();
    Steel stiff = known.stream().max(byStress).orElseThrow();
    double ratio = stress(stiff, heatC).getAsDouble() / stress(soft, heatC).getAsDouble();
    if (ratio > STRENGTH_RATIO) {
      found.add(
          new Reason(
              "hot-strength-differs",
              Weight.CONDITION,
              false,
              List.of(soft.id(), stiff.id()),
              Text.of("%s runs out beside %s.", soft.id(), stiff.id()),
              Text.of(
                  "At %s the one resists %.1f times as much as the other; over %.0f the soft layer is squeezed out or the stiff one tears.",
                  Measure.celsius(heatC), ratio, STRENGTH_RATIO),
              "Small reductions, hot, flat dies; or put the stiff one outside."));
    }
  }

  private static OptionalDouble stress(Steel s, double heatC) {
    try {
      return OptionalDouble.of(FlowStress.mpa(s.composition(), heatC));
    } catch (OutOfRange outside) {
      return OptionalDouble.empty();
    }
  }

  static List<String> names(List<Steel> steels) {
    return steels.stream().map(Steel::id).toList();
  }
}

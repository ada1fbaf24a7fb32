package app.geminal.compatibility;

import app.geminal.steel.FlowStress;
import app.geminal.steel.OutOfRange;
import app.geminal.steel.Steel;
import app.geminal.units.Quantity;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/** What is against the weld itself. */
final class WeldReasons {
  private static final double NARROW_WINDOW_C = 40;
  private static final double CHROMIUM_LIFTS_BADLY = 1;
  private static final double CAST_IRON_CARBON = 2.1;
  private static final double STRENGTH_RATIO = 2;

  /** Why a metal never welds to steel. */
  private enum Why {
    CAST_IRON,
    LIQUID
  }

  private WeldReasons() {}

  static List<Reason> of(SteelQuestion question, PairFigures f) {
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
    Reason never =
        Reason.of(
            zinc ? ReasonKind.ZINC : ReasonKind.NEVER_WELDS,
            ReasonWeight.STOP,
            List.of(s.id()),
            "why",
            s.carbonPercent() > CAST_IRON_CARBON ? Why.CAST_IRON : Why.LIQUID,
            "boils",
            Quantity.celsius(907),
            "melts",
            Quantity.celsius(s.solidusC()),
            "titanium",
            Quantity.celsius(1085),
            "niobium",
            Quantity.celsius(1175));
    return zinc ? never.forSafety() : never;
  }

  private static Reason noWindow(List<Steel> steels, PairFigures f) {
    return Reason.of(
        ReasonKind.NO_WELD_WINDOW,
        ReasonWeight.STOP,
        names(steels),
        "from",
        Quantity.celsius(f.weldFromC()),
        "to",
        Quantity.celsius(f.weldToC()),
        "missing",
        Quantity.degrees(-f.windowC()));
  }

  private static Reason narrow(List<Steel> steels, PairFigures f) {
    return Reason.of(
        ReasonKind.WELD_WINDOW_NARROW,
        ReasonWeight.CONDITION,
        names(steels),
        "from",
        Quantity.celsius(f.weldFromC()),
        "to",
        Quantity.celsius(f.weldToC()),
        "limit",
        Quantity.degrees(NARROW_WINDOW_C));
  }

  private static void oxide(Steel s, List<Reason> found) {
    double chromium = s.chromiumPercent();
    boolean stop = s.weldsOnlySealed();
    if (stop || chromium >= CHROMIUM_LIFTS_BADLY) {
      found.add(
          Reason.of(
              ReasonKind.OXIDE_NOT_FLUXED,
              stop ? ReasonWeight.STOP : ReasonWeight.CONDITION,
              List.of(s.id()),
              "never",
              stop,
              "isChromium",
              chromium >= CHROMIUM_LIFTS_BADLY,
              "chromium",
              Quantity.share(chromium / 100),
              "limit",
              Quantity.share(Steel.MOST_CHROMIUM_FLUXED / 100)));
    }
  }

  private static void hotStrength(List<Steel> steels, PairFigures f, List<Reason> found) {
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
          Reason.of(
              ReasonKind.HOT_STRENGTH_DIFFERS,
              ReasonWeight.CONDITION,
              List.of(soft.id(), stiff.id()),
              "soft",
              soft.id(),
              "stiff",
              stiff.id(),
              "heat",
              Quantity.celsius(heatC),
              "ratio",
              BigDecimal.valueOf(ratio).setScale(1, RoundingMode.HALF_UP),
              "limit",
              STRENGTH_RATIO));
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

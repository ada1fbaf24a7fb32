package app.geminal.compatibility;

import app.geminal.steel.Confidence;
import app.geminal.steel.Hardening;
import app.geminal.steel.Quench;
import app.geminal.steel.Steel;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/** What is worth knowing before it is tried: contrast, fume, uncertain stock, diffusing carbon. */
final class AppearanceReasons {
  private static final double LOW_CONTRAST = 0.2;
  private static final double FUMES_FROM_PERCENT = 1;
  private static final double DRAWS_CARBON_CHROMIUM = 5;
  private static final double REPELS_CARBON_SILICON = 1.5;

  private AppearanceReasons() {}

  static List<Reason> of(SteelQuestion question, PairFigures f) {
    List<Reason> found = new ArrayList<>();
    List<Steel> steels = question.members().stream().map(Member::steel).distinct().toList();
    if (f.toneApart() < LOW_CONTRAST) {
      found.add(
          note(
              ReasonKind.CONTRAST_LOW,
              WeldReasons.names(steels),
              "apart",
              BigDecimal.valueOf(f.toneApart()).setScale(2, RoundingMode.HALF_UP),
              "limit",
              LOW_CONTRAST));
    }
    for (Steel s : steels) {
      if (s.confidence() == Confidence.LOW) {
        found.add(note(ReasonKind.STEEL_UNCERTAIN, List.of(s.id())));
      }
      fumes(s, found);
      if (s.hardening()
          .map(Hardening::bladeQuench)
          .filter(AppearanceReasons::hardensInAir)
          .isPresent()) {
        found.add(note(ReasonKind.HARDENS_IN_AIR, List.of(s.id())));
      }
      if (s.chromiumPercent() > DRAWS_CARBON_CHROMIUM) {
        found.add(note(ReasonKind.CARBON_DRAWN, List.of(s.id())));
      } else if (s.composition().silicon() >= REPELS_CARBON_SILICON) {
        found.add(note(ReasonKind.CARBON_REPELLED, List.of(s.id())));
      }
    }
    return found;
  }

  /** Metals whose fume and dust poison. */
  private enum Fume {
    CHROMIUM,
    NICKEL,
    BOTH
  }

  private static void fumes(Steel s, List<Reason> found) {
    boolean chromium = s.chromiumPercent() >= FUMES_FROM_PERCENT;
    boolean nickel = s.composition().nickel() >= FUMES_FROM_PERCENT;
    if (chromium || nickel) {
      Fume metals = chromium && nickel ? Fume.BOTH : chromium ? Fume.CHROMIUM : Fume.NICKEL;
      found.add(note(ReasonKind.FUME_METALS, List.of(s.id()), "metals", metals).forSafety());
    }
  }

  private static boolean hardensInAir(Quench quench) {
    return quench == Quench.AIR || quench == Quench.SLOW_OIL;
  }

  private static Reason note(ReasonKind kind, List<String> steels, Object... namesAndFigures) {
    return Reason.of(kind, ReasonWeight.NOTE, steels, namesAndFigures);
  }
}

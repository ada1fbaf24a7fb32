package app.geminal.compatibility;

import app.geminal.steel.Confidence;
import app.geminal.steel.Hardening;
import app.geminal.steel.Quench;
import app.geminal.steel.WeldWindow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Answers whether steels go together. */
public final class Pairing {
  /** The temper hardness is reported for when none is asked for, °C. */
  public static final double USUAL_TEMPER_C = 200;

  private Pairing() {}

  /** The verdict, hardness reported for a temper at 200 °C. */
  public static Verdict of(SteelQuestion question) {
    return of(question, USUAL_TEMPER_C);
  }

  /** The verdict, hardness reported for the given temper, °C. */
  public static Verdict of(SteelQuestion question, double temperC) {
    PairFigures figures = PairFigures.of(question);
    List<Reason> reasons = new ArrayList<>();
    if (Copper.isIn(question)) {
      reasons.addAll(Copper.protections(question));
    } else {
      reasons.addAll(WeldReasons.of(question, figures));
    }
    reasons.addAll(HardenReasons.of(question, figures));
    reasons.addAll(AppearanceReasons.of(question, figures));
    reasons.sort(Comparator.comparing(Reason::weight).thenComparing(r -> !r.safety()));
    boolean uncertain =
        question.members().stream().anyMatch(m -> m.steel().confidence() == Confidence.LOW);
    double soft = Score.soft(figures, question);
    double score = Score.of(soft, HardenReasons.edgeCarbon(question, figures), uncertain);
    boolean stopped = reasons.stream().anyMatch(r -> r.weight() == ReasonWeight.STOP);
    Grade grade =
        stopped
            ? Grade.STOP
            : Copper.isIn(question) ? Grade.SKILLED : Grade.of(score, figures.windowC());
    return new Verdict(
        grade,
        soft,
        score,
        reasons,
        figures.windowC() >= 0
            ? Optional.of(new WeldWindow(figures.weldFromC(), figures.weldToC()))
            : Optional.empty(),
        figures.hardening(),
        quench(question),
        figures.quenchSteps(),
        figures.msApartC(),
        figures.strainPercent(),
        figures.toneApart(),
        figures.carbon().mean(),
        HardnessRange.of(question.members(), figures.carbon().mean(), temperC));
  }

  private static Optional<Quench> quench(SteelQuestion question) {
    return question.members().stream()
        .filter(Member::atEdge)
        .flatMap(m -> m.steel().hardening().stream())
        .map(Hardening::bladeQuench)
        .max(Comparator.naturalOrder());
  }
}

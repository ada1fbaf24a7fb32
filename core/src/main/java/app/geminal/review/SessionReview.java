package app.geminal.review;

import app.geminal.heat.Soak;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.HeatStep;
import app.geminal.heatplan.HeatSteps;
import app.geminal.heatplan.HeatWindow;
import app.geminal.session.HeatSession;
import app.geminal.session.LogEntry;
import app.geminal.session.LogMark;
import app.geminal.session.PlanProgress;
import app.geminal.shop.Limits;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.List;

/**
 * What the log of one billet's heats shows afterwards: pulled too early, out too long, too hot,
 * squeezed too hard, or as it should be. Estimates speak; whether it welded is for the hammer, the
 * grinder and the etch to say.
 */
public final class SessionReview {
  /** How a bar left the fire. */
  private enum Pulled {
    READY,
    UNEVEN,
    EARLY
  }

  private SessionReview() {}

  /** All that can be said, in order of time; what went well too. */
  public static List<ReviewNote> of(HeatSession course, Limits limits) {
    List<ReviewNote> reviewNotes = new ArrayList<>();
    HeatWindow window = course.plan().window();
    for (LogMark mark : course.marks()) {
      switch (mark.logEntry().act()) {
        case OUT -> {
          if (squeezedNext(course, mark)) {
            reviewNotes.add(pulled(mark, window));
          } else if (isFuelled(course) && mark.heat() == 1 && mark.coreC() < window.floorC()) {
            reviewNotes.add(seams(mark));
          }
        }
        case SQUEEZE -> {
          reviewNotes.add(waited(mark));
          if (mark.pressedMm() > 0 && course.plan().isWeld()) {
            reviewNotes.add(squeezed(mark, course.plan(), limits));
          }
        }
        case FLUX -> {
          if (mark.heat() == 1) {
            reviewNotes.add(fluxed(mark));
          }
        }
        default -> {}
      }
    }
    if (course.begun()) {
      reviewNotes.add(heat(course, window));
      left(course).forEach(reviewNotes::add);
    }
    return reviewNotes;
  }

  private static boolean isFuelled(HeatSession course) {
    return course
        .plan()
        .protection()
        .filter(s -> s == AtmosphereProtection.DRY || s == AtmosphereProtection.BOTH)
        .isPresent();
  }

  private static ReviewNote seams(LogMark mark) {
    return new ReviewNote(
        ReviewNote.Kind.SEAMS,
        false,
        mark.heat(),
        mark.logEntry().atS(),
        ReviewText.REVIEW_JOINTS.with(),
        ReviewText.REVIEW_JOINTS_WHY.with("core", Quantity.celsius(mark.coreC())));
  }

  private static ReviewNote fluxed(LogMark mark) {
    boolean well = mark.skinC() >= HeatSteps.BORAX_MELTS_C;
    return new ReviewNote(
        ReviewNote.Kind.FLUXED,
        well,
        mark.heat(),
        mark.logEntry().atS(),
        ReviewText.REVIEW_FLUXED.with("well", well),
        ReviewText.REVIEW_FLUXED_WHY.with(
            "skin", Quantity.celsius(mark.skinC()),
            "melts", Quantity.celsius(HeatSteps.BORAX_MELTS_C)));
  }

  /** An open stack pulled out to flux it is not pulled to be set. */
  private static boolean squeezedNext(HeatSession course, LogMark out) {
    List<LogMark> marks = course.marks();
    for (int i = marks.indexOf(out) + 1; i < marks.size(); i++) {
      ForgeAction act = marks.get(i).logEntry().act();
      if (act == ForgeAction.SQUEEZE) {
        return true;
      }
      if (act == ForgeAction.IN) {
        return false;
      }
    }
    return false;
  }

  private static ReviewNote pulled(LogMark mark, HeatWindow window) {
    boolean even = Soak.isEven(mark.skinC(), mark.coreC());
    boolean hot = mark.coreC() >= window.floorC();
    boolean well = even && hot;
    return new ReviewNote(
        ReviewNote.Kind.PULLED,
        well,
        mark.heat(),
        mark.logEntry().atS(),
        ReviewText.REVIEW_PULLED.with(
            "how", well ? Pulled.READY : hot ? Pulled.UNEVEN : Pulled.EARLY),
        ReviewText.REVIEW_PULLED_WHY.with(
            "skin", Quantity.celsius(mark.skinC()),
            "core", Quantity.celsius(mark.coreC()),
            "error", Quantity.degrees(mark.plusMinusC()),
            "floor", Quantity.celsius(window.floorC())));
  }

  private static ReviewNote waited(LogMark mark) {
    boolean well = mark.leftS() >= 0;
    return new ReviewNote(
        ReviewNote.Kind.WAITED,
        well,
        mark.heat(),
        mark.logEntry().atS(),
        ReviewText.REVIEW_WAITED.with("well", well),
        ReviewText.REVIEW_WAITED_WHY.with(
            "out", Quantity.seconds(mark.sinceOutS()),
            "time", Quantity.seconds(Math.max(0, mark.sinceOutS() + mark.leftS()))));
  }

  private static ReviewNote squeezed(LogMark mark, HeatPlan plan, Limits limits) {
    double part = mark.pressedMm() / plan.bar().heightMm();
    double most = mark.heat() == 1 ? limits.firstSetReduction() : 2 * limits.firstSetReduction();
    boolean well = part <= most;
    return new ReviewNote(
        ReviewNote.Kind.SQUEEZED,
        well,
        mark.heat(),
        mark.logEntry().atS(),
        ReviewText.REVIEW_SQUEEZED.with("well", well),
        ReviewText.REVIEW_SQUEEZED_WHY.with(
            "pressed", Quantity.mm(mark.pressedMm()),
            "part", Quantity.aboutShare(part),
            "limit", Quantity.share(most)));
  }

  private static ReviewNote heat(HeatSession course, HeatWindow window) {
    boolean well = course.hottestC() <= window.ceilingC();
    double at = course.last().map(LogEntry::atS).orElse(0.0);
    return new ReviewNote(
        ReviewNote.Kind.HEAT,
        well,
        course.heat(),
        at,
        ReviewText.REVIEW_HEAT.with("well", well),
        ReviewText.REVIEW_HEAT_WHY.with(
            "skin", Quantity.celsius(course.hottestC()),
            "limit", Quantity.celsius(window.ceilingC())));
  }

  private static List<ReviewNote> left(HeatSession course) {
    List<ReviewNote> reviewNotes = new ArrayList<>();
    List<PlanProgress.StepState> stepStates = course.progress().states();
    for (int i = 0; i < stepStates.size(); i++) {
      HeatStep step = course.plan().steps().get(i);
      if (stepStates.get(i) == PlanProgress.StepState.LEFT_OUT && step.act().isPresent()) {
        reviewNotes.add(
            new ReviewNote(
                ReviewNote.Kind.LEFT_OUT,
                false,
                step.heat(),
                course.last().map(LogEntry::atS).orElse(0.0),
                ReviewText.REVIEW_SKIPPED.with("step", step.title()),
                step.how()));
      }
    }
    return reviewNotes;
  }
}

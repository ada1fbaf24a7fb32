package app.geminal.accordion;

import app.geminal.finding.Finding;
import app.geminal.finding.KindChecks;
import app.geminal.finding.Severity;
import app.geminal.finding.StepContext;
import app.geminal.units.Quantity;
import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.List;

/** Whether the hinges of an accordion hold and open, and the caution of a hot cut. */
@AutoService(KindChecks.Further.class)
public final class AccordionChecks implements KindChecks.Further {
  /** A thinner hinge tears when it is opened, mm: a guess, 2 to 5, for carbon steel at heat. */
  private static final double THINNEST_HINGE_MM = 3;

  /** A hinge thicker than this share of the pitch does not open flat: a guess, 0.3 to 0.7. */
  private static final double THICKEST_HINGE = 0.5;

  @Override
  public List<KindChecks<?>> checks() {
    return List.of(new KindChecks<>(Accordion.class, AccordionChecks::of));
  }

  @Override
  public List<AccordionTopic> topics() {
    return List.of(AccordionTopic.values());
  }

  private static List<Finding> of(StepContext at, Accordion step) {
    List<Finding> found = new ArrayList<>();
    double hinge = step.hingeMm(at.before());
    double most = THICKEST_HINGE * step.pitchMm();
    if (hinge < THINNEST_HINGE_MM) {
      found.add(hinge(AccordionTopic.HINGE_THIN, at, hinge, THINNEST_HINGE_MM));
    } else if (hinge > most) {
      found.add(hinge(AccordionTopic.HINGE_THICK, at, hinge, most));
    }
    found.add(Finding.of(AccordionTopic.HOT_CUT, Severity.NOTE, at.stage()).safety().found());
    return found;
  }

  private static Finding hinge(AccordionTopic topic, StepContext at, double mm, double limitMm) {
    return Finding.of(topic, Severity.WARNING, at.stage())
        .against(mm, limitMm)
        .figures("hinge", Quantity.mm(mm), "limit", Quantity.mm(limitMm))
        .found();
  }
}

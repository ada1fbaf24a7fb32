package app.geminal.server.book;

import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.check.BadValue;
import app.geminal.operation.Draw;
import app.geminal.operation.SetWeld;
import java.util.List;

/** What a step is called in the Book, which keeps the name when the plan changes. */
final class StepTitles {
  private StepTitles() {}

  /**
   * "Weld 2, step 5", "Draw 1, step 2" or "Step 3", with the part it belongs to before it.
   *
   * @param path names of the parts it is in, then its key
   * @throws BadValue when the plan has no such step
   */
  static String of(Plan plan, String path) {
    int stroke = path.lastIndexOf('/');
    String part = stroke < 0 ? "" : path.substring(0, stroke);
    String key = path.substring(stroke + 1);
    List<Step> steps = plan.at(part).map(Plan::steps).orElse(List.of());
    int welds = 0;
    int draws = 0;
    for (int i = 0; i < steps.size(); i++) {
      boolean weld = steps.get(i).operation() instanceof SetWeld;
      boolean draw = steps.get(i).operation() instanceof Draw;
      welds += weld ? 1 : 0;
      draws += draw ? 1 : 0;
      if (steps.get(i).key().equals(key)) {
        String step = "step " + (i + 1);
        return (part.isEmpty() ? "" : part + ": ")
            + (weld
                ? "Weld " + welds + ", " + step
                : draw ? "Draw " + draws + ", " + step : "S" + step.substring(1));
      }
    }
    throw new BadValue("stepKey", "The plan has no step of this key.");
  }
}

package app.geminal.server.book;

import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.billet.StepPath;
import app.geminal.operation.Draw;
import app.geminal.operation.SetWeld;
import app.geminal.validation.InvalidValue;
import java.util.List;

/** What a step is called in the Book, which keeps the name when the plan changes. */
final class StepTitles {
  private StepTitles() {}

  /**
   * "Weld 2, step 5", "Draw 1, step 2" or "Step 3", with the part it belongs to before it.
   *
   * @param path names of the parts it is in, then its key
   * @throws InvalidValue when the plan has no such step
   */
  static String of(Plan plan, String path) {
    StepPath step = StepPath.of(path);
    List<Step> steps = plan.at(step.part()).map(Plan::steps).orElse(List.of());
    int welds = 0;
    int draws = 0;
    for (int i = 0; i < steps.size(); i++) {
      boolean weld = steps.get(i).operation() instanceof SetWeld;
      boolean draw = steps.get(i).operation() instanceof Draw;
      welds += weld ? 1 : 0;
      draws += draw ? 1 : 0;
      if (steps.get(i).key().equals(step.key())) {
        String nth = "step " + (i + 1);
        return (step.part().isEmpty() ? "" : step.part() + ": ")
            + (weld
                ? "Weld " + welds + ", " + nth
                : draw ? "Draw " + draws + ", " + nth : "S" + nth.substring(1));
      }
    }
    throw new InvalidValue("stepKey", BookText.NO_SUCH_STEP.with());
  }
}

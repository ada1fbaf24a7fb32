package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the checks say of a plan and its parts.
 *
 * @param all every cause in the plan's own steps, safety first
 * @param parts the same of each part, by name
 */
public record PlanAlerts(List<Alert> all, Map<String, PlanAlerts> parts) {

  /** Runs the checks on a plan and on every part in it. */
  public static PlanAlerts of(Run run, Steels steels, Shop shop, ShopKnowledge known) {
    Map<String, PlanAlerts> parts = new LinkedHashMap<>();
    run.parts().forEach((name, part) -> parts.put(name, of(part, steels, shop, known)));
    return new PlanAlerts(Alert.of(Checks.of(run, steels, shop, known)), parts);
  }

  /** The cautions of all materials in the plan and its parts, each once. */
  public List<Alert> cautions() {
    List<Finding> found = new ArrayList<>();
    collect(found);
    return Alert.of(found);
  }

  private void collect(List<Finding> found) {
    all.stream().filter(Alert::isCaution).forEach(a -> found.addAll(a.all()));
    parts.values().forEach(p -> p.collect(found));
  }

  /** Everything else that is found in the plan's own steps. */
  public List<Alert> ofSteps() {
    return all.stream().filter(a -> !a.isCaution()).toList();
  }
}

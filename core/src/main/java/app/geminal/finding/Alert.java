package app.geminal.finding;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One cause with every step it is found at, so that it is said once: a caution said at every step
 * is not read.
 *
 * @param all the findings, down the Run; each has the figures and the remedy of its own step
 */
public record Alert(List<Finding> all) {

  /** Copies the list. */
  public Alert {
    all = List.copyOf(all);
  }

  private record Cause(Object kind, Severity severity, boolean safety, String about) {
    static Cause of(Finding f) {
      return new Cause(f.kind(), f.severity(), f.safety(), f.about());
    }
  }

  /** The findings of a plan by their causes, in the order of the first of each. */
  public static List<Alert> of(List<Finding> findings) {
    Map<Cause, List<Finding>> causes = new LinkedHashMap<>();
    findings.forEach(f -> causes.computeIfAbsent(Cause.of(f), _ -> new ArrayList<>()).add(f));
    return causes.values().stream().map(Alert::new).toList();
  }

  /** The finding that is shown for all of them. */
  public Finding first() {
    return all.getFirst();
  }

  /** Whether it is a caution of a material, which is said once for a whole plan. */
  public boolean isCaution() {
    return first().isCaution();
  }

  /** Every stage it is found at, in order, each once. */
  public List<Integer> stages() {
    return all.stream().map(Finding::stage).distinct().sorted().toList();
  }
}

package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.layup.Laid;
import app.geminal.layup.Piece;
import app.geminal.operation.Operation;
import app.geminal.operation.Sandwich;
import app.geminal.operation.SetWeld;
import app.geminal.pair.Member;
import app.geminal.pair.Pairing;
import app.geminal.pair.Question;
import app.geminal.pair.Reason;
import app.geminal.pair.Role;
import app.geminal.pair.Weight;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.units.Measure;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the pair of steels says about each weld: asked once for every new combination of steels and
 * school, and what was said once is not said again. Steels laid round a core by a sandwich are
 * cladding and the core is the edge; copper is a sheet; everything else counts as a mixed pattern
 * for a blade, since a plan does not say which layer is the edge.
 */
final class PairChecks {
  private static final double COPPER_MELTS_C = 1084.6;
  private static final double COPPER_SOLID_TO_C = 1040;
  private static final double COPPER_HARD_SQUEEZE = 0.05;

  private PairChecks() {}

  static List<Finding> of(Run run, Steels steels, Known known) {
    List<Finding> found = new ArrayList<>();
    Set<Object> asked = new HashSet<>();
    Set<String> said = new HashSet<>();
    Map<String, Role> roles = new TreeMap<>();
    for (int i = 1; i < run.stages().size(); i++) {
      Stage stage = run.stages().get(i);
      Operation operation = stage.step().orElseThrow().operation();
      if (stage.isOff()) {
        continue;
      }
      if (operation instanceof Sandwich sandwich) {
        clad(run.stages().get(i - 1), sandwich, roles);
      }
      Map<String, Double> areas = run.stages().get(i - 1).bars().section().areaBySteel();
      if (operation instanceof SetWeld weld && areas.size() >= 2) {
        copper(i, weld, areas.keySet(), steels).ifPresent(found::add);
        boolean fits = areas.size() <= Question.MOST;
        if (fits && asked.add(List.of(areas.keySet(), weld.school(), Map.copyOf(roles)))) {
          int at = i;
          Pairing.of(question(areas, weld, steels, roles)).reasons().stream()
              .filter(r -> said.add(r.id() + r.what() + r.why()))
              .map(r -> finding(at, r))
              .forEach(found::add);
          practised(i, weld, areas.keySet(), known).ifPresent(found::add);
        }
      }
    }
    return found;
  }

  private static void clad(Stage before, Sandwich sandwich, Map<String, Role> roles) {
    Set<String> core = before.bars().section().areaBySteel().keySet();
    Stream.<Laid>concat(sandwich.below().stream(), sandwich.above().stream())
        .filter(Piece.class::isInstance)
        .map(l -> ((Piece) l).steel())
        .filter(s -> !core.contains(s))
        .forEach(s -> roles.put(s, Role.CLADDING));
    if (!roles.isEmpty()) {
      core.stream().filter(s -> !roles.containsKey(s)).forEach(s -> roles.put(s, Role.EDGE));
    }
  }

  private static Question question(
      Map<String, Double> areas, SetWeld weld, Steels steels, Map<String, Role> roles) {
    List<Member> members =
        areas.entrySet().stream()
            .map(e -> member(steels.get(e.getKey()), e.getValue(), roles))
            .toList();
    return new Question(members, weld.school(), true);
  }

  private static Member member(Steel steel, double area, Map<String, Role> roles) {
    Role usual = steel.isCopper() ? Role.SHEET : Role.MIXED;
    return new Member(steel, roles.getOrDefault(steel.id(), usual), Math.max(1e-6, area));
  }

  private static Finding finding(int stage, Reason r) {
    Finding.Builder found =
        Finding.of(r.id(), strength(r), stage).about(String.join(", ", r.steels()));
    if (r.hazard()) {
      found.hazard();
    }
    return found.what("%s", r.what()).why("%s", r.why()).mend("%s", r.mend());
  }

  /** On a plan only what ruins the weld itself will fail; the rest is what the smith may intend. */
  private static Strength strength(Reason r) {
    return switch (r.id()) {
      case "no-weld-window", "zinc-or-lead" -> Strength.WILL_FAIL;
      case "oxide-will-not-lift", "copper-runs" ->
          r.weight() == Weight.STOP ? Strength.WILL_FAIL : Strength.AT_RISK;
      default -> r.weight() == Weight.NOTE ? Strength.WORTH_KNOWING : Strength.AT_RISK;
    };
  }

  /** Copper at the heat that is planned: solid, on the edge, or molten and squeezed. */
  private static Optional<Finding> copper(
      int stage, SetWeld weld, Set<String> stacked, Steels steels) {
    boolean has = stacked.stream().map(steels::get).anyMatch(s -> s.isCopper() && !s.neverWeld());
    double planned = weld.temperatureC();
    if (!has || planned <= COPPER_SOLID_TO_C) {
      return Optional.empty();
    }
    if (planned >= COPPER_MELTS_C) {
      if (weld.reductionPerHeat() <= COPPER_HARD_SQUEEZE) {
        return Optional.empty();
      }
      return Optional.of(
          Finding.of("copper-runs", Strength.AT_RISK, stage)
              .hazard()
              .against(weld.reductionPerHeat(), COPPER_HARD_SQUEEZE)
              .what("Molten copper under a hard squeeze.")
              .why(
                  "Planned %s, where copper is liquid, and %.0f %% in one heat; it is thrown out of the seams.",
                  Measure.celsius(planned), weld.reductionPerHeat() * 100)
              .instead("Squeeze 3 %", weld.withReduction(0.03))
              .mend(
                  "Close it gently, nobody in line with the seams; or stay below %s.",
                  Measure.celsius(COPPER_SOLID_TO_C)));
    }
    return Optional.of(
        Finding.of("copper-runs", Strength.WILL_FAIL, stage)
            .hazard()
            .against(planned, COPPER_SOLID_TO_C)
            .what("Neither solid nor molten.")
            .why(
                "Planned %s; copper runs from %s with oxygen near, and wets only above %s.",
                Measure.celsius(planned), Measure.celsius(1066), Measure.celsius(1090))
            .instead("Keep it solid: " + Measure.celsius(1020), weld.withTemperatureC(1020))
            .mend(
                "Either %s at most, sealed, or %s to %s without a hard squeeze.",
                Measure.celsius(COPPER_SOLID_TO_C), Measure.celsius(1090), Measure.celsius(1120)));
  }

  private static Optional<Finding> practised(
      int stage, SetWeld weld, Set<String> stacked, Known known) {
    if (!known.hasRecord() || known.welded().contains(new Known.Welded(stacked, weld.school()))) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of("no-practice-weld", Strength.WORTH_KNOWING, stage)
            .about(stacked.stream().sorted().collect(Collectors.joining(", ")))
            .what("Never welded here this way.")
            .why(
                "The Book has no weld of %s, %s, that held.",
                stacked.stream().sorted().collect(Collectors.joining(" with ")),
                weld.school().word())
            .mend("Weld a small coupon first, cut it and bend it."));
  }
}

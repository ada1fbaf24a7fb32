package app.geminal.finding;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.compatibility.Member;
import app.geminal.compatibility.Pairing;
import app.geminal.compatibility.Reason;
import app.geminal.compatibility.ReasonKind;
import app.geminal.compatibility.ReasonWeight;
import app.geminal.compatibility.Role;
import app.geminal.compatibility.SteelQuestion;
import app.geminal.layup.Piece;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.validation.OrderedCopies;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What the pair of steels says about each weld: asked once for every new combination of steels and
 * atmosphere protection, and what was said once is not said again. Steels laid round a core, by a
 * sandwich or in the stack, are cladding and the core is the edge; copper is a sheet; everything
 * else counts as a mixed pattern for a blade, since a plan does not say which layer is the edge.
 */
final class PairChecks {

  /** A core with up to four pieces on each side; more is a pattern. */
  private static final int MOST_SIDES = 9;

  private PairChecks() {}

  static List<Finding> of(Run run, Steels steels, ShopDefaults defaults, ShopKnowledge known) {
    double apart = CarbonHomogenization.carbonApart(run, defaults);
    List<Finding> found = new ArrayList<>();
    Map<Object, List<Reason>> asked = new HashMap<>();
    Set<Reason> said = new HashSet<>();
    Map<String, Role> roles = new TreeMap<>(coreOf(run.plan()));
    for (int i = 1; i < run.stages().size(); i++) {
      Stage stage = run.stages().get(i);
      Operation operation = stage.step().orElseThrow().operation();
      if (stage.isOff()) {
        continue;
      }
      if (operation.cladsACore()) {
        clad(run.stages().get(i - 1), operation, roles);
      }
      Map<String, Double> areas = run.stages().get(i - 1).bars().section().areaBySteel();
      if (operation instanceof SetWeld weld
          && areas.size() >= 2
          && areas.size() <= SteelQuestion.MOST) {
        int at = i;
        Object asks = List.of(areas.keySet(), weld.protection(), OrderedCopies.copyOf(roles));
        boolean first = !asked.containsKey(asks);
        asked
            .computeIfAbsent(
                asks, _ -> Pairing.of(question(areas, weld, steels, roles, apart)).reasons())
            .stream()
            // How copper is joined is the step's choice, and its own checks judge it.
            .filter(r -> !r.isCopper())
            // Each weld is to be sealed; what else is between two metals is said once.
            .filter(r -> isOxide(r) || said.add(r))
            .map(r -> finding(at, r, weld))
            .forEach(found::add);
        if (first) {
          practised(i, weld, areas.keySet(), known).ifPresent(found::add);
        }
      }
    }
    return found;
  }

  /**
   * A stack that is alike on both sides and never cut up and laid again is a core with sides: what
   * is in the middle becomes the edge. Empty for every other plan.
   */
  private static Map<String, Role> coreOf(Plan plan) {
    List<Piece> pieces = plan.stack().pieces();
    int count = pieces.size();
    boolean mirrored =
        count >= 3
            && count <= MOST_SIDES
            && count % 2 == 1
            && IntStream.range(0, count / 2)
                .allMatch(i -> pieces.get(i).equals(pieces.get(count - 1 - i)));
    boolean layersStay =
        plan.steps().stream()
            .filter(s -> !s.off())
            .map(Step::operation)
            .allMatch(Operation::keepsTheMiddle);
    String core = pieces.get(count / 2).steel();
    long ofCore = pieces.stream().filter(p -> p.steel().equals(core)).count();
    if (!mirrored || !layersStay || ofCore > 1) {
      return Map.of();
    }
    Map<String, Role> roles = new TreeMap<>();
    pieces.forEach(p -> roles.put(p.steel(), Role.CLADDING));
    roles.put(core, Role.EDGE);
    return roles;
  }

  private static void clad(Stage before, Operation cladding, Map<String, Role> roles) {
    Set<String> core = before.bars().section().areaBySteel().keySet();
    cladding.laid().values().stream()
        .flatMap(List::stream)
        .filter(Piece.class::isInstance)
        .map(l -> ((Piece) l).steel())
        .filter(s -> !core.contains(s))
        .forEach(s -> roles.put(s, Role.CLADDING));
    if (!roles.isEmpty()) {
      core.stream().filter(s -> !roles.containsKey(s)).forEach(s -> roles.put(s, Role.EDGE));
    }
  }

  private static SteelQuestion question(
      Map<String, Double> areas,
      SetWeld weld,
      Steels steels,
      Map<String, Role> roles,
      double carbonApart) {
    List<Member> members =
        areas.entrySet().stream()
            .map(e -> member(steels.get(e.getKey()), e.getValue(), roles))
            .toList();
    return new SteelQuestion(members, weld.protection(), true, carbonApart);
  }

  private static Member member(Steel steel, double area, Map<String, Role> roles) {
    Role usual = roles.getOrDefault(steel.id(), Role.MIXED);
    return new Member(steel, steel.isCopper() ? Role.SHEET : usual, Math.max(1e-6, area));
  }

  private static boolean isOxide(Reason r) {
    return r.kind() == ReasonKind.OXIDE_NOT_FLUXED;
  }

  private static Finding finding(int stage, Reason r, SetWeld weld) {
    Finding.Builder found =
        Finding.of(r.kind(), severity(r), stage)
            .about(String.join(", ", r.steels()))
            .figures(r.figures());
    if (r.safety()) {
      found.safety();
    }
    if (isOxide(r)) {
      found.instead(weld.withProtection(AtmosphereProtection.SEALED));
    }
    return found.found();
  }

  /** On a plan only what ruins the weld itself will fail; the rest is what the smith may intend. */
  private static Severity severity(Reason r) {
    return switch (r.kind()) {
      case ReasonKind.NO_WELD_WINDOW, ReasonKind.NEVER_WELDS, ReasonKind.ZINC -> Severity.ERROR;
      case ReasonKind.OXIDE_NOT_FLUXED ->
          r.weight() == ReasonWeight.STOP ? Severity.ERROR : Severity.WARNING;
      default -> r.weight() == ReasonWeight.NOTE ? Severity.NOTE : Severity.WARNING;
    };
  }

  private static Optional<Finding> practised(
      int stage, SetWeld weld, Set<String> stacked, ShopKnowledge known) {
    if (!known.hasRecord()
        || known.welded().contains(new ShopKnowledge.Welded(stacked, weld.protection()))) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.of(FindingKind.NO_PRACTICE_WELD, Severity.NOTE, stage)
            .about(stacked.stream().sorted().collect(Collectors.joining(", ")))
            .figures("steels", stacked.stream().sorted().toList(), "protection", weld.protection())
            .found());
  }
}

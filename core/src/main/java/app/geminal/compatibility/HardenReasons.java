package app.geminal.compatibility;

import app.geminal.steel.Hardening;
import app.geminal.steel.Steel;
import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** What is against hardening them together, and against an edge. */
final class HardenReasons {
  private static final double GAP_STOPS_C = 40;
  private static final int QUENCH_STOPS = 3;
  private static final int QUENCH_WARNS = 2;

  /** About 53 HRC after a low temper, whatever is done. */
  private static final double EDGE_CARBON_STOPS = 0.4;

  private static final double EDGE_CARBON_LOW = 0.5;
  private static final double EDGE_CARBON_HIGH = 1.1;
  private static final double MILD_BELOW = 0.35;

  /** Less of a difference is not worth a word. */
  private static final double THICK_APART = 0.1;

  private static final double MS_APART_C = 120;
  private static final double STRAIN_SHEARS_PERCENT = 0.6;

  /** Past this only cladding on both sides holds; a mixed pattern does not. */
  private static final double STRAIN_STOPS_MIXED_PERCENT = 1.0;

  private static final double EXPANSION_RATIO = 1.2;
  private static final double SOFT_NICKEL_PERCENT = 8.5;

  private HardenReasons() {}

  static List<Reason> of(SteelQuestion question, PairFigures f) {
    List<Reason> found = new ArrayList<>();
    List<Steel> edge =
        question.members().stream().filter(Member::atEdge).map(Member::steel).toList();
    heats(question, f, edge, found);
    quench(f, edge, found);
    if (question.cuttingEdge()) {
      atEdge(question, f, edge, found);
      softAtEdge(question, found);
    }
    shear(question, f, found);
    return found;
  }

  private static void heats(SteelQuestion q, PairFigures f, List<Steel> edge, List<Reason> found) {
    f.overlapC(q)
        .ifPresent(shared -> {
          if (shared >= 0) {
            return;
          }
          boolean stop = shared < -GAP_STOPS_C;
          HeatRange range = f.hardening().orElseThrow();
          found.add(
              Reason.of(
                  ReasonKind.HARDENING_HEATS_APART,
                  stop ? ReasonWeight.STOP : ReasonWeight.CONDITION,
                  WeldReasons.names(edge),
                  "stop",
                  stop,
                  "from",
                  Quantity.celsius(range.fromC()),
                  "to",
                  Quantity.celsius(range.toC()),
                  "gap",
                  Quantity.degrees(-shared),
                  "limit",
                  Quantity.degrees(GAP_STOPS_C),
                  "middle",
                  Quantity.celsius(range.middleC())));
        });
  }

  private static void quench(PairFigures f, List<Steel> edge, List<Reason> found) {
    if (f.quenchSteps() < QUENCH_WARNS) {
      return;
    }
    boolean stop = f.quenchSteps() >= QUENCH_STOPS;
    List<Message> wants =
        edge.stream()
            .filter(Steel::hardens)
            .map(s ->
                SteelsText.QUENCH_OF.with(
                    "steel",
                    s.id(),
                    "quench",
                    Message.word(s.hardening().map(Hardening::bladeQuench).orElseThrow())))
            .toList();
    found.add(
        Reason.of(
            ReasonKind.QUENCHES_APART,
            stop ? ReasonWeight.STOP : ReasonWeight.CONDITION,
            WeldReasons.names(edge),
            "stop",
            stop,
            "wants",
            wants,
            "apart",
            f.quenchSteps()));
  }

  /** Carbon of the cutting edge, mass %; empty where none is asked for or it is not estimated. */
  static OptionalDouble edgeCarbon(SteelQuestion q, PairFigures f) {
    if (!q.cuttingEdge()) {
      return OptionalDouble.empty();
    }
    return hasCore(q)
        ? q.members().stream()
            .filter(m -> m.role() == Role.EDGE)
            .mapToDouble(m -> m.steel().carbonPercent())
            .min()
        : f.carbon().leanestAtEdge(q.carbonApart());
  }

  private static boolean hasCore(SteelQuestion q) {
    return q.members().stream().anyMatch(m -> m.role() == Role.EDGE);
  }

  private static void atEdge(SteelQuestion q, PairFigures f, List<Steel> edge, List<Reason> found) {
    OptionalDouble known = edgeCarbon(q, f);
    if (edge.stream().noneMatch(Steel::hardens)) {
      found.add(
          Reason.of(ReasonKind.EDGE_NEVER_HARDENS, ReasonWeight.STOP, WeldReasons.names(edge)));
      return;
    }
    if (known.isEmpty()) {
      found.add(
          Reason.of(
              ReasonKind.EDGE_CARBON_UNKNOWN,
              ReasonWeight.NOTE,
              WeldReasons.names(edge),
              "limit",
              Quantity.share(CarbonEquilibrium.LOW_ALLOY_PERCENT / 100)));
      return;
    }
    double carbon = known.getAsDouble();
    List<Steel> soft = hasCore(q) ? List.of() : soft(q);
    if (carbon < EDGE_CARBON_STOPS - 1e-9) {
      found.add(
          carbon(
              ReasonKind.EDGE_CARBON_TOO_LITTLE,
              ReasonWeight.STOP,
              q,
              edge,
              carbon,
              "limit",
              percent(EDGE_CARBON_STOPS),
              "thick",
              q.carbonApart() > THICK_APART));
    } else if (carbon < EDGE_CARBON_LOW || !soft.isEmpty()) {
      List<String> names = WeldReasons.names(soft);
      found.add(
          carbon(
              soft.isEmpty() ? ReasonKind.EDGE_CARBON_LEAN : ReasonKind.EDGE_CARBON_MILD,
              ReasonWeight.CONDITION,
              q,
              edge,
              carbon,
              "lean",
              carbon < EDGE_CARBON_LOW,
              "mild",
              names,
              "mildCount",
              names.size()));
    } else if (carbon > EDGE_CARBON_HIGH) {
      found.add(carbon(ReasonKind.EDGE_CARBON_HIGH, ReasonWeight.CONDITION, q, edge, carbon));
    }
  }

  /** Steels that cross the edge and bring next to no carbon of their own. */
  private static List<Steel> soft(SteelQuestion q) {
    return q.members().stream()
        .filter(m -> m.role() == Role.MIXED && CarbonEquilibrium.takesCarbon(m.steel()))
        .map(Member::steel)
        .filter(s -> !s.hardens() && s.carbonPercent() < MILD_BELOW)
        .toList();
  }

  /** How the carbon of the edge comes about. */
  private enum Edge {
    CORE,
    THICK_LAYERS,
    EVEN
  }

  private static Reason carbon(
      ReasonKind kind,
      ReasonWeight weight,
      SteelQuestion q,
      List<Steel> edge,
      double carbon,
      Object... namesAndFigures) {
    Map<String, Object> figures =
        MessageKey.figures(
            "edge",
            hasCore(q) ? Edge.CORE : q.carbonApart() > THICK_APART ? Edge.THICK_LAYERS : Edge.EVEN,
            "carbon",
            percent(carbon),
            "left",
            Quantity.share(q.carbonApart()),
            "from",
            percent(EDGE_CARBON_LOW),
            "to",
            percent(EDGE_CARBON_HIGH));
    figures.putAll(MessageKey.figures(namesAndFigures));
    return new Reason(kind, weight, false, WeldReasons.names(edge), figures);
  }

  /** A content reported to two places, mass %. */
  private static Quantity percent(double content) {
    return Quantity.share(content / 100);
  }

  private static void softAtEdge(SteelQuestion q, List<Reason> found) {
    for (Member m : q.members()) {
      boolean soft = m.steel().composition().nickel() > SOFT_NICKEL_PERCENT && !m.steel().hardens();
      boolean steelLike = m.steel().chromiumPercent() > 10;
      if (soft && !steelLike) {
        boolean mixed = m.role() == Role.MIXED;
        found.add(
            Reason.of(
                ReasonKind.SOFT_THROUGH_EDGE,
                mixed ? ReasonWeight.STOP : ReasonWeight.NOTE,
                List.of(m.steel().id()),
                "mixed",
                mixed,
                "thickest",
                Quantity.mm(0.25)));
      }
    }
  }

  private static void shear(SteelQuestion q, PairFigures f, List<Reason> found) {
    List<Steel> steels = q.members().stream().map(Member::steel).toList();
    if (f.msApartC() > MS_APART_C) {
      found.add(
          Reason.of(
              ReasonKind.SHEAR_BY_MARTENSITE,
              ReasonWeight.CONDITION,
              WeldReasons.names(steels),
              "apart",
              Quantity.degrees(f.msApartC()),
              "limit",
              Quantity.degrees(MS_APART_C)));
    }
    boolean oneSoft = steels.stream().anyMatch(s -> !s.hardens());
    double most = steels.stream().mapToDouble(s -> s.expansionTo1000().value()).max().orElseThrow();
    double least =
        steels.stream().mapToDouble(s -> s.expansionTo1000().value()).min().orElseThrow();
    boolean expansion = oneSoft && most / least > EXPANSION_RATIO;
    if (f.strainPercent() <= STRAIN_SHEARS_PERCENT && !expansion) {
      return;
    }
    boolean mixed = q.members().stream().anyMatch(m -> m.role() == Role.MIXED);
    boolean stop = mixed && f.strainPercent() > STRAIN_STOPS_MIXED_PERCENT;
    found.add(
        Reason.of(
            ReasonKind.SHEAR_BY_LENGTH,
            stop ? ReasonWeight.STOP : ReasonWeight.CONDITION,
            WeldReasons.names(steels),
            "stop",
            stop,
            "strain",
            percent(f.strainPercent()),
            "expansion",
            Quantity.share(most / least - 1),
            "limit",
            percent(STRAIN_SHEARS_PERCENT)));
  }
}

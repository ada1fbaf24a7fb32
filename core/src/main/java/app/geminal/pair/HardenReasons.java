package app.geminal.pair;

import app.geminal.steel.Hardening;
import app.geminal.steel.Steel;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What stands against hardening them together, and against an edge. */
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

  static List<Reason> of(Question question, Figures f) {
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

  private static void heats(Question q, Figures f, List<Steel> edge, List<Reason> found) {
    f.overlapC(q)
        .ifPresent(shared -> {
          if (shared >= 0) {
            return;
          }
          boolean stop = shared < -GAP_STOPS_C;
          HeatRange range = f.hardening().orElseThrow();
          found.add(
              new Reason(
                  "hardening-does-not-overlap",
                  stop ? Weight.STOP : Weight.CONDITION,
                  false,
                  WeldReasons.names(edge),
                  stop
                      ? "They cannot be hardened together."
                      : "Their hardening heats do not quite meet.",
                  Text.of(
                      "One wants %s at least, another bears %s at most: a gap of %s; over %s one stays soft or the other grows coarse.",
                      Measure.celsius(range.fromC()),
                      Measure.celsius(range.toC()),
                      Measure.degrees(-shared),
                      Measure.degrees(GAP_STOPS_C)),
                  stop
                      ? "Use one of them as cladding that need not harden, or another steel."
                      : Text.of(
                          "Harden at about %s, soak short.", Measure.celsius(range.middleC()))));
        });
  }

  private static void quench(Figures f, List<Steel> edge, List<Reason> found) {
    if (f.quenchSteps() < QUENCH_WARNS) {
      return;
    }
    boolean stop = f.quenchSteps() >= QUENCH_STOPS;
    String wants =
        String.join(
            ", ",
            edge.stream()
                .filter(Steel::hardens)
                .map(s ->
                    s.id() + " " + s.hardening().map(Hardening::bladeQuench).orElseThrow().words())
                .toList());
    found.add(
        new Reason(
            "hardening-does-not-overlap",
            stop ? Weight.STOP : Weight.CONDITION,
            false,
            WeldReasons.names(edge),
            stop ? "No quench suits both." : "Their quenches are far apart.",
            Text.of("%s: %d steps apart.", wants, f.quenchSteps()),
            stop
                ? "Use one of them as cladding that need not harden."
                : "Quench for the fiercer one and temper at once; thin sections only."));
  }

  /** Carbon of the cutting edge, mass %; empty where none is asked for or it is not estimated. */
  static OptionalDouble edgeCarbon(Question q, Figures f) {
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

  private static boolean hasCore(Question q) {
    return q.members().stream().anyMatch(m -> m.role() == Role.EDGE);
  }

  private static void atEdge(Question q, Figures f, List<Steel> edge, List<Reason> found) {
    OptionalDouble known = edgeCarbon(q, f);
    if (edge.stream().noneMatch(Steel::hardens)) {
      found.add(
          carbonReason(
              Weight.STOP,
              edge,
              "Nothing here hardens.",
              "No steel at the edge takes a hardness from the quench.",
              "Fine for fittings and tool bodies; for a blade lay in a core of its own."));
      return;
    }
    if (known.isEmpty()) {
      found.add(
          carbonReason(
              Weight.NOTE,
              edge,
              "Carbon at the edge is not estimated.",
              Text.of(
                  "A steel with over %.0f %% of alloy binds carbon in carbides; how much it takes from its neighbours no simple formula tells.",
                  CarbonAtRest.LOW_ALLOY_PERCENT),
              "A core of its own for the edge; or harden, break and file a coupon first."));
      return;
    }
    double carbon = known.getAsDouble();
    List<Steel> soft = hasCore(q) ? List.of() : soft(q);
    if (carbon < EDGE_CARBON_STOPS - 1e-9) {
      found.add(
          carbonReason(
              Weight.STOP,
              edge,
              "Too little carbon for a cutting edge.",
              evened(q, carbon)
                  + Text.of(" Under %.2f %% it does not hold one.", EDGE_CARBON_STOPS),
              q.carbonApart() > THICK_APART
                  ? "A core of its own for the edge; or more layers: thin ones even out."
                  : "Fine for fittings and tool bodies; for a blade lay in a core of its own."));
    } else if (carbon < EDGE_CARBON_LOW || !soft.isEmpty()) {
      String names = String.join(" and ", WeldReasons.names(soft));
      found.add(
          carbonReason(
              Weight.CONDITION,
              edge,
              carbon < EDGE_CARBON_LOW ? "Lean at the edge." : "Mild steel in the edge.",
              (soft.isEmpty()
                      ? ""
                      : names
                          + (soft.size() == 1 ? " brings" : " bring")
                          + " little carbon; it comes from the rest. ")
                  + evened(q, carbon)
                  + Text.of(
                      " %.1f to %.1f %% is what holds an edge and bears it.",
                      EDGE_CARBON_LOW, EDGE_CARBON_HIGH),
              soft.isEmpty()
                  ? "Less of the low-carbon steel, or a partner with more."
                  : Text.of(
                      "A core of its own for the edge and %s outside; or less of it, and layers thin enough for carbon to even out.",
                      names)));
    } else if (carbon > EDGE_CARBON_HIGH) {
      found.add(
          carbonReason(
              Weight.CONDITION,
              edge,
              "Rich at the edge.",
              evened(q, carbon)
                  + Text.of(
                      " %.1f to %.1f %% is what holds an edge and bears it.",
                      EDGE_CARBON_LOW, EDGE_CARBON_HIGH),
              "Harden low and temper well; expect a brittle edge."));
    }
  }

  /** Steels that cross the edge and bring next to no carbon of their own. */
  private static List<Steel> soft(Question q) {
    return q.members().stream()
        .filter(m -> m.role() == Role.MIXED && CarbonAtRest.takesCarbon(m.steel()))
        .map(Member::steel)
        .filter(s -> !s.hardens() && s.carbonPercent() < MILD_BELOW)
        .toList();
  }

  private static String evened(Question q, double carbon) {
    if (hasCore(q)) {
      return Text.of("The edge has %.2f %% carbon.", carbon);
    }
    return q.carbonApart() > THICK_APART
        ? Text.of(
            "In layers this thick %.0f %% of the difference in carbon is left, and the leanest end at %.2f %%.",
            q.carbonApart() * 100, carbon)
        : Text.of("The edge comes to %.2f %% carbon when it has evened out.", carbon);
  }

  private static Reason carbonReason(
      Weight weight, List<Steel> edge, String what, String why, String mend) {
    return new Reason("edge-carbon", weight, false, WeldReasons.names(edge), what, why, mend);
  }

  private static void softAtEdge(Question q, List<Reason> found) {
    for (Member m : q.members()) {
      boolean soft = m.steel().composition().nickel() > SOFT_NICKEL_PERCENT && !m.steel().hardens();
      boolean steelLike = m.steel().chromiumPercent() > 10;
      if (soft && !steelLike) {
        boolean mixed = m.role() == Role.MIXED;
        found.add(
            new Reason(
                "soft-through-edge",
                mixed ? Weight.STOP : Weight.NOTE,
                false,
                List.of(m.steel().id()),
                Text.of("%s must never cross the edge.", m.steel().id()),
                "It stays soft whatever the quench; a layer of it in the edge is a notch.",
                mixed
                    ? "Use it as a thin sheet on each side of a core that is the edge."
                    : "Keep it under 0.25 mm and grind so that the core alone is the edge."));
      }
    }
  }

  private static void shear(Question q, Figures f, List<Reason> found) {
    List<Steel> steels = q.members().stream().map(Member::steel).toList();
    if (f.msApartC() > MS_APART_C) {
      found.add(
          new Reason(
              "shear-at-quench",
              Weight.CONDITION,
              false,
              WeldReasons.names(steels),
              "One is martensite while the other is still austenite.",
              Text.of(
                  "Their martensite starts lie %s apart; over %s the seam is sheared.",
                  Measure.degrees(f.msApartC()), Measure.degrees(MS_APART_C)),
              "Lay it up alike on both sides; quench between plates or interrupted."));
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
        new Reason(
            "shear-at-quench",
            stop ? Weight.STOP : Weight.CONDITION,
            false,
            WeldReasons.names(steels),
            stop ? "Too different at the quench for a mixed pattern." : "They part at the quench.",
            Text.of(
                "Their lengths end %.2f %% apart (±30 %% of it), their expansions %.0f %%; over %.1f %% it takes ductile cladding, alike on both sides.",
                f.strainPercent(), (most / least - 1) * 100, STRAIN_SHEARS_PERCENT),
            stop
                ? "Use it as cladding on both sides of a core."
                : "Ductile cladding, alike on both sides; one side alone bends the blade."));
  }
}

package app.geminal.pair;

import app.geminal.steel.Hardening;
import app.geminal.steel.Steel;
import app.geminal.units.Measure;
import java.util.ArrayList;
import java.util.List;

/** What stands against hardening them together, and against an edge. */
final class HardenReasons {
  private static final double GAP_STOPS_C = 40;
  private static final int QUENCH_STOPS = 3;
  private static final int QUENCH_WARNS = 2;
  private static final double EDGE_CARBON_STOPS = 0.45;
  private static final double EDGE_CARBON_LOW = 0.5;
  private static final double EDGE_CARBON_HIGH = 1.1;
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
      edgeCarbon(question, f, edge, found);
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
                  "One wants %s at least, another bears %s at most: a gap of %s; over %s one stays soft or the other grows coarse."
                      .formatted(
                          Measure.celsius(range.fromC()),
                          Measure.celsius(range.toC()),
                          Measure.degrees(-shared),
                          Measure.degrees(GAP_STOPS_C)),
                  stop
                      ? "Use one of them as cladding that need not harden, or another steel."
                      : "Harden at about %s, soak short."
                          .formatted(Measure.celsius(range.middleC()))));
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
            "%s: %d steps apart.".formatted(wants, f.quenchSteps()),
            stop
                ? "Use one of them as cladding that need not harden."
                : "Quench for the fiercer one and temper at once; thin sections only."));
  }

  private static void edgeCarbon(Question q, Figures f, List<Steel> edge, List<Reason> found) {
    boolean core = q.members().stream().anyMatch(m -> m.role() == Role.EDGE);
    double carbon =
        core
            ? q.members().stream()
                .filter(m -> m.role() == Role.EDGE)
                .mapToDouble(m -> m.steel().carbonPercent())
                .min()
                .orElseThrow()
            : f.meanCarbon();
    boolean nothing = edge.stream().noneMatch(Steel::hardens);
    if (nothing || carbon < EDGE_CARBON_STOPS - 1e-9) {
      found.add(
          new Reason(
              "edge-carbon",
              Weight.STOP,
              false,
              WeldReasons.names(edge),
              nothing ? "Nothing here hardens." : "Too little carbon for a cutting edge.",
              "The edge comes to %.2f %% carbon when it has evened out; under %.2f %% it does not hold one."
                  .formatted(carbon, EDGE_CARBON_STOPS),
              "Fine for fittings and tool bodies; for a blade lay in a core of its own."));
    } else if (carbon < EDGE_CARBON_LOW || carbon > EDGE_CARBON_HIGH) {
      found.add(
          new Reason(
              "edge-carbon",
              Weight.CONDITION,
              false,
              WeldReasons.names(edge),
              carbon < EDGE_CARBON_LOW ? "Lean at the edge." : "Rich at the edge.",
              "The edge comes to %.2f %% carbon when it has evened out; %.1f to %.1f %% is what holds an edge and bears it."
                  .formatted(carbon, EDGE_CARBON_LOW, EDGE_CARBON_HIGH),
              carbon < EDGE_CARBON_LOW
                  ? "Less of the low-carbon steel, or a partner with more."
                  : "Harden low and temper well; expect a brittle edge."));
    }
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
                "%s must never cross the edge.".formatted(m.steel().id()),
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
              "Their martensite starts lie %s apart; over %s the seam is sheared."
                  .formatted(Measure.degrees(f.msApartC()), Measure.degrees(MS_APART_C)),
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
            "Their lengths end %.2f %% apart (±30 %% of it), their expansions %.0f %%; over %.1f %% it takes ductile cladding, alike on both sides."
                .formatted(f.strainPercent(), (most / least - 1) * 100, STRAIN_SHEARS_PERCENT),
            stop
                ? "Use it as cladding on both sides of a core."
                : "Ductile cladding, alike on both sides; one side alone bends the blade."));
  }
}

package app.geminal.compatibility;

import app.geminal.steel.Hardening;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleBiFunction;

/**
 * What is read off the steels of a question before anything is judged. Of three and more the worst
 * two count, and for contrast the mean of neighbours.
 *
 * @param weldFromC highest of the lowest welding heats, °C
 * @param weldToC lowest of the highest; below {@code weldFromC} where they do not meet
 * @param hardening shared hardening heats of the steels that harden at the edge, where two do
 * @param quenchSteps steps between the mildest and the fiercest quench they need
 * @param msApartC between their martensite starts, °C
 * @param strainPercent difference in length after the quench, %
 * @param toneApart between neighbours, 0 to 1
 * @param carbon what it comes to in each steel when it has evened out
 */
record PairFigures(
    double weldFromC,
    double weldToC,
    Optional<HeatRange> hardening,
    int quenchSteps,
    double msApartC,
    double strainPercent,
    double toneApart,
    CarbonEquilibrium carbon) {
  private static final double USUAL_HARDENING_C = 820;

  static PairFigures of(SteelQuestion question) {
    List<Member> members = question.members();
    List<Steel> steels = members.stream().map(Member::steel).toList();
    List<Hardening> hard =
        members.stream()
            .filter(Member::atEdge)
            .flatMap(m -> m.steel().hardening().stream())
            .toList();
    Optional<HeatRange> shared =
        hard.isEmpty()
            ? Optional.empty()
            : Optional.of(
                new HeatRange(
                    hard.stream().mapToDouble(Hardening::fromC).max().orElseThrow(),
                    hard.stream().mapToDouble(Hardening::toC).min().orElseThrow()));
    double hardeningC = shared.map(HeatRange::middleC).orElse(USUAL_HARDENING_C);
    return new PairFigures(
        steels.stream().mapToDouble(s -> window(s).fromC()).max().orElseThrow(),
        steels.stream().mapToDouble(s -> window(s).toC()).min().orElseThrow(),
        shared,
        (int) worst(hard, (a, b) -> a.bladeQuench().stepsTo(b.bladeQuench())),
        worst(hard, (a, b) -> Math.abs(a.ms().value() - b.ms().value())),
        100
            * worst(
                steels,
                (a, b) ->
                    Math.abs(QuenchStrain.of(a, hardeningC) - QuenchStrain.of(b, hardeningC))),
        meanNeighbourTone(steels),
        CarbonEquilibrium.of(members));
  }

  double windowC() {
    return weldToC - weldFromC;
  }

  OptionalDouble overlapC(SteelQuestion question) {
    long hard = question.members().stream().filter(m -> m.atEdge() && m.steel().hardens()).count();
    return hard < 2
        ? OptionalDouble.empty()
        : OptionalDouble.of(hardening.orElseThrow().overlapC());
  }

  /** A metal that is not forge-welded has a window nothing meets. */
  private static WeldWindow window(Steel steel) {
    return steel.weldWindow().orElse(new WeldWindow(9999, 0));
  }

  private static double meanNeighbourTone(List<Steel> steels) {
    double sum = 0;
    for (int i = 1; i < steels.size(); i++) {
      sum += Math.abs(steels.get(i).etchTone().value() - steels.get(i - 1).etchTone().value());
    }
    return sum / (steels.size() - 1);
  }

  private static <T> double worst(List<T> all, ToDoubleBiFunction<T, T> apart) {
    double most = 0;
    for (int i = 0; i < all.size(); i++) {
      for (int k = 0; k < i; k++) {
        most = Math.max(most, apart.applyAsDouble(all.get(i), all.get(k)));
      }
    }
    return most;
  }
}

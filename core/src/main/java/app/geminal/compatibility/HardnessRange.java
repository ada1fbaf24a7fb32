package app.geminal.compatibility;

import app.geminal.numeric.Polyline;
import app.geminal.steel.Hardening;
import app.geminal.steel.Hardness;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Hardness to expect after tempering, HRC.
 *
 * @param layeredHrc while the layers keep their own carbon, averaged in Vickers
 * @param evenedHrc once carbon has evened out, by the mean carbon; empty where that is not
 *     estimated
 * @param temperC the temper it holds for
 */
public record HardnessRange(OptionalDouble layeredHrc, OptionalDouble evenedHrc, double temperC) {
  /** ± HRC of either figure. */
  public static final double PLUS_MINUS_HRC = 1.5;

  /** As-quenched hardness of plain steels by carbon, from the shipped 10xx rows. */
  private static final Polyline PLAIN =
      Polyline.through(
          0.10, 38, 0.18, 44, 0.30, 51, 0.40, 56, 0.50, 60, 0.60, 63, 0.75, 65, 0.97, 66, 2.2, 66);

  static Optional<HardnessRange> of(
      List<Member> members, OptionalDouble meanCarbon, double temperC) {
    List<Hardening> hard = members.stream().flatMap(m -> m.steel().hardening().stream()).toList();
    Optional<Double> drop =
        hard.stream()
            .filter(h -> h.temper().flatMap(t -> t.hrcAt(temperC)).isPresent())
            .map(
                h -> h.asQuenched().value() - h.temper().orElseThrow().hrcAt(temperC).orElseThrow())
            .findFirst();
    return drop.map(d ->
        new HardnessRange(
            layered(members, temperC),
            meanCarbon.stream().map(c -> asQuenched(c) - d).findAny(),
            temperC));
  }

  private static OptionalDouble layered(List<Member> members, double temperC) {
    Map<Double, Double> shareByHrc = new LinkedHashMap<>();
    for (Member m : members) {
      Optional<Double> hrc =
          m.steel().hardening().flatMap(h -> h.temper()).flatMap(t -> t.hrcAt(temperC));
      if (hrc.isEmpty()) {
        return OptionalDouble.empty();
      }
      shareByHrc.merge(hrc.get(), m.share(), Double::sum);
    }
    return OptionalDouble.of(Hardness.laminate(shareByHrc));
  }

  /** Straight between plain steels. */
  static double asQuenched(double carbon) {
    return PLAIN.at(carbon);
  }
}

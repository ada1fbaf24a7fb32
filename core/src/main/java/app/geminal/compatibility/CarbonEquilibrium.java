package app.geminal.compatibility;

import app.geminal.heat.Homogenization;
import app.geminal.steel.Composition;
import app.geminal.steel.Steel;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What carbon comes to in each steel once it has evened out between the layers.
 *
 * <p>Equal activity and not equal content, after Gunnarson (1967), which holds for low-alloy
 * steels. Metals that are not mostly iron take no part: carbon does not share itself out into
 * copper, nickel or niobium. Where a steel with more than {@value #LOW_ALLOY_PERCENT} % of alloy
 * takes part (stainless, ledeburite, high manganese), nothing is estimated: carbides bind many
 * times what the formula says.
 *
 * @param members those that share, in their order
 * @param contents of each of them, mass %; empty where nothing is estimated
 */
record CarbonEquilibrium(List<Member> members, List<Double> contents) {
  private static final double MOSTLY_IRON_PERCENT = 50;
  static final double LOW_ALLOY_PERCENT = 5;

  static CarbonEquilibrium of(List<Member> all) {
    List<Member> sharing = all.stream().filter(m -> takesCarbon(m.steel())).toList();
    if (sharing.isEmpty() || !sharing.stream().allMatch(m -> isLowAlloy(m.steel()))) {
      return new CarbonEquilibrium(sharing, List.of());
    }
    List<Double> room = sharing.stream().map(m -> room(m.steel())).toList();
    double carbon = 0;
    double places = 0;
    for (int i = 0; i < sharing.size(); i++) {
      carbon += sharing.get(i).share() * sharing.get(i).steel().carbonPercent();
      places += sharing.get(i).share() * room.get(i);
    }
    double each = carbon / places;
    return new CarbonEquilibrium(sharing, room.stream().map(r -> r * each).toList());
  }

  static boolean takesCarbon(Steel steel) {
    return steel.composition().iron() > MOSTLY_IRON_PERCENT;
  }

  private static boolean isLowAlloy(Steel steel) {
    Composition c = steel.composition();
    double alloy =
        c.manganese()
            + c.silicon()
            + c.nickel()
            + c.chromium()
            + c.molybdenum()
            + c.vanadium()
            + c.tungsten();
    return alloy <= LOW_ALLOY_PERCENT;
  }

  /** Content of a steel beside one whose activity coefficient is one. */
  private static double room(Steel steel) {
    Composition c = steel.composition();
    return Homogenization.carbonRatio(
        0,
        Homogenization.logActivity(
            c.silicon(), c.nickel(), c.manganese(), c.chromium(), c.molybdenum()));
  }

  boolean isEstimated() {
    return !contents.isEmpty();
  }

  /** By share of all that take part, mass %. */
  OptionalDouble mean() {
    if (!isEstimated()) {
      return OptionalDouble.empty();
    }
    double shares = members.stream().mapToDouble(Member::share).sum();
    double carbon = members.stream().mapToDouble(m -> m.share() * m.steel().carbonPercent()).sum();
    return OptionalDouble.of(carbon / shares);
  }

  /**
   * The least that any steel at the edge comes to, mass %.
   *
   * @param differenceLeft part of the first difference that is left, 0 evened out to 1 not at all
   */
  OptionalDouble leanestAtEdge(double differenceLeft) {
    OptionalDouble least = OptionalDouble.empty();
    for (int i = 0; i < contents.size(); i++) {
      Member member = members.get(i);
      double rest = contents.get(i);
      double now = rest + (member.steel().carbonPercent() - rest) * differenceLeft;
      if (member.atEdge() && (least.isEmpty() || now < least.getAsDouble())) {
        least = OptionalDouble.of(now);
      }
    }
    return least;
  }
}

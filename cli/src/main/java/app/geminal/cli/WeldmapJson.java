package app.geminal.cli;

import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Units;
import app.geminal.weldmap.BondCause;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldRemedy;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Weld maps as a document. Chances are shares of 64 samples; margins are above 0 where there is
 * enough.
 *
 * @param welds in the order they are made, those of parts first
 */
record WeldmapJson(List<Weld> welds) {

  /**
   * One weld.
   *
   * @param part path of the part it is in, empty for the billet itself
   * @param step of that plan, from 1
   * @param chance that every joint is sound, null where there is no map
   */
  record Weld(
      String part, int step, @Nullable Double chance, List<Joint> joints, List<Remedy> remedies) {}

  /** One joint, counted from below, from 1. */
  record Joint(int joint, double chance, List<Patch> patches) {}

  /** One patch; places from 0, heat in K, reduction in points of the height, oxide in µm. */
  record Patch(
      int along,
      int across,
      double chance,
      double heatC,
      double reductionPct,
      double oxideUm,
      @Nullable BondCause cause) {}

  /** What helps, the chance it then has, and the plan with it in shorthand. */
  record Remedy(String words, double chance, String plan) {}

  static WeldmapJson of(List<MappedWeld> welds, Units units, ShopDefaults defaults) {
    return new WeldmapJson(
        welds.stream()
            .map(w ->
                new Weld(
                    w.part(),
                    w.step(),
                    w.map().map(m -> rounded(m.chance(), 1000)).orElse(null),
                    w.map().map(WeldmapJson::joints).orElse(List.of()),
                    w.remedies().stream().map(r -> remedy(r, units, defaults)).toList()))
            .toList());
  }

  private static List<Joint> joints(WeldMap map) {
    return IntStream.range(0, map.joints().size())
        .mapToObj(i ->
            new Joint(
                i + 1,
                rounded(map.joints().get(i).chance(), 1000),
                map.joints().get(i).patches().stream().map(WeldmapJson::patch).toList()))
        .toList();
  }

  private static Patch patch(WeldMap.Patch p) {
    return new Patch(
        p.along(),
        p.across(),
        rounded(p.chance(), 1000),
        rounded(p.heatC(), 1),
        rounded(100 * p.reduction(), 10),
        rounded(p.oxideUm(), 10),
        p.cause().orElse(null));
  }

  private static Remedy remedy(WeldRemedy remedy, Units units, ShopDefaults defaults) {
    return new Remedy(
        remedy.words().read(units),
        rounded(remedy.chance(), 1000),
        Shorthand.show(remedy.plan(), units.system(), defaults));
  }

  /** To so many parts of one: no figure here is known closer. */
  private static double rounded(double value, double parts) {
    return Math.round(value * parts) / parts;
  }
}

package app.geminal.stock;

import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Pieces of several plans, cut from one shelf together.
 *
 * @param <P> whatever names a plan to the caller
 * @param list what is cut
 * @param buy what is bought for the pieces that are missing
 */
public record SharedCut<P>(CutList list, List<Bought<P>> buy) {
  /** Copies the list. */
  public SharedCut {
    buy = List.copyOf(buy);
  }

  /**
   * Steel to buy.
   *
   * @param plans it is for, in the order they were given
   */
  public record Bought<P>(Purchase purchase, List<P> plans) {
    /** Copies the list. */
    public Bought {
      plans = List.copyOf(plans);
    }
  }

  /**
   * Works it out.
   *
   * @param wanted what each plan wants
   * @param hourPrice what an hour of the smith's time is worth
   */
  public static <P> SharedCut<P> of(
      Map<P, List<Need>> wanted,
      List<CutList.Offer> offers,
      double kerfMm,
      Steels steels,
      double hourPrice) {
    List<Need> needs = Need.together(List.copyOf(wanted.values()));
    CutList list = CutList.of(needs, offers, kerfMm, steels, hourPrice);
    List<StockBar> shelf = offers.stream().map(CutList.Offer::bar).toList();
    List<Bought<P>> buy =
        Purchase.of(list.missing(), shelf, kerfMm, steels).stream()
            .map(p -> new Bought<>(p, plansFor(p, wanted)))
            .toList();
    return new SharedCut<>(list, buy);
  }

  private static <P> List<P> plansFor(Purchase purchase, Map<P, List<Need>> wanted) {
    List<P> plans = new ArrayList<>();
    wanted.forEach((plan, needs) -> {
      if (needs.stream().anyMatch(purchase::isFor)) {
        plans.add(plan);
      }
    });
    return plans;
  }
}

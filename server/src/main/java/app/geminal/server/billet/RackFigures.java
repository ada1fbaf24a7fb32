package app.geminal.server.billet;

import app.geminal.billet.Origin;
import app.geminal.billet.Run;
import app.geminal.finding.Checks;
import app.geminal.finding.Severity;
import app.geminal.finding.ShopKnowledge;
import app.geminal.server.shop.ShopService;
import app.geminal.server.shop.StoredShop;
import app.geminal.server.steel.SteelShelf;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * What the Rack shows of a billet's Run. Worked out once for a version of the billet, the steels
 * and the shop, and kept, because the Rack is asked for with every glance.
 */
@Component
class RackFigures {
  private static final int MOST_KEPT = 5000;

  private final SteelShelf shelf;
  private final ShopService shops;
  private final SetAsideBars aside;
  private final Cache<Key, Figures> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

  RackFigures(SteelShelf shelf, ShopService shops, SetAsideBars aside) {
    this.shelf = shelf;
    this.shops = shops;
    this.aside = aside;
  }

  /** What they are worked out from; steels are the same object until one of them changes. */
  private record Key(
      long billetId,
      int version,
      Steels steels,
      int shopVersion,
      int reached,
      Map<Origin, Integer> free) {}

  /**
   * Figures of a Run.
   *
   * @param nowStage the stage it has come to
   * @param willFail findings of the strongest kind
   */
  record Figures(int nowStage, StageView now, StageView end, boolean stops, long willFail) {}

  /** Shop and steels as they are now, read once for the whole Rack. */
  Glance glance() {
    return new Glance(shops.kept(), shelf.steels());
  }

  /** One look at the Rack. */
  final class Glance {
    private final StoredShop shop;
    private final Steels steels;

    private Glance(StoredShop shop, Steels steels) {
      this.shop = shop;
      this.steels = steels;
    }

    /**
     * The figures of a billet.
     *
     * @param reached the furthest stage with a weld in the Book
     */
    Figures of(Billet billet, int reached) {
      List<Origin> origins = RunViews.origins(billet.plan());
      // Asking opens a transaction, which few billets need.
      Map<Origin, Integer> free = origins.isEmpty() ? Map.of() : aside.free(origins, billet.id());
      Key key = new Key(billet.id(), billet.version(), steels, shop.version(), reached, free);
      Figures there = kept.getIfPresent(key);
      if (there == null) {
        there = workedOut(billet, reached, shop.shop(), steels, free);
        kept.put(key, there);
      }
      return there;
    }
  }

  private static Figures workedOut(
      Billet billet, int reached, Shop shop, Steels steels, Map<Origin, Integer> free) {
    Run run = Run.of(billet.plan(), steels, shop.defaults());
    int now = Math.min(reached, run.stages().size() - 1);
    // Whether something was welded here before makes no finding of the strongest kind.
    ShopKnowledge known = new ShopKnowledge(Set.of(), false, free);
    return new Figures(
        now,
        StageView.of(run, now, steels, shop),
        StageView.of(run, run.stages().size() - 1, steels, shop),
        run.stop().isPresent(),
        Checks.of(run, steels, shop, known).stream()
            .filter(f -> f.severity() == Severity.ERROR)
            .count());
  }
}

package app.geminal.server.billet;

import app.geminal.billet.LeavingBars;
import app.geminal.billet.Origin;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.server.problem.NotFound;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.stored.StoredRow;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Bars that were set aside in one billet and wait for another. Worked out from the plans. */
@Component
class SetAsideBars {
  private static final int MOST_KEPT = 5000;

  private final Cache<Asked, Map<Place, Integer>> claims =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final BilletRepository billets;
  private final SteelShelf shelf;
  private final ShopService shops;

  SetAsideBars(BilletRepository billets, SteelShelf shelf, ShopService shops) {
    this.billets = billets;
    this.shelf = shelf;
    this.shops = shops;
  }

  /** Bars that wait: where they come from, what they are, how many are still free. */
  record Waiting(long billetId, String billet, LeavingBars leaving, int free) {}

  /** All bars that wait, in the order of their billets. */
  @Transactional(readOnly = true)
  List<Waiting> all() {
    Steels steels = shelf.steels();
    ShopDefaults defaults = shops.defaults();
    List<Billet> onRack = billets.onRack();
    Map<Place, Integer> taken = taken(onRack, 0, steels, defaults);
    List<Waiting> waiting = new ArrayList<>();
    for (Billet billet : onRack) {
      List<LeavingBars> leavings =
          StoredRow.<List<LeavingBars>, RuntimeException>of(
                  "billet",
                  billet.id(),
                  () -> LeavingBars.of(Run.of(billet.plan(), steels, defaults)))
              .orElse(List.of());
      for (LeavingBars leaving : leavings) {
        int used = taken.getOrDefault(new Place(billet.id(), leaving.stepKey()), 0);
        waiting.add(
            new Waiting(
                billet.id(), billet.name(), leaving, Math.max(0, leaving.bars().count() - used)));
      }
    }
    return waiting;
  }

  /** So many of the bars that wait, as a part's history. */
  @Transactional(readOnly = true)
  Plan history(long billetId, String stepKey, int count) {
    return all().stream()
        .filter(w -> w.billetId() == billetId && w.leaving().stepKey().equals(stepKey))
        .findFirst()
        .map(w -> w.leaving().history(count))
        .orElseThrow(() -> new NotFound(BilletText.NO_BARS_WERE_SET_ASIDE_THERE.with()));
  }

  /** How many bars of each origin are free when the claims of one billet are left out. */
  @Transactional(readOnly = true)
  Map<Origin, Integer> free(List<Origin> origins, long butForBillet) {
    if (origins.isEmpty()) {
      return Map.of();
    }
    Steels steels = shelf.steels();
    ShopDefaults defaults = shops.defaults();
    Map<Place, Integer> taken = taken(billets.onRack(), butForBillet, steels, defaults);
    Map<Origin, Integer> free = new HashMap<>();
    for (Origin origin : origins) {
      int there =
          billets
              .find(origin.billetId())
              .map(b -> LeavingBars.of(Run.of(b.plan(), steels, defaults)))
              .stream()
              .flatMap(List::stream)
              .filter(l -> l.stepKey().equals(origin.stepKey()))
              .mapToInt(l -> l.bars().count())
              .sum();
      Place place = new Place(origin.billetId(), origin.stepKey());
      free.put(origin, there - taken.getOrDefault(place, 0));
    }
    return free;
  }

  private record Place(long billetId, String stepKey) {}

  private Map<Place, Integer> taken(
      List<Billet> billets, long butFor, Steels steels, ShopDefaults defaults) {
    Map<Place, Integer> taken = new HashMap<>();
    for (Billet billet : billets) {
      if (billet.id() != butFor) {
        StoredRow.of("billet", billet.id(), () -> claims(billet, steels, defaults))
            .ifPresent(c -> c.forEach((place, n) -> taken.merge(place, n, Integer::sum)));
      }
    }
    return taken;
  }

  /** What a billet takes from others; worked out once for a version of it. */
  private Map<Place, Integer> claims(Billet billet, Steels steels, ShopDefaults defaults) {
    return claims.get(
        new Asked(billet.id(), billet.version(), steels, defaults),
        _ -> {
          Map<Place, Integer> own = new HashMap<>();
          claim(billet.plan().parts(), steels, defaults, own);
          return own;
        });
  }

  /** Steels are the same object until one of them changes. */
  private record Asked(long billetId, int version, Steels steels, ShopDefaults defaults) {}

  private static void claim(
      List<Part> parts, Steels steels, ShopDefaults defaults, Map<Place, Integer> taken) {
    for (Part part : parts) {
      Origin origin = part.origin();
      if (origin == null) {
        claim(part.plan().parts(), steels, defaults, taken);
      } else {
        taken.merge(
            new Place(origin.billetId(), origin.stepKey()),
            Run.of(part.plan(), steels, defaults).last().bars().count(),
            Integer::sum);
      }
    }
  }
}

package app.geminal.server.shop;

import app.geminal.server.problem.VersionConflict;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.validation.Require;
import java.time.Clock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Knows the shop plans are computed with. */
@Service
public class ShopService {
  private final ShopRepository shops;
  private final Clock clock;

  ShopService(ShopRepository shops, Clock clock) {
    this.shops = shops;
    this.clock = clock;
  }

  /** The shop, the common one until something is said about it. */
  @Transactional(readOnly = true)
  public StoredShop kept() {
    return shops.find().orElseGet(() -> new StoredShop(Shop.common(), 0));
  }

  /** The shop alone. */
  @Transactional(readOnly = true)
  public Shop shop() {
    return kept().shop();
  }

  /** Its habits. */
  @Transactional(readOnly = true)
  public ShopDefaults defaults() {
    return shop().defaults();
  }

  /** Changes the shop that is still as the change found it. */
  @Transactional
  public StoredShop change(int version, Shop shop) {
    if (!shops.replace(version, Require.present("shop", shop), clock.instant())) {
      throw new VersionConflict(ShopText.THE_SHOP.with(), kept().version());
    }
    return kept();
  }
}

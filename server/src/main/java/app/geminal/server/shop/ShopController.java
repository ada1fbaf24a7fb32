package app.geminal.server.shop;

import app.geminal.finding.Finding;
import app.geminal.finding.ShopChecks;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import app.geminal.text.Message;
import io.swagger.v3.oas.annotations.Operation;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The shop over HTTP. */
@RestController
class ShopController {
  private final ShopService keeper;

  ShopController(ShopService keeper) {
    this.keeper = keeper;
  }

  /**
   * A shop to start from.
   *
   * @param id which preset it is
   * @param name name
   * @param shop the shop's settings
   */
  record PresetView(ShopPreset id, Message name, Shop shop) {}

  /**
   * Something found in the shop itself, which holds for every plan.
   *
   * @param id which finding it is
   * @param what what is the matter
   * @param why figure, limit and reason
   * @param action what to do about it
   */
  record ShopFinding(String id, Message what, Message why, Message action) {
    static ShopFinding of(Finding f) {
      return new ShopFinding(f.family(), f.what(), f.why(), f.action());
    }
  }

  /**
   * The shop as it is shown; {@code forceKn} is what its press gives, null without one.
   *
   * @param shop the shop's settings
   * @param version counts changes; what is sent is refused when another change came in between
   * @param forceKn force of the press, kN, null where there is none
   * @param findings what is found in the shop itself
   */
  record ShopView(Shop shop, int version, @Nullable Double forceKn, List<ShopFinding> findings) {
    static ShopView of(StoredShop kept) {
      Press press = kept.shop().press();
      return new ShopView(
          kept.shop(),
          kept.version(),
          press == null ? null : press.forceKn(),
          ShopChecks.of(kept.shop()).stream().map(ShopFinding::of).toList());
    }
  }

  /**
   * The shop changed; {@code version} is the one the change was based on.
   *
   * @param version counts changes; what is sent is refused when another change came in between
   * @param shop the shop's settings
   */
  record Changed(int version, Shop shop) {}

  /** The shop's settings. */
  @Operation(operationId = "getShop")
  @GetMapping("/api/v1/shop")
  ShopView shop() {
    return ShopView.of(keeper.kept());
  }

  /** Presets to set up a shop from. */
  @Operation(operationId = "listShopPresets")
  @GetMapping("/api/v1/shop/outfits")
  List<PresetView> presets() {
    return Arrays.stream(ShopPreset.values())
        .map(o -> new PresetView(o, o.words(), o.shop()))
        .toList();
  }

  /** Changes the shop's settings. */
  @Operation(operationId = "changeShop")
  @PutMapping("/api/v1/shop")
  ShopView change(@RequestBody Changed body) {
    return ShopView.of(keeper.change(body.version(), body.shop()));
  }
}

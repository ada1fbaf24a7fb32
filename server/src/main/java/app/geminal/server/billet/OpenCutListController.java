package app.geminal.server.billet;

import app.geminal.billet.Run;
import app.geminal.server.book.BookService;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.stock.StockService;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.stock.Need;
import app.geminal.stock.Purchase;
import app.geminal.stock.SharedCut;
import app.geminal.validation.InvalidValue;
import io.swagger.v3.oas.annotations.Operation;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is cut from the shelf and bought for all billets that are not begun; nothing is stored. */
@RestController
class OpenCutListController {
  private final BilletService billets;
  private final BookService book;
  private final SteelShelf shelf;
  private final ShopService shops;
  private final StockService stock;

  OpenCutListController(
      BilletService billets,
      BookService book,
      SteelShelf shelf,
      ShopService shops,
      StockService stock) {
    this.billets = billets;
    this.book = book;
    this.shelf = shelf;
    this.shops = shops;
    this.stock = stock;
  }

  /**
   * A billet whose steel is not cut yet.
   *
   * @param id number of the billet
   * @param name of the billet
   */
  record WantingView(long id, String name) {}

  /**
   * Steel to buy.
   *
   * @param steel designation
   * @param widthMm at least, mm
   * @param thicknessMm thickness, mm
   * @param lengthMm length in all, mm, kerfs included
   * @param longestMm no bar may be shorter, mm
   * @param massKg mass, kg
   * @param price in the shop's currency by what this steel cost before, null where not known
   * @param billets that it is for
   */
  record PurchaseView(
      String steel,
      double widthMm,
      double thicknessMm,
      double lengthMm,
      double longestMm,
      double massKg,
      @Nullable Double price,
      List<WantingView> billets) {}

  /**
   * What is cut and bought for several billets together.
   *
   * @param billets on the rack without a weld in the Book
   * @param list what is cut
   * @param buy what is bought for the pieces that are missing, by steel and size
   */
  record OpenCutListView(
      List<WantingView> billets, SizingController.CutListView list, List<PurchaseView> buy) {}

  /**
   * What to cut from stock, and what to buy, for all billets on the rack that have no weld yet; cut
   * together, with the least waste.
   */
  @Operation(operationId = "cutListOfOpenBillets")
  @GetMapping("/api/v1/stock/cut-list")
  OpenCutListView openCutList() {
    Shop shop = shops.shop();
    Steels steels = shelf.steels();
    Map<WantingView, List<Need>> needs = needs(shop, steels);
    double kerfMm = shop.defaults().kerfMm();
    SharedCut<WantingView> cut =
        SharedCut.of(needs, stock.offers(), kerfMm, steels, shop.hourPrice());
    return new OpenCutListView(
        List.copyOf(needs.keySet()),
        SizingController.CutListView.of(cut.list(), kerfMm),
        cut.buy().stream().map(OpenCutListController::view).toList());
  }

  private Map<WantingView, List<Need>> needs(Shop shop, Steels steels) {
    Set<Long> welded = book.weldsByBillet().keySet();
    Map<WantingView, List<Need>> needs = new LinkedHashMap<>();
    // A billet that cannot be read is on the rack with its reason.
    for (Billet billet : billets.onRack(_ -> {})) {
      if (!welded.contains(billet.id())) {
        wanted(billet, shop, steels)
            .ifPresent(n -> needs.put(new WantingView(billet.id(), billet.name()), n));
      }
    }
    return needs;
  }

  /** Empty where the plan names a steel that is gone, which the rack says. */
  private static Optional<List<Need>> wanted(Billet billet, Shop shop, Steels steels) {
    try {
      return Optional.of(Need.of(Run.of(billet.plan(), steels, shop.defaults())));
    } catch (InvalidValue noSuchSteel) {
      return Optional.empty();
    }
  }

  private static PurchaseView view(SharedCut.Bought<WantingView> bought) {
    Purchase purchase = bought.purchase();
    return new PurchaseView(
        purchase.steel(),
        purchase.widthMm(),
        purchase.thicknessMm(),
        purchase.lengthMm(),
        purchase.longestMm(),
        purchase.massKg(),
        purchase.price().isPresent() ? purchase.price().getAsDouble() : null,
        bought.plans());
  }
}

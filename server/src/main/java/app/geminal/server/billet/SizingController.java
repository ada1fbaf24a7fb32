package app.geminal.server.billet;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.server.stock.StockService;
import app.geminal.shop.Shop;
import app.geminal.sizing.Backwards;
import app.geminal.sizing.Finish;
import app.geminal.steel.Steels;
import app.geminal.stock.CutList;
import app.geminal.stock.Need;
import app.geminal.stock.StockBar;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Plans sized from the finished pieces back, and cut from the shelf; nothing is stored. */
@RestController
class SizingController {
  private final SteelShelf shelf;
  private final ShopService shops;
  private final StockService stock;

  SizingController(SteelShelf shelf, ShopService shops, StockService stock) {
    this.shelf = shelf;
    this.shops = shops;
    this.stock = stock;
  }

  /**
   * A plan to size.
   *
   * @param plan the plan
   */
  record PlanBody(Plan plan) {}

  /**
   * The smallest plan that is enough, or the one that comes closest.
   *
   * @param enough whether it is enough
   * @param plan the plan
   * @param finish what is left over, or still missing
   */
  record SmallestView(boolean enough, Plan plan, Finish finish) {}

  /**
   * One bar cut up; lengths longest first.
   *
   * @param stockId number of the bar in stock
   * @param bar the bar or sheet
   * @param piecesMm lengths to cut from it, mm
   * @param offcutMm length left over, mm
   * @param massKg mass, kg
   * @param price price in the shop's currency, null where not known
   */
  record CutBarView(
      long stockId,
      StockBar bar,
      List<Double> piecesMm,
      double offcutMm,
      double massKg,
      @Nullable Double price) {}

  /**
   * Which pieces come from which bars.
   *
   * @param bars the bars to cut, in order
   * @param missing pieces for which the shelf has no steel
   * @param proven whether no cheaper way to cut it exists
   * @param kerfMm width of a cut, mm
   * @param massKg mass, kg
   * @param price price in the shop's currency, null where not known
   */
  record CutListView(
      List<CutBarView> bars,
      List<Need> missing,
      boolean proven,
      double kerfMm,
      double massKg,
      double price) {
    static CutListView of(CutList list, double kerfMm) {
      return new CutListView(
          list.bars().stream()
              .map(b ->
                  new CutBarView(
                      b.offer(),
                      b.bar(),
                      b.piecesMm(),
                      b.offcutMm(),
                      b.massKg(),
                      b.price().isPresent() ? b.price().getAsDouble() : null))
              .toList(),
          list.missing(),
          list.isProven(),
          kerfMm,
          list.massKg(),
          list.price());
    }
  }

  /** The plan with the smallest stack that still gives the wanted bar. */
  @Operation(operationId = "smallestStack")
  @PostMapping("/api/v1/plans/smallest")
  @RequiredRank(Rank.GUEST)
  SmallestView smallest(@RequestBody PlanBody body) {
    Plan plan = Require.present("plan", body.plan());
    if (plan.wanted().isEmpty()) {
      throw new InvalidValue("plan/wanted", BilletText.ENTER_FINISHED_PIECES_FIRST.with());
    }
    return switch (Backwards.smallest(plan, shelf.steels(), shops.defaults())) {
      case Backwards.Sized sized -> new SmallestView(true, sized.plan(), sized.margin());
      case Backwards.Lacking lacking ->
          new SmallestView(false, lacking.closest(), lacking.missing());
    };
  }

  /** What to cut from stock for a stack, at the lowest price. */
  @Operation(operationId = "cutList")
  @PostMapping("/api/v1/plans/cut-list")
  @RequiredRank(Rank.GUEST)
  CutListView cutList(@RequestBody PlanBody body) {
    Plan plan = Require.present("plan", body.plan());
    Shop shop = shops.shop();
    Steels steels = shelf.steels();
    double kerf = shop.defaults().kerfMm();
    CutList list =
        CutList.of(
            Need.of(Run.of(plan, steels, shop.defaults())),
            stock.offers(),
            kerf,
            steels,
            shop.hourPrice());
    return CutListView.of(list, kerf);
  }
}

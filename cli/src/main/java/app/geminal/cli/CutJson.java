package app.geminal.cli;

import app.geminal.stock.CutList;
import app.geminal.stock.Purchase;
import app.geminal.stock.SharedCut;
import app.geminal.stock.StockBar;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What is cut from a shelf as JSON; see docs/formats/cut.md.
 *
 * @param bars to cut, in order
 * @param buy steel that the shelf does not have
 * @param shelf what is on the shelf afterwards, offcuts among it
 * @param proven whether no way is cheaper
 * @param kerfMm that each cut takes
 */
record CutJson(
    List<BarJson> bars, List<BuyJson> buy, List<ShelfJson> shelf, boolean proven, double kerfMm) {
  /** Shorter pieces are not kept. */
  private static final double LEAST_KEPT_MM = 20;

  /** A bar to cut; {@code row} is that of the shelf, from 1. */
  record BarJson(
      int row,
      String steel,
      double widthMm,
      double thicknessMm,
      double lengthMm,
      List<Double> piecesMm,
      double offcutMm,
      @Nullable Double price) {}

  /** Steel to buy, and the plans it is for. */
  record BuyJson(
      String steel,
      double widthMm,
      double thicknessMm,
      double lengthMm,
      double longestMm,
      double massKg,
      @Nullable Double price,
      List<String> plans) {}

  /** Equal bars on the shelf. */
  record ShelfJson(String steel, double widthMm, double thicknessMm, double lengthMm, int pieces) {}

  static CutJson of(SharedCut<String> cut, List<StockBar> shelf, double kerfMm) {
    CutList list = cut.list();
    return new CutJson(
        list.bars().stream()
            .map(b ->
                new BarJson(
                    (int) b.offer(),
                    b.bar().steel(),
                    b.bar().widthMm(),
                    b.bar().thicknessMm(),
                    b.bar().lengthMm(),
                    b.piecesMm(),
                    b.offcutMm(),
                    orNull(b.price())))
            .toList(),
        cut.buy().stream().map(CutJson::buy).toList(),
        left(list, shelf),
        list.isProven(),
        kerfMm);
  }

  private static BuyJson buy(SharedCut.Bought<String> bought) {
    Purchase purchase = bought.purchase();
    return new BuyJson(
        purchase.steel(),
        purchase.widthMm(),
        purchase.thicknessMm(),
        purchase.lengthMm(),
        purchase.longestMm(),
        purchase.massKg(),
        orNull(purchase.price()),
        bought.plans());
  }

  private static @Nullable Double orNull(OptionalDouble price) {
    return price.isPresent() ? price.getAsDouble() : null;
  }

  private static List<ShelfJson> left(CutList list, List<StockBar> shelf) {
    List<ShelfJson> left = new ArrayList<>();
    IntStream.range(0, shelf.size())
        .forEach(i -> {
          StockBar bar = shelf.get(i);
          int cut = (int) list.bars().stream().filter(b -> b.offer() == i + 1).count();
          if (cut < bar.pieces()) {
            left.add(on(bar, bar.lengthMm(), bar.pieces() - cut));
          }
        });
    list.bars().stream()
        .filter(b -> b.offcutMm() >= LEAST_KEPT_MM)
        .forEach(b -> left.add(on(b.bar(), b.offcutMm(), 1)));
    return left;
  }

  private static ShelfJson on(StockBar bar, double lengthMm, int pieces) {
    return new ShelfJson(bar.steel(), bar.widthMm(), bar.thicknessMm(), lengthMm, pieces);
  }
}

package app.geminal.stock;

import app.geminal.steel.Steels;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Steel to buy.
 *
 * @param steel designation
 * @param thicknessMm of the stock
 * @param widthMm at least
 * @param lengthMm in all, kerfs between the pieces included
 * @param longestMm no bar may be shorter
 * @param massKg of that length
 * @param price in the shop's own money, by the cheapest price a kilogram of this steel has on the
 *     shelf; empty where none has one
 */
public record Purchase(
    String steel,
    double thicknessMm,
    double widthMm,
    double lengthMm,
    double longestMm,
    double massKg,
    OptionalDouble price) {

  /**
   * What is to be bought for missing pieces, by steel and section.
   *
   * @param shelf whose prices are known
   */
  public static List<Purchase> of(
      List<Need> missing, List<StockBar> shelf, double kerfMm, Steels steels) {
    return Need.bySection(missing).stream().map(s -> one(s, shelf, kerfMm, steels)).toList();
  }

  /** Whether such pieces would be cut from it. */
  public boolean isFor(Need need) {
    return need.steel().equals(steel)
        && need.thicknessMm() == thicknessMm
        && need.widthMm() == widthMm;
  }

  private static Purchase one(
      List<Need> needs, List<StockBar> shelf, double kerfMm, Steels steels) {
    Need first = needs.getFirst();
    double withKerfsMm = needs.stream().mapToDouble(n -> n.count() * (n.lengthMm() + kerfMm)).sum();
    double lengthMm = withKerfsMm - kerfMm;
    double density = steels.get(first.steel()).densityKgM3();
    double massKg = first.widthMm() * first.thicknessMm() * lengthMm / 1e9 * density;
    OptionalDouble perKg =
        shelf.stream()
            .filter(b -> b.steel().equals(first.steel()) && b.price() != null)
            .mapToDouble(b -> b.materialPrice(density).orElse(0) / b.massKg(density))
            .min();
    return new Purchase(
        first.steel(),
        first.thicknessMm(),
        first.widthMm(),
        lengthMm,
        needs.stream().mapToDouble(Need::lengthMm).max().orElse(0),
        massKg,
        perKg.isPresent() ? OptionalDouble.of(perKg.getAsDouble() * massKg) : perKg);
  }
}

package app.geminal.stock;

import app.geminal.steel.Steel;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Equal bars or sheets on the shelf.
 *
 * @param steel designation
 * @param widthMm above 0, at most 1000
 * @param thicknessMm above 0, at most 200
 * @param lengthMm above 0, at most 10 000
 * @param pieces 1 to 10 000
 * @param price of one {@code pricePer}, in the shop's own money, or null where it is not known
 * @param pricePer what the price is for, null with no price
 * @param prepMinutes work on each bar before it can be cut: straightening, stripping, flattening
 *     teeth; 0 to 10 000, null for none
 * @param source where it came from, may be empty
 * @param note may be empty
 */
public record StockBar(
    String steel,
    double widthMm,
    double thicknessMm,
    double lengthMm,
    int pieces,
    @Nullable Double price,
    @Nullable PricePer pricePer,
    @Nullable Double prepMinutes,
    String source,
    String note) {
  /** What a price is for. */
  public enum PricePer {
    METRE,
    KILOGRAM
  }

  /** Checks every field; no source and no note mean empty ones. */
  public StockBar(
      String steel,
      double widthMm,
      double thicknessMm,
      double lengthMm,
      int pieces,
      @Nullable Double price,
      @Nullable PricePer pricePer,
      @Nullable Double prepMinutes,
      @Nullable String source,
      @Nullable String note) {
    this.steel = Steel.requireId("steel", steel);
    this.widthMm = Require.lengthAbove("widthMm", widthMm, 0, 1000);
    this.thicknessMm = Require.lengthAbove("thicknessMm", thicknessMm, 0, 200);
    this.lengthMm = Require.lengthAbove("lengthMm", lengthMm, 0, 10_000);
    this.pieces = Require.count("pieces", pieces, 1, 10_000);
    this.price = price == null ? null : Require.number("price", price, 0, 1e6);
    this.pricePer = pricePer;
    if ((price == null) != (pricePer == null)) {
      throw new InvalidValue("pricePer", StockText.PRICE_WITHOUT_UNIT.with());
    }
    this.prepMinutes =
        prepMinutes == null ? null : Require.minutes("prepMinutes", prepMinutes, 0, 10_000);
    this.source = words("source", source, 200);
    this.note = words("note", note, 500);
  }

  /**
   * What one whole bar costs, its preparation with it; empty where neither is known.
   *
   * @param densityKgM3 of its steel
   * @param hourPrice what an hour of the smith's time is worth
   */
  public OptionalDouble barPrice(double densityKgM3, double hourPrice) {
    if (price == null && prepMinutes == null) {
      return OptionalDouble.empty();
    }
    double material = materialPrice(densityKgM3).orElse(0);
    double work = prepMinutes == null ? 0 : prepMinutes / 60 * hourPrice;
    return OptionalDouble.of(material + work);
  }

  /** What the steel of one whole bar costs; empty where it has no price. */
  public OptionalDouble materialPrice(double densityKgM3) {
    if (price == null || pricePer == null) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(
        switch (pricePer) {
          case METRE -> price * lengthMm / 1000;
          case KILOGRAM -> price * massKg(densityKgM3);
        });
  }

  /** Mass of one bar, kg. */
  public double massKg(double densityKgM3) {
    return widthMm * thicknessMm * lengthMm / 1e9 * densityKgM3;
  }

  private static String words(String field, @Nullable String text, int most) {
    String words = Objects.requireNonNullElse(text, "").strip();
    return words.isEmpty() ? words : Require.text(field, words, most);
  }
}

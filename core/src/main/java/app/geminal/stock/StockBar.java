package app.geminal.stock;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.steel.Steel;
import java.util.Objects;
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
      @Nullable String source,
      @Nullable String note) {
    this.steel = Steel.requireId("steel", steel);
    this.widthMm = Require.lengthAbove("widthMm", widthMm, 0, 1000);
    this.thicknessMm = Require.lengthAbove("thicknessMm", thicknessMm, 0, 200);
    this.lengthMm = Require.lengthAbove("lengthMm", lengthMm, 0, 10_000);
    this.pieces = Require.count("pieces", pieces, 1, 10_000);
    this.price = price == null ? null : Require.number("price", price, 0, 1e6, "");
    this.pricePer = pricePer;
    if ((price == null) != (pricePer == null)) {
      throw new BadValue("pricePer", "A price says what it is for, by the metre or the kilogram.");
    }
    this.source = words("source", source, 200);
    this.note = words("note", note, 500);
  }

  private static String words(String field, @Nullable String text, int most) {
    String words = Objects.requireNonNullElse(text, "").strip();
    return words.isEmpty() ? words : Require.text(field, words, most);
  }
}

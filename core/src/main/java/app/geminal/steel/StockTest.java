package app.geminal.steel;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.OptionalDouble;

/**
 * A test made on a piece of stock.
 *
 * @param kind which test
 * @param seen what was seen, in words
 * @param value what it says as a figure, where it says one; see {@link Kind}
 */
public record StockTest(Kind kind, String seen, OptionalDouble value) {
  /** Checks every field. */
  public StockTest {
    Require.present("kind", kind);
    Require.text("seen", seen, 500);
    if (value.isPresent()) {
      double v = value.getAsDouble();
      if (!(v >= kind.least && v <= kind.most)) {
        throw new InvalidValue(
            "value",
            SteelText.TEST_FIGURE.with(
                "test", kind.words.with(), "least", kind.least, "most", kind.most, "figure", v));
      }
    }
  }

  /** The tests a smith can make, and the figure each can give. */
  public enum Kind {
    /** Sparks beside those of known steels: carbon, mass %. */
    SPARK(SteelText.SPARK, 0, 2.1),
    /** A coupon quenched and broken: hardness, HRC. */
    HARDEN_AND_BREAK(SteelText.HARDEN_AND_BREAK, 20, 68),
    /** Files of known hardness on a hardened coupon: HRC. */
    FILE(SteelText.FILE, 20, 68),
    /** A coupon etched beside a known steel: tone, 0 to 1. */
    ETCH(SteelText.ETCH, 0, 1);

    private final SteelText words;
    private final double least;
    private final double most;

    Kind(SteelText words, double least, double most) {
      this.words = words;
      this.least = least;
      this.most = most;
    }
  }
}

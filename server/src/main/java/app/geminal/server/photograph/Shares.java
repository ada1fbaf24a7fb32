package app.geminal.server.photograph;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.List;

/** Places on a picture as they are sent: shares of its width and height. */
final class Shares {
  private Shares() {}

  /**
   * So many shares, with commas between.
   *
   * @param field that they are sent as
   * @throws InvalidValue where there are more or fewer, or one is not from 0 to 1
   */
  static List<Double> of(String given, int count, String field) {
    List<Double> shares = new ArrayList<>();
    try {
      for (String share : given.split(",", -1)) {
        shares.add(Double.parseDouble(share));
      }
    } catch (NumberFormatException notANumber) {
      throw wrong(given, count, field);
    }
    if (shares.size() != count) {
      throw wrong(given, count, field);
    }
    shares.forEach(share -> Require.number(field, share, 0, 1));
    return shares;
  }

  private static InvalidValue wrong(String given, int count, String field) {
    return new InvalidValue(
        field, PhotographText.WRITE_SHARES.with("count", count, "given", given));
  }
}

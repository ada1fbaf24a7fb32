package app.geminal.steel;

import app.geminal.units.Text;

/**
 * A formula was asked outside the range it was fitted in. The message says which limit and what is
 * there; the caller shows no number rather than a wrong one.
 */
public final class OutOfRange extends RuntimeException {
  private static final long serialVersionUID = 1L;

  OutOfRange(String message) {
    super(message);
  }

  /** Throws unless {@code value} is in the range, both ends included. */
  static void unless(String what, double value, double from, double to) {
    if (!(value >= from && value <= to)) {
      throw new OutOfRange(
          Text.of("%s is %.2f; this formula holds from %.2f to %.2f.", what, value, from, to));
    }
  }
}

package app.geminal.units;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;

/** An exact fraction, so that a typed value is rounded once, at the end. Package use only. */
record Ratio(BigInteger over, BigInteger under) {

  static Ratio of(long over, long under) {
    return new Ratio(BigInteger.valueOf(over), BigInteger.valueOf(under));
  }

  /** The exact value of a decimal numeral such as {@code .062}. */
  static Ratio ofDecimal(String numeral) {
    BigDecimal value = new BigDecimal(numeral);
    return value.scale() > 0
        ? new Ratio(value.unscaledValue(), BigInteger.TEN.pow(value.scale()))
        : new Ratio(value.toBigIntegerExact(), BigInteger.ONE);
  }

  Ratio plus(Ratio that) {
    return new Ratio(
        over.multiply(that.under).add(that.over.multiply(under)), under.multiply(that.under));
  }

  Ratio times(Ratio that) {
    return new Ratio(over.multiply(that.over), under.multiply(that.under));
  }

  /** One over it; not of zero. */
  Ratio inverse() {
    return new Ratio(under, over);
  }

  /** The nearest {@code double}; 40 digits before the last rounding leave it correctly rounded. */
  double toDouble() {
    return new BigDecimal(over).divide(new BigDecimal(under), new MathContext(40)).doubleValue();
  }
}

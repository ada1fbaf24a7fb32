package app.geminal.measurement;

import app.geminal.bar.Bars;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * What a measured bar has over the calculated one, each bar by itself. One measurement cannot say
 * where steel went; so every loss it could have been is said with its own figure.
 *
 * @param missingMm3 of steel; negative where there is more than was calculated
 * @param missingShare of the calculated steel
 * @param scaleMm more off every face than was calculated, if it all was scale; 0 where nothing is
 *     missing
 * @param trimMm more off the length, if it all was trimmed; 0 where nothing is missing
 * @param faceMm more off each broad face, if it all was ground; 0 where nothing is missing
 */
public record MeasurementDifference(
    double missingMm3, double missingShare, double scaleMm, double trimMm, double faceMm) {
  /** A ruler and a caliper on a forged bar say its volume to about this. */
  private static final double RULER = 0.01;

  /** A size that is off by less says nothing. */
  private static final double CALIPER_MM = 0.2;

  /** The difference of two bars. */
  public static MeasurementDifference of(Bars calculated, Bars real) {
    double before = calculated.times(1).amount().volumeMm3();
    double missing = before - real.times(1).amount().volumeMm3();
    double least = Math.max(0, missing);
    double face = real.faceMm2();
    double skin =
        2
            * (face
                + real.lengthMm() * real.section().heightMm()
                + real.widthMm() * real.section().heightMm());
    double section = real.times(1).amount().volumeMm3() / real.lengthMm();
    return new MeasurementDifference(
        missing, missing / before, least / skin, least / section, least / (2 * face));
  }

  /** Whether it is more than a ruler says. */
  public boolean isSignificant() {
    return Math.abs(missingShare) > RULER;
  }

  /**
   * The difference in words.
   *
   * @param scaleCalculatedMm scale that was calculated off every face in the step, 0 for none
   */
  public List<Message> words(Bars calculated, Bars real, double scaleCalculatedMm) {
    List<Message> words = new ArrayList<>();
    if (!isSignificant()) {
      words.add(MeasurementText.AS_CALCULATED.with("difference", percent(Math.abs(missingShare))));
    } else if (missingMm3 > 0) {
      words.add(
          MeasurementText.LESS_STEEL.with(
              "less", percent(missingShare),
              "scale", Quantity.mm(scaleMm),
              "planned", Boolean.toString(scaleCalculatedMm > 0),
              "scalePlanned", Quantity.mm(scaleCalculatedMm),
              "length", Quantity.mm(trimMm),
              "face", Quantity.mm(faceMm)));
    } else {
      words.add(MeasurementText.MORE_STEEL.with("more", percent(-missingShare)));
    }
    double wider = real.widthMm() - calculated.widthMm();
    double longer = real.lengthMm() - calculated.lengthMm();
    if (wider > CALIPER_MM && longer < -CALIPER_MM) {
      words.add(
          MeasurementText.IT_SPREAD.with(
              "wider", Quantity.mm(wider), "shorter", Quantity.mm(-longer)));
    } else if (wider < -CALIPER_MM && longer > CALIPER_MM) {
      words.add(
          MeasurementText.IT_LENGTHENED.with(
              "narrower", Quantity.mm(-wider), "longer", Quantity.mm(longer)));
    }
    return words;
  }

  /**
   * What the scales say beside the sizes.
   *
   * @param massKg as weighed
   * @param sizesKg what the measured sizes would weigh if the bar filled them
   */
  public static Message scales(double massKg, double sizesKg) {
    double off = massKg / sizesKg - 1;
    if (Math.abs(off) <= RULER) {
      return MeasurementText.MASS_AGREES.with();
    }
    return off < 0
        ? MeasurementText.MASS_LESS.with("less", percent(-off))
        : MeasurementText.MASS_MORE.with("more", percent(off));
  }

  /** Per cent, to a tenth. */
  private static BigDecimal percent(double share) {
    return BigDecimal.valueOf(share * 100).setScale(1, RoundingMode.HALF_EVEN);
  }
}

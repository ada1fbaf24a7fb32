package app.geminal.measurement;

import app.geminal.bar.Bars;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

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
   * The difference in words, may hold measure marks.
   *
   * @param scaleCalculatedMm scale that was calculated off every face in the step, 0 for none
   */
  public List<String> words(Bars calculated, Bars real, double scaleCalculatedMm) {
    List<String> words = new ArrayList<>();
    if (!isSignificant()) {
      words.add(
          Text.of(
              "As much steel as calculated, within ruler accuracy (%s).", percent(-missingShare)));
    } else if (missingMm3 > 0) {
      words.add(
          Text.of(
              "%s less steel in each bar than calculated. If scaled off: %s more from every face%s. If cut off: %s more length. If ground: %s more from each broad face.",
              percent(missingShare),
              Measure.mm(scaleMm),
              scaleCalculatedMm > 0
                  ? Text.of(", calculated: %s", Measure.mm(scaleCalculatedMm))
                  : "",
              Measure.mm(trimMm),
              Measure.mm(faceMm)));
    } else {
      words.add(
          Text.of(
              "%s more steel in each bar than calculated: less scale loss or trim, or hollow faces and rounded edges were measured as full.",
              percent(-missingShare)));
    }
    double wider = real.widthMm() - calculated.widthMm();
    double longer = real.lengthMm() - calculated.lengthMm();
    if (wider > CALIPER_MM && longer < -CALIPER_MM) {
      words.add(
          Text.of(
              "It spread: %s wider and %s shorter than calculated.",
              Measure.mm(wider), Measure.mm(-longer)));
    } else if (wider < -CALIPER_MM && longer > CALIPER_MM) {
      words.add(
          Text.of(
              "It went into length: %s narrower and %s longer than calculated.",
              Measure.mm(-wider), Measure.mm(longer)));
    }
    return words;
  }

  /**
   * What the scales say beside the sizes.
   *
   * @param massKg as weighed
   * @param sizesKg what the measured sizes would weigh if the bar filled them
   */
  public static String scales(double massKg, double sizesKg) {
    double off = massKg / sizesKg - 1;
    if (Math.abs(off) <= RULER) {
      return "The mass agrees with the sizes.";
    }
    return off < 0
        ? Text.of(
            "The mass is %s less than the sizes give: rounded edges, hollow faces or voids.",
            percent(-off))
        : Text.of(
            "The mass is %s more than the sizes give: a size was read low, or scale was weighed too.",
            percent(off));
  }

  private static String percent(double share) {
    return String.format(Locale.ROOT, "%.1f %%", share * 100);
  }
}

package app.geminal.pattern;

import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How the steels of a picture look after etching: from the black to the silver of the application
 * by their tone, copper as copper.
 *
 * <p>Colours are mixed as light is: what the eye takes from layers too fine to see is the mean of
 * the light they send back, which is brighter than the mean of the two screen values.
 */
public final class Tones {
  private static final int[] BLACK = {38, 37, 38};
  private static final int[] SILVER = {222, 219, 210};
  private static final int[] COPPER = {176, 104, 66};
  private static final int GREEN = 1;
  private static final int SHADES = 254;
  private static final int STEPS = 1 << 13;
  private static final double[] LIGHT = new double[256];
  private static final int[] SCREEN = new int[STEPS + 1];

  static {
    for (int i = 0; i < LIGHT.length; i++) {
      LIGHT[i] = light(i / 255.0);
    }
    for (int i = 0; i <= STEPS; i++) {
      SCREEN[i] = (int) Math.rint(255 * screen((double) i / STEPS));
    }
  }

  private final Map<String, double[]> light = new TreeMap<>();
  private final boolean grey;
  private final int[] shadeOf = new int[STEPS + 1];

  private Tones(Map<String, Double> tones, Collection<String> copper) {
    grey = copper.isEmpty();
    tones.forEach((steel, tone) -> light.put(steel, lightOf(tone, copper.contains(steel))));
    for (int i = 0; i <= STEPS; i++) {
      double value = 255 * screen((double) i / STEPS);
      double tone = (value - BLACK[GREEN]) / (SILVER[GREEN] - BLACK[GREEN]);
      shadeOf[i] = (int) Math.rint(SHADES * Math.clamp(tone, 0, 1));
    }
  }

  /** The tones of all steels of a plan. */
  public static Tones of(Collection<String> designations, Steels steels) {
    Map<String, Double> tones = new TreeMap<>();
    designations.forEach(d -> tones.put(d, steels.get(d).etchTone().value()));
    return new Tones(
        tones,
        designations.stream().map(steels::get).filter(Steel::isCopper).map(Steel::id).toList());
  }

  /** Light from one steel alone, none from any other. */
  static Tones only(String steel) {
    Tones tones = new Tones(Map.of(), List.of());
    tones.light.put(steel, new double[] {1});
    return tones;
  }

  /**
   * One number for each kind of light a colour is mixed from: one where all is grey, else three.
   */
  int channels() {
    return grey ? 1 : 3;
  }

  /** Light a steel sends back, for each channel, 0 to 1. */
  double light(String steel, int channel) {
    double[] known = light.get(steel);
    return known == null ? 0 : known[channel];
  }

  /** The colour of one steel by itself, 0xFFRRGGBB. */
  public int pure(String steel) {
    double[] mixed = new double[channels()];
    for (int i = 0; i < mixed.length; i++) {
      mixed[i] = light(steel, i);
    }
    return colour(mixed, 0);
  }

  private double[] lightOf(double tone, boolean copper) {
    double[] rgb = new double[3];
    for (int i = 0; i < 3; i++) {
      double value = copper ? COPPER[i] : BLACK[i] + (SILVER[i] - BLACK[i]) * tone;
      rgb[i] = light(value / 255);
    }
    return grey ? new double[] {rgb[GREEN]} : rgb;
  }

  /**
   * The colour of mixed light on the screen, 0xFFRRGGBB.
   *
   * @param mixed for each channel, 0 to 1
   * @param relief brighter or darker for a face that is turned to the light or away; −1 to 1
   */
  int colour(double[] mixed, double relief) {
    if (grey) {
      int shade = shadeOf[step(mixed[0])] + (int) Math.rint(relief * SHADES);
      return shade(Math.clamp(shade, 0, SHADES));
    }
    int colour = 0xFF;
    for (double channel : mixed) {
      int value = SCREEN[step(channel)] + (int) Math.rint(relief * 255);
      colour = colour << 8 | Math.clamp(value, 0, 255);
    }
    return colour;
  }

  private static int step(double light) {
    return (int) Math.rint(Math.clamp(light, 0, 1) * STEPS);
  }

  private static int shade(int shade) {
    int colour = 0xFF;
    for (int i = 0; i < 3; i++) {
      colour = colour << 8 | (BLACK[i] + (SILVER[i] - BLACK[i]) * shade / SHADES);
    }
    return colour;
  }

  /** From a screen value, 0 to 1, to light: the sRGB curve, IEC 61966-2-1. */
  private static double light(double screen) {
    return screen <= 0.04045 ? screen / 12.92 : Math.pow((screen + 0.055) / 1.055, 2.4);
  }

  private static double screen(double light) {
    return light <= 0.0031308 ? light * 12.92 : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
  }
}

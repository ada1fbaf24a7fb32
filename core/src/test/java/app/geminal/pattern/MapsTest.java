package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import app.geminal.billet.Run;
import app.geminal.geometry.LocalVolume;
import app.geminal.geometry.Point;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every step's map takes the points of its result into what it was made from, and keeps volume: on
 * the whole exactly, from place to place within the error its class states. Local volume is the
 * determinant of the map's derivative, measured between neighbouring points.
 */
class MapsTest {
  private static final String BAR = "8 (D 2.5, B 2.5) 24 x 240 > ";
  private static final int POINTS = 20_000;

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        // steps | local volume, tenth percentile at least | ninetieth at most | on the whole within
        "set 3                                                      | 1    | 1    | 1e-6",
        "draw 30 x 8                                                | 1    | 1    | 1e-6",
        "trim 20, 10, sides 1                                       | 1    | 1    | 1e-6",
        "grind 1, 2                                                 | 1    | 1    | 1e-6",
        "cut 4                                                      | 1    | 1    | 1e-6",
        "cut 4 > restack turned                                     | 1    | 1    | 1e-6",
        "cut 3 > restack (same, end, quarter)                       | 1    | 1    | 1e-6",
        "fold > fold                                                | 1    | 1    | 1e-6",
        "fold, end 7                                                | 1    | 1    | 1e-6",
        "fourway quarter                                            | 1    | 1    | 1e-6",
        "draw 20 x 20 > fourway over                                | 1    | 1    | 1e-6",
        "cut 3 > layup (same, over, end)                            | 1    | 1    | 1e-6",
        "cut 4 > aside 2                                            | 1    | 1    | 1e-6",
        "upset 40%                                                  | 1    | 1    | 1e-6",
        "upset 40%, bow 3                                            | 0.9  | 1.1  | 0.01",
        "draw 16 x 16 > twist 8                                      | 0.86 | 1.1  | 0.01",
        "draw 16 x 16 > twist 5, 2 sections, both, square            | 0.86 | 1.1  | 0.01",
        "draw 20 x 20 > resquare 45                                  | 0.78 | 1.15 | 0.01",
        "draw 20 x 20 > resquare 30, to 15                           | 0.78 | 1.15 | 0.01",
        "draw 24 x 6 > roll round                                    | 0.89 | 1.12 | 0.01",
        "draw 24 x 3 > roll square                                   | 0.69 | 1.27 | 0.01",
        "ladder pitch 20, width 10, depth 3                          | 0.85 | 1.15 | 0.005",
        "ladder pitch 20, width 10, depth 3, both                    | 0.85 | 1.15 | 0.005",
        "ladder pitch 20, width 10, depth 3, both, pressed           | 0.85 | 1.15 | 0.005",
        "dimples pitch 12, across 8, depth 2                         | 0.9  | 1.1  | 0.005",
        "dimples pitch 12, across 8, depth 2, both                   | 0.9  | 1.1  | 0.005",
        "uneven 2, scale 15, seed 3                                  | 0.85 | 1.15 | 0.05",
        "blade 150 x 20 x 6, drop                                   | 1    | 1    | 1e-6",
      })
  void pointsComeFromTheSourceAndVolumeIsKept(
      String steps, double least, double most, double whole) {
    Run run = TestViews.run(BAR + steps);
    Field field = TestViews.lastUnlisted(run);
    Size source = Size.of(run.stages().getFirst().bars());
    SplittableRandom random = new SplittableRandom(7);
    double[] local = new double[POINTS];
    int n = 0;
    while (n < POINTS) {
      double[] at = somewhere(field, random);
      int bar = random.nextInt(field.bars().count());
      Point p = place(at, bar);
      field.chain().land(p);
      assertThat(p.x).isBetween(-1e-6, source.length() + 1e-6);
      assertThat(p.y).isBetween(-1e-6, source.width() + 1e-6);
      assertThat(p.z).isBetween(-1e-6, source.height() + 1e-6);
      double volume = LocalVolume.at(place(at, bar), q -> field.chain().land(q));
      if (!Double.isNaN(volume)) {
        local[n++] = volume;
      }
    }
    Arrays.sort(local);
    assertThat(Arrays.stream(local).average().orElseThrow()).isCloseTo(1, within(whole));
    assertThat(local[POINTS / 10]).as("tenth percentile").isGreaterThan(least - 1e-4);
    assertThat(local[POINTS * 9 / 10]).as("ninetieth percentile").isLessThan(most + 1e-4);
  }

  private static double[] somewhere(Field field, SplittableRandom random) {
    Bars bars = field.bars();
    while (true) {
      double[] at = {
        random.nextDouble(0.001, 0.999) * bars.lengthMm(),
        random.nextDouble(0.001, 0.999) * bars.widthMm(),
        random.nextDouble(0.001, 0.999) * bars.section().heightMm()
      };
      double y = 2 * at[1] / bars.widthMm() - 1;
      double z = 2 * at[2] / bars.section().heightMm() - 1;
      boolean inside = bars.form() != Form.ROUND || y * y + z * z < 0.998;
      if (inside && field.has(at[0], at[1], at[2])) {
        return at;
      }
    }
  }

  private static Point place(double[] at, int bar) {
    Point p = new Point();
    p.begin(at[0], at[1], at[2], bar);
    return p;
  }
}

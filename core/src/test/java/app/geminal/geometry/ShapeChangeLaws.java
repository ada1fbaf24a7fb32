package app.geminal.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import java.util.Arrays;
import java.util.Optional;
import java.util.SplittableRandom;

/** What every change of shape keeps to, wherever it is at home. */
public final class ShapeChangeLaws {
  private static final int POINTS = 4000;
  private static final double NEAR_MM = 1e-6;

  private ShapeChangeLaws() {}

  /** All of them. */
  public static void hold(Bars before, BarChange change) {
    whatGoesForwardsComesBack(before, change);
    boxesHoldWhatWasInThem(before, change);
    steelThatIsNotThereAnyMoreIsGone(before, change);
    everyPieceKeepsItsVolumeAsFarAsIsSaid(before, change);
  }

  /** What it moves forwards comes back to where it was. */
  public static void whatGoesForwardsComesBack(Bars before, BarChange change) {
    SplittableRandom random = new SplittableRandom(11);
    int there = 0;
    for (int i = 0; i < POINTS; i++) {
      Point from = somewhere(before, random);
      Point p = copy(from);
      if (change.forward(p)) {
        there++;
        assertThat(isIn(p, change.of(before), NEAR_MM)).as("%s", show(p)).isTrue();
        Point image = copy(p);
        back(change, p);
        assertThat(show(p)).as("from %s by %s", show(from), show(image)).isEqualTo(show(from));
      }
    }
    assertThat(there).isGreaterThan(POINTS / 4);
  }

  /** Boxes hold the points that were in them. */
  public static void boxesHoldWhatWasInThem(Bars before, BarChange change) {
    SplittableRandom random = new SplittableRandom(12);
    for (int i = 0; i < POINTS / 4; i++) {
      Point p = somewhere(before, random);
      Box box = around(p, random);
      if (change.forward(p)) {
        Destination there = change.forward(box);
        assertThat(there.here()).as("%s", show(p)).anyMatch(b -> b.holds(p, NEAR_MM));
      }
    }
  }

  /** No steel is lost that it does not say is gone. */
  public static void steelThatIsNotThereAnyMoreIsGone(Bars before, BarChange change) {
    SplittableRandom random = new SplittableRandom(13);
    double there = 0;
    for (int i = 0; i < 10 * POINTS; i++) {
      there += change.forward(somewhere(before, random)) ? 1 : 0;
    }
    Bars after = change.of(before);
    double left = after.amount().volumeMm3() / before.amount().volumeMm3();
    // What uneven forging pushes out of one place comes in at another.
    double off = change instanceof SurfaceNoise ? 0.06 : 0.012;
    assertThat(there / (10 * POINTS)).isCloseTo(Math.min(1, left), within(off));
  }

  /** Every small piece keeps its volume as far as it says. */
  public static void everyPieceKeepsItsVolumeAsFarAsIsSaid(Bars before, BarChange change) {
    SplittableRandom random = new SplittableRandom(14);
    Bars after = change.of(before);
    double[] volumes = new double[POINTS];
    int n = 0;
    for (int tries = 0; n < POINTS && tries < 20 * POINTS; tries++) {
      Point p = somewhere(after, random);
      double volume = LocalVolume.at(p, at -> back(change, at));
      if (!Double.isNaN(volume)) {
        volumes[n++] = volume;
      }
    }
    assertThat(n).isEqualTo(POINTS);
    Arrays.sort(volumes);
    VolumeRange said = change.localVolume();
    assertThat(volumes[n / 10]).isGreaterThan(said.tenth() - 1e-4);
    assertThat(volumes[9 * n / 10]).isLessThan(said.ninetieth() + 1e-4);
  }

  static void back(BarChange change, Point p) {
    change.back().forEach(step -> step.back(p));
  }

  static Point somewhere(Bars bars, SplittableRandom random) {
    while (true) {
      Point p = new Point();
      p.begin(
          random.nextDouble() * bars.lengthMm(),
          random.nextDouble() * bars.widthMm(),
          random.nextDouble() * bars.section().heightMm(),
          random.nextInt(bars.count()));
      if (isIn(p, bars, 0)) {
        return p;
      }
    }
  }

  private static boolean isIn(Point p, Bars bars, double offMm) {
    Size size = Size.of(bars);
    double y = 2 * p.y / size.width() - 1;
    double z = 2 * p.z / size.height() - 1;
    return p.bar < bars.count()
        && Optional.of(new Box(p.bar, span(size.length()), span(size.width()), span(size.height())))
            .filter(b -> b.holds(p, offMm))
            .isPresent()
        && (bars.form() != Form.ROUND || y * y + z * z <= 1 + offMm);
  }

  private static LineSpan span(double length) {
    return new LineSpan(0, length);
  }

  static Box around(Point p, SplittableRandom random) {
    double off = random.nextDouble(3);
    return new Box(
        p.bar,
        new LineSpan(p.x - off, p.x + 1),
        new LineSpan(p.y - 1, p.y + off),
        new LineSpan(p.z - off, p.z + off));
  }

  static Point copy(Point of) {
    Point p = new Point();
    p.begin(of.x, of.y, of.z, of.bar);
    return p;
  }

  /** To the hundred-thousandth of a millimetre. */
  static String show(Point p) {
    return "%.5f %.5f %.5f of %d".formatted(p.x + 0.0, p.y + 0.0, p.z + 0.0, p.bar);
  }
}

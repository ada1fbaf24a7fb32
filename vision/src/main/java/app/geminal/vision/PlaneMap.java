package app.geminal.vision;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * A photograph as seen straight from above, coarsely: brightness and warmth of the colour for each
 * cell of the plane, and how far both are from those of the ground.
 */
final class PlaneMap {
  private static final int LONGEST_CELLS = 480;

  /** A camera that looks along the plane sees far; no bar is so far away, mm. */
  private static final double FARTHEST_MM = 1500;

  /** The rim of the picture that is taken for the ground, share of its sides. */
  private static final double RIM = 0.06;

  private static final double LEAST_TONE_SPREAD = 6;
  private static final double LEAST_WARMTH_SPREAD = 3;
  private static final double LEAST_SHARE_SPREAD = 0.06;

  /** Keeps the noise of what is nearly black small. */
  private static final double DARK = 12;

  private static final int ROUNDS = 6;

  private final Plane plane;
  private final Photograph photograph;
  private final double left;
  private final double top;
  private final double cellMm;
  private final int columns;
  private final double[] tones;
  private final double[] warmths;

  /** Cells that the picture shows. */
  private final boolean[] shown;

  /** Cells of the ground along the rim of the picture. */
  private final int[] rim;

  private final double rimTone;
  private final double rimWarmth;

  PlaneMap(Photograph photograph, Plane plane) {
    this.photograph = photograph;
    this.plane = plane;
    int w = photograph.widthPx();
    int h = photograph.heightPx();
    double[] x = new double[8];
    double[] y = new double[8];
    int n = 0;
    for (double[] at :
        new double[][] {
          {0, 0}, {w, 0}, {0, h}, {w, h}, {w / 2.0, 0}, {w / 2.0, h}, {0, h / 2.0}, {w, h / 2.0}
        }) {
      Spot there = plane.onPlane(at[0], at[1]);
      x[n] = Math.clamp(there.x(), -FARTHEST_MM, FARTHEST_MM);
      y[n++] = Math.clamp(there.y(), -FARTHEST_MM, FARTHEST_MM);
    }
    left = Arrays.stream(x).min().orElse(0);
    top = Arrays.stream(y).min().orElse(0);
    double wide = Arrays.stream(x).max().orElse(0) - left;
    double high = Arrays.stream(y).max().orElse(0) - top;
    cellMm = Math.max(wide, high) / LONGEST_CELLS;
    columns = Math.max(1, (int) (wide / cellMm));
    int rows = Math.max(1, (int) (high / cellMm));
    tones = new double[columns * rows];
    warmths = new double[columns * rows];
    shown = new boolean[columns * rows];
    IntStream.range(0, rows).parallel().forEach(this::sampleRow);
    rim = IntStream.range(0, tones.length).filter(i -> shown[i] && isRim(i)).toArray();
    rimTone = median(Arrays.stream(rim).mapToDouble(this::tone).toArray());
    rimWarmth = median(Arrays.stream(rim).mapToDouble(this::warmth).toArray());
  }

  private void sampleRow(int row) {
    for (int column = 0; column < columns; column++) {
      int i = row * columns + column;
      Spot middle = plane.onPicture(left + (column + 0.5) * cellMm, top + (row + 0.5) * cellMm);
      shown[i] = photograph.holds(middle.x(), middle.y());
      if (shown[i]) {
        sample(i, column, row);
      }
    }
  }

  /** The mean of nine places of a cell. */
  private void sample(int i, int column, int row) {
    for (double down = 0.5; down < 3; down++) {
      for (double right = 0.5; right < 3; right++) {
        Spot at =
            plane.onPicture(left + (column + right / 3) * cellMm, top + (row + down / 3) * cellMm);
        tones[i] += photograph.toneAt(at.x(), at.y()) / 9;
        warmths[i] += photograph.warmthAt(at.x(), at.y()) / 9;
      }
    }
  }

  private int rowOf(int i) {
    return i / columns;
  }

  int columns() {
    return columns;
  }

  double cellMm() {
    return cellMm;
  }

  boolean isShown(int i) {
    return shown[i];
  }

  /** The middle of a cell, mm on the plane. */
  Spot middle(int i) {
    return new Spot(left + (i % columns + 0.5) * cellMm, top + (rowOf(i) + 0.5) * cellMm);
  }

  double tone(int i) {
    return tones[i];
  }

  double warmth(int i) {
    return warmths[i];
  }

  /**
   * How far each cell is from the ground, in its own spreads; 0 where nothing is shown. The ground
   * is what most of the picture's rim shows, brighter towards one side perhaps.
   */
  double[] fromGround() {
    // Light falls on all of it by shares, so that differences are those of logarithms.
    double[] tone =
        off(Arrays.stream(tones).map(t -> Math.log(t + DARK)).toArray(), LEAST_SHARE_SPREAD);
    double[] warmth = off(warmths, LEAST_WARMTH_SPREAD);
    double[] off = new double[tones.length];
    for (int i = 0; i < off.length; i++) {
      off[i] = shown[i] ? Math.hypot(tone[i], warmth[i]) : 0;
    }
    return off;
  }

  /** How a piece differs from the ground, in brightness and warmth together. */
  Side.Look look(PieceFinder.Rough piece) {
    double dTone = piece.tone() - rimTone;
    double dWarmth = piece.warmth() - rimWarmth;
    double perTone = dTone / (LEAST_TONE_SPREAD * LEAST_TONE_SPREAD);
    double perWarmth = dWarmth / (LEAST_WARMTH_SPREAD * LEAST_WARMTH_SPREAD);
    double whole = perTone * dTone + perWarmth * dWarmth + 1e-9;
    return new Side.Look(
        perTone / whole, perWarmth / whole, (perTone * rimTone + perWarmth * rimWarmth) / whole);
  }

  private boolean isRim(int i) {
    Spot at = middle(i);
    Spot seen = plane.onPicture(at.x(), at.y());
    double x = Math.min(seen.x(), photograph.widthPx() - seen.x()) / photograph.widthPx();
    double y = Math.min(seen.y(), photograph.heightPx() - seen.y()) / photograph.heightPx();
    return Math.min(x, y) < RIM;
  }

  /** From a plane through most of the rim's values, in spreads of the rim around it. */
  private double[] off(double[] of, double leastSpread) {
    double[] fit = {median(Arrays.stream(rim).mapToDouble(i -> of[i]).toArray()), 0, 0};
    double spread = leastSpread;
    for (int round = 0; round < ROUNDS; round++) {
      double[] before = fit;
      double[] left =
          Arrays.stream(rim).mapToDouble(i -> Math.abs(of[i] - at(before, i))).toArray();
      spread = Math.max(leastSpread, 1.48 * median(left));
      double within = 2.5 * spread;
      int[] near =
          Arrays.stream(rim).filter(i -> Math.abs(of[i] - at(before, i)) <= within).toArray();
      fit = LeastSquares.plane(near, i -> i % columns, this::rowOf, i -> of[i]);
    }
    double[] off = new double[of.length];
    for (int i = 0; i < of.length; i++) {
      off[i] = (of[i] - at(fit, i)) / spread;
    }
    return off;
  }

  private double at(double[] fit, int i) {
    return fit[0] + fit[1] * (i % columns) + fit[2] * rowOf(i);
  }

  private static double median(double[] of) {
    Arrays.sort(of);
    return of.length == 0 ? 0 : of[of.length / 2];
  }
}

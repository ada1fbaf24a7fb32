package app.geminal.vision;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.GrayU8;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Finds dark lines on a face of steel: what is darker than the darkest steel of an etched face, or
 * than what is around it on a glowing one, and long and thin. A line is no flaw before a person
 * says so.
 */
public final class DarkLines {
  /** What the face looks like, and what a line on it is. */
  public enum Face {
    /** Ground or etched: a line is darker than the steel that etches dark. */
    ETCHED(0.62, 3.5, 2.5, 0, 35),
    /** Glowing: a line is darker than the steel on both sides of it, and wider than a scratch. */
    GLOWING(0.89, 7, 3, 0.4, 15);

    private final double share;
    private final double shortestMm;
    private final double slender;
    private final double thinnestMm;
    private final double steepest;

    /**
     * A kind of face.
     *
     * @param share of the light around it that a line is darker than
     * @param slender its length over its width, at the least
     * @param steepestDeg to the joints; more is a scratch or a grinding mark
     */
    Face(double share, double shortestMm, double slender, double thinnestMm, double steepestDeg) {
      this.share = share;
      this.shortestMm = shortestMm;
      this.slender = slender;
      this.thinnestMm = thinnestMm;
      this.steepest = Math.tan(Math.toRadians(steepestDeg));
    }
  }

  /** Within that share of the face's height from its long edges, a line is the edge itself. */
  private static final double RIM_SHARE = 0.03;

  private static final int MOST_COLUMNS = 1600;
  private static final int MOST_ROWS = 1600;

  private static final int LEAST_CELLS = 24;

  /** Broken by so much, a line is one. */
  private static final double GAP_MM = 0.8;

  /** A tenth of the steel is darker, at least, where two steels are etched. */
  private static final double DARK_SHARE = 0.1;

  /** What is around a place, of the face's height: of an etched one and of a glowing one. */
  private static final int ETCHED_AROUND = 3;

  private static final int GLOWING_AROUND = 6;

  /** More than so many are the pattern, and no flaws: none is proposed. */
  private static final int MOST_LINES = 12;

  private final double widthMm;
  private final double heightMm;
  private final int columns;
  private final int rows;
  private final float[] light;

  private DarkLines(Photograph photograph, List<Spot> corners, double widthMm, double heightMm) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    double px = (corners.get(0).to(corners.get(1)) + corners.get(3).to(corners.get(2))) / 2;
    columns = Math.clamp(Math.round(px), 16, MOST_COLUMNS);
    rows = Math.clamp(Math.round(columns * heightMm / widthMm), 16, MOST_ROWS);
    light = Boxes.mean(FaceLight.of(photograph, corners, columns, rows), columns, rows, 1);
  }

  /**
   * Dark lines on a face, the longest first.
   *
   * @param corners of the face, px: upper left, upper right, lower right, lower left
   * @param widthMm of the face, along the joints
   * @param heightMm of the face, across them
   */
  public static List<DarkLine> on(
      Photograph photograph, List<Spot> corners, double widthMm, double heightMm, Face face) {
    return new DarkLines(photograph, corners, widthMm, heightMm).lines(face);
  }

  private List<DarkLine> lines(Face face) {
    float[] around = face == Face.ETCHED ? darkSteel() : beside();
    GrayU8 dark = new GrayU8(columns, rows);
    for (int i = 0; i < light.length; i++) {
      dark.data[i] = (byte) (light[i] < face.share * around[i] ? 1 : 0);
    }
    bridge(dark);
    GrayS32 labels = new GrayS32(columns, rows);
    int count = BinaryImageOps.contour(dark, ConnectRule.EIGHT, labels).size();
    Streak[] streaks = new Streak[count + 1];
    Arrays.setAll(streaks, _ -> new Streak());
    for (int i = 0; i < light.length; i++) {
      int label = labels.data[i];
      if (label > 0) {
        int row = i / columns;
        streaks[label].add(i % columns, row, light[i] / around[i]);
      }
    }
    List<DarkLine> lines =
        Arrays.stream(streaks)
            .filter(streak -> streak.cells >= LEAST_CELLS)
            .map(streak -> streak.line(this))
            .filter(line -> isFlaw(line, face))
            .sorted(Comparator.comparingDouble(DarkLine::lengthMm).reversed())
            .toList();
    return lines.size() > MOST_LINES ? List.of() : lines;
  }

  private boolean isFlaw(DarkLine line, Face face) {
    double along = (line.toX() - line.fromX()) * widthMm;
    double across = Math.abs(line.toY() - line.fromY()) * heightMm;
    double middle = (line.fromY() + line.toY()) / 2;
    return line.lengthMm() >= Math.max(face.shortestMm, face.slender * line.widthMm())
        && line.widthMm() >= face.thinnestMm
        && across <= face.steepest * along
        && Math.min(middle, 1 - middle) > RIM_SHARE;
  }

  /** How bright the steel that etches dark is at each cell, in light that changes slowly. */
  private float[] darkSteel() {
    float[] mean = Boxes.mean(light, columns, rows, Math.max(columns, rows) / ETCHED_AROUND);
    float[] even = new float[light.length];
    for (int i = 0; i < even.length; i++) {
      even[i] = light[i] / Math.max(1, mean[i]);
    }
    Arrays.sort(even);
    float dark = even[(int) (DARK_SHARE * even.length)];
    float[] around = new float[light.length];
    for (int i = 0; i < around.length; i++) {
      around[i] = dark * Math.max(1, mean[i]);
    }
    return around;
  }

  private float[] beside() {
    return Boxes.mean(light, columns, rows, Math.max(2, rows / GLOWING_AROUND));
  }

  /** Closes short gaps along the joints. */
  private void bridge(GrayU8 dark) {
    double gap = GAP_MM * columns / widthMm;
    for (int row = 0; row < rows; row++) {
      // So far away that no gap is bridged from one row to the next.
      int last = Integer.MIN_VALUE / 2;
      for (int i = row * columns; i < (row + 1) * columns; i++) {
        if (dark.data[i] == 1) {
          if (i - last <= gap) {
            Arrays.fill(dark.data, last, i, (byte) 1);
          }
          last = i;
        }
      }
    }
  }

  /** Dark cells that touch each other: their sums. */
  private static final class Streak {
    private int cells;
    private double x;
    private double y;
    private double xx;
    private double xy;
    private double yy;
    private double tones;

    void add(double column, double row, double tone) {
      cells++;
      x += column;
      y += row;
      xx += column * column;
      xy += column * row;
      yy += row * row;
      tones += tone;
    }

    /** The line with the same middle, direction, length and width. */
    DarkLine line(DarkLines on) {
      double mx = x / cells;
      double my = y / cells;
      double cxx = xx / cells - mx * mx + 1.0 / 12;
      double cyy = yy / cells - my * my + 1.0 / 12;
      double cxy = xy / cells - mx * my;
      double angle = 0.5 * Math.atan2(2 * cxy, cxx - cyy);
      double middle = (cxx + cyy) / 2;
      double half = Math.hypot((cxx - cyy) / 2, cxy);
      // An even line of a length has a twelfth of its square as variance.
      double length = Math.sqrt(12 * (middle + half));
      double width = Math.sqrt(12 * Math.max(0, middle - half));
      double right = Math.cos(angle) * length / 2;
      double down = Math.sin(angle) * length / 2;
      double mm = on.widthMm / on.columns;
      return new DarkLine(
          share(mx + 0.5 - right, on.columns),
          share(my + 0.5 - down, on.rows),
          share(mx + 0.5 + right, on.columns),
          share(my + 0.5 + down, on.rows),
          length * mm,
          width * mm,
          Math.clamp(1 - tones / cells, 0, 1));
    }

    private static double share(double cell, int of) {
      return Math.clamp(cell / of, 0, 1);
    }
  }
}

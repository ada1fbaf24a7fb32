package app.geminal.heat;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * How hot a bar or a loose stack is, inside and out, as time passes.
 *
 * <p>Transient conduction in three dimensions by finite volumes. The state is the heat in every
 * cell, so energy is kept to rounding whatever the change to austenite does; each direction is
 * implicit in turn (locally one-dimensional), so no step is too long to be stable. First order in
 * time and second in the cells, shown in a test; the defaults keep the minutes of a weld within 5 %
 * of cells half as large. Radiation is taken as it was at the beginning of a step.
 *
 * <p>Length and width are mirrored, because both ends and both edges see the same fire; the height
 * is whole, because a bar is on a floor and is turned over, unless it is said to be mirrored too.
 * In a loose stack heat crosses a gap at every joint: the pieces and the gaps together conduct as
 * {@code 1/(1/k + 1/(h·t))} through the height. Steel's properties are those of 0.8 % carbon; a
 * chamber has one temperature; handle, tacks and jacket are not there.
 *
 * <p>Mutable, for one thread. What it is asked after a step costs a few nanoseconds a cell.
 */
public final class BarHeat {
  private static final double LONGEST_STEP_S = 4;
  private static final double HALF_CELL = 0.5;

  private final Material material;
  private final CellGrid grid;
  private final int nx;
  private final int ny;
  private final int nz;
  private final boolean heightMirrored;
  private final double dx;
  private final double dy;
  private final double dz;
  private final double longestStepS;
  private final double gapWM2K;
  private final double[] heat;
  private final double[] celsius;
  private final double[] line;
  private final double[] upper;
  private final double[] right;
  private final double[] passing;
  private double pieceM;

  /**
   * What is heated.
   *
   * @param widthMm of the section; above 0, to 2000
   * @param heightMm of the section, through the layers
   * @param lengthMm in the fire
   * @param pieceMm mean thickness of loose pieces through the height, or 0 for a solid bar
   * @param gapWM2K conductance of a gap between loose pieces, W/(m²·K); 300 to 5000 are reported,
   *     1000 for flat clean pieces clamped hard; means nothing for a solid bar
   */
  public record Of(
      double widthMm, double heightMm, double lengthMm, double pieceMm, double gapWM2K) {
    /** Gaps of flat, clean pieces clamped hard. */
    public static final double USUAL_GAP = 1000;

    /** Checks every field. */
    public Of {
      Require.lengthAbove("widthMm", widthMm, 0, 2000);
      Require.lengthAbove("heightMm", heightMm, 0, 2000);
      Require.lengthAbove("lengthMm", lengthMm, 0, 20_000);
      Require.lengthUpTo("pieceMm", pieceMm, 2000);
      Require.number("gapWM2K", gapWM2K, 1, 1e6);
    }

    /** A welded bar. */
    public static Of solid(double widthMm, double heightMm, double lengthMm) {
      return new Of(widthMm, heightMm, lengthMm, 0, USUAL_GAP);
    }

    /** Loose pieces of so much thickness each. */
    public Of loose(double ofMm) {
      return new Of(widthMm, heightMm, lengthMm, ofMm, gapWM2K);
    }

    /** All six faces. */
    public double surfaceMm2() {
      return 2 * (widthMm * heightMm + widthMm * lengthMm + heightMm * lengthMm);
    }

    /** Of steel, gaps not counted. */
    public double volumeMm3() {
      return widthMm * heightMm * lengthMm;
    }

    /** The same with other gaps. */
    public Of withGap(double newGapWM2K) {
      return new Of(widthMm, heightMm, lengthMm, pieceMm, newGapWM2K);
    }
  }

  /**
   * How finely it is cut up.
   *
   * @param grid its cells
   * @param longestStepS seconds
   */
  record Cells(CellGrid grid, double longestStepS) {
    /** Whole height: what follows a bar in the fire. */
    static final Cells FOLLOWING = new Cells(new CellGrid(2, 3, 8, false), LONGEST_STEP_S);

    /** Mirrored height: what a plan uses; a tenth of the work, see {@link Soak}. */
    static final Cells PLANNING = new Cells(new CellGrid(2, 3, 5, true), LONGEST_STEP_S);

    Cells inSteps(double newLongestStepS) {
      return new Cells(grid, newLongestStepS);
    }
  }

  /** Steel at one temperature all through. */
  public BarHeat(Of what, double startC) {
    this(what, startC, Cells.FOLLOWING, SteelHeat.STEEL);
  }

  /**
   * The same, followed in longer steps where less will do.
   *
   * @param longestStepS seconds
   */
  public BarHeat(Of what, double startC, double longestStepS) {
    this(what, startC, Cells.FOLLOWING.inSteps(longestStepS), SteelHeat.STEEL);
  }

  BarHeat(Of what, double startC, Cells cells, Material material) {
    this.material = material;
    this.grid = cells.grid();
    this.nx = grid.nx();
    this.ny = grid.ny();
    this.nz = grid.nz();
    this.heightMirrored = grid.heightMirrored();
    this.longestStepS = cells.longestStepS();
    this.dx = what.lengthMm() / 2000 / nx;
    this.dy = what.widthMm() / 2000 / ny;
    this.dz = what.heightMm() / 1000 / nz / (heightMirrored ? 2 : 1);
    this.pieceM = what.pieceMm() / 1000;
    this.gapWM2K = what.gapWM2K();
    int longest = grid.longestLine();
    this.heat = new double[grid.count()];
    this.celsius = new double[grid.count()];
    this.line = new double[longest];
    this.upper = new double[longest];
    this.right = new double[longest];
    this.passing = new double[longest + 1];
    Arrays.fill(celsius, startC);
    Arrays.fill(heat, material.content(startC));
  }

  private BarHeat(BarHeat that, double gapWM2K) {
    material = that.material;
    grid = that.grid;
    nx = that.nx;
    ny = that.ny;
    nz = that.nz;
    heightMirrored = that.heightMirrored;
    dx = that.dx;
    dy = that.dy;
    dz = that.dz;
    longestStepS = that.longestStepS;
    pieceM = that.pieceM;
    this.gapWM2K = gapWM2K;
    heat = that.heat.clone();
    celsius = that.celsius.clone();
    line = new double[that.line.length];
    upper = new double[that.upper.length];
    right = new double[that.right.length];
    passing = new double[that.passing.length];
  }

  /** A copy that changes independently, to look ahead with. */
  public BarHeat copy() {
    return copyWithGap(gapWM2K);
  }

  /**
   * The same as it is now, with other gaps from here on.
   *
   * @param newGapWM2K conductance of a gap between loose pieces, W/(m²·K)
   */
  public BarHeat copyWithGap(double newGapWM2K) {
    return new BarHeat(this, newGapWM2K);
  }

  /** So much time passes. */
  public void advance(double seconds, Surroundings around) {
    Require.quantity(QuantityKind.TIME, "seconds", seconds, 0, 1e6);
    advanceIn((int) Math.ceil(seconds / longestStepS), seconds, around);
  }

  /** So much time passes, in so many steps. */
  void advanceIn(int steps, double seconds, Surroundings around) {
    for (int i = 0; i < steps; i++) {
      step(seconds / steps, around);
    }
  }

  /** The joints are set: no gaps any more. */
  public void welded() {
    pieceM = 0;
  }

  /** It is turned over, top to bottom. */
  public void turnedOver() {
    grid.turnOver(heat);
    grid.turnOver(celsius);
  }

  /** Whether all of it is at a temperature, to within so many kelvins. */
  public boolean isAt(double at, double withinK) {
    for (double c : celsius) {
      if (Math.abs(c - at) > withinK) {
        return false;
      }
    }
    return true;
  }

  /**
   * The temperature at a place, °C, straight between the middles of the cells and towards the faces
   * as they are in these surroundings.
   *
   * @param along from the middle of the length to an end, 0 to 1
   * @param across from the middle of the width to an edge, 0 to 1
   * @param up from the lower broad face to the upper, 0 to 1
   */
  public double celsiusAt(double along, double across, double up, Surroundings around) {
    double inside = grid.interpolated(celsius, along, across, up);
    double upperDepth = (1 - up) * nz;
    if (upperDepth < HALF_CELL) {
      double face = topSkinC(around) - celsius[nz - 1];
      return inside + face * (HALF_CELL - upperDepth) / HALF_CELL;
    }
    double lowerDepth = up * nz;
    if (lowerDepth < HALF_CELL && !heightMirrored) {
      double face = faceC(celsius[0], dz, true, around, around.below()) - celsius[0];
      return inside + face * (HALF_CELL - lowerDepth) / HALF_CELL;
    }
    return inside;
  }

  /** How it is cut into cells. */
  CellGrid grid() {
    return grid;
  }

  /** Temperature of one of them, °C. */
  double cellC(int cell) {
    return celsius[cell];
  }

  /** The coldest place inside, °C. */
  public double coreC() {
    double coldest = Double.POSITIVE_INFINITY;
    for (double c : celsius) {
      coldest = Math.min(coldest, c);
    }
    return coldest;
  }

  /** The hottest place inside, °C. */
  double hottestC() {
    double hottest = Double.NEGATIVE_INFINITY;
    for (double c : celsius) {
      hottest = Math.max(hottest, c);
    }
    return hottest;
  }

  /** What is so deep under the middle of the upper broad face, °C; the middle at most. */
  public double underTopC(double depthMm) {
    double fromTop = depthMm / 1000 / dz - 0.5;
    int above = (int) Math.clamp(Math.floor(fromTop), 0, nz - 1);
    int below = Math.min(nz - 1, above + 1);
    double part = Math.clamp(fromTop - above, 0, 1);
    return celsius[nz - 1 - above] * (1 - part) + celsius[nz - 1 - below] * part;
  }

  /** The middle of the upper broad face as it would be seen in these surroundings, °C. */
  public double topSkinC(Surroundings around) {
    return faceC(celsius[nz - 1], dz, true, around, around.above());
  }

  /** The middle of a narrow side, °C. */
  public double sideSkinC(Surroundings around) {
    int middle = heightMirrored ? 0 : nz / 2;
    return faceC(celsius[grid.cell(0, ny - 1, middle)], dy, false, around, null);
  }

  /** The colder of the middles of the faces that can be seen, °C. */
  public double skinC(Surroundings around) {
    return Math.min(topSkinC(around), sideSkinC(around));
  }

  /** Mean over all the steel by its heat, °C. */
  public double meanC() {
    return material.celsius(meanContent());
  }

  /** Heat in it per kilogram, J/kg, from 0 °C. */
  double meanContent() {
    return Arrays.stream(heat).average().orElseThrow();
  }

  /** Heat passing into the whole bar now, W; negative while it cools. */
  public double intakeW(Surroundings around) {
    double limit = limit(around);
    double sum = 0;
    for (int y = 0; y < ny; y++) {
      for (int z = 0; z < nz; z++) {
        sum += intake(celsius[grid.cell(nx - 1, y, z)], dx, false, around, null, limit) * dy * dz;
      }
    }
    for (int x = 0; x < nx; x++) {
      for (int z = 0; z < nz; z++) {
        sum += intake(celsius[grid.cell(x, ny - 1, z)], dy, false, around, null, limit) * dx * dz;
      }
      for (int y = 0; y < ny; y++) {
        sum +=
            intake(celsius[grid.cell(x, y, nz - 1)], dz, true, around, around.above(), limit)
                * dx
                * dy;
        if (!heightMirrored) {
          sum +=
              intake(celsius[grid.cell(x, y, 0)], dz, true, around, around.below(), limit)
                  * dx
                  * dy;
        }
      }
    }
    return sum * grid.parts();
  }

  private double limit(Surroundings around) {
    if (around.mostW() == Double.POSITIVE_INFINITY) {
      return 1;
    }
    double wanted = intakeW(around.withPowerKw(Double.POSITIVE_INFINITY));
    return wanted > around.mostW() ? around.mostW() / wanted : 1;
  }

  private void step(double seconds, Surroundings around) {
    double limit = limit(around);
    for (int y = 0; y < ny; y++) {
      for (int z = 0; z < nz; z++) {
        sweep(grid.cell(0, y, z), ny * nz, nx, dx, false, around, limit, seconds);
      }
    }
    for (int x = 0; x < nx; x++) {
      for (int z = 0; z < nz; z++) {
        sweep(grid.cell(x, 0, z), nz, ny, dy, false, around, limit, seconds);
      }
      for (int y = 0; y < ny; y++) {
        sweep(grid.cell(x, y, 0), 1, nz, dz, true, around, limit, seconds);
      }
    }
    if (Double.isNaN(celsius[0])) {
      throw new IllegalStateException("The bar's heat is lost: no number in the middle cell.");
    }
  }

  /**
   * One direction of one step along a line of cells: temperatures by the implicit step, then the
   * heat that passes between them, which is what is kept.
   */
  private void sweep(
      int first,
      int stride,
      int n,
      double d,
      boolean through,
      Surroundings around,
      double limit,
      double seconds) {
    boolean lowFace = through && !heightMirrored;
    double low = lowFace ? boundary(celsius[first], d, true, around, around.below(), limit) : 0;
    double lowC = lowFace ? beyondC(around, around.below()) : 0;
    int last = first + (n - 1) * stride;
    FaceContact onHigh = through ? around.above() : null;
    double high = boundary(celsius[last], d, through, around, onHigh, limit);
    double highC = beyondC(around, onHigh);
    double weight = material.densityKgM3() * d / seconds;
    double behind = low;
    for (int i = 0; i < n; i++) {
      int at = first + i * stride;
      double here = celsius[at];
      double next = i < n - 1 ? between(here, celsius[at + stride], through) / d : high;
      double stored = weight * material.capacity(here);
      double known = stored * here + (i == 0 ? low * lowC : 0) + (i == n - 1 ? high * highC : 0);
      double factor = stored + behind + next - (i == 0 ? 0 : behind * upper[i - 1]);
      upper[i] = i < n - 1 ? next / factor : 0;
      right[i] = (known + (i == 0 ? 0 : behind * right[i - 1])) / factor;
      passing[i + 1] = next;
      behind = next;
    }
    line[n - 1] = right[n - 1];
    for (int i = n - 2; i >= 0; i--) {
      line[i] = right[i] + upper[i] * line[i + 1];
    }
    double in = low * (lowC - line[0]);
    for (int i = 0; i < n; i++) {
      double out = passing[i + 1] * (line[i] - (i < n - 1 ? line[i + 1] : highC));
      int at = first + i * stride;
      heat[at] += (in - out) / weight;
      celsius[at] = material.celsius(heat[at]);
      in = out;
    }
  }

  private double between(double a, double b, boolean through) {
    return conductivity((a + b) / 2, through);
  }

  private double conductivity(double at, boolean through) {
    double k = material.conductivity(at);
    return through && pieceM > 0 ? 1 / (1 / k + 1 / (gapWM2K * pieceM)) : k;
  }

  private static double beyondC(Surroundings around, @Nullable FaceContact touch) {
    return touch == null ? around.celsius() : touch.celsius();
  }

  /** From what is round a face to the middle of the cell behind it, W/(m²·K). */
  private double boundary(
      double cellC,
      double d,
      boolean through,
      Surroundings around,
      @Nullable FaceContact touch,
      double limit) {
    double inside = d / (2 * conductivity(cellC, through));
    if (touch != null) {
      return touch.conductanceWM2K() == 0 ? 0 : 1 / (1 / touch.conductanceWM2K() + inside);
    }
    return limit / (1 / around.coefficient(faceC(cellC, inside, around)) + inside);
  }

  private double intake(
      double cellC,
      double d,
      boolean through,
      Surroundings around,
      @Nullable FaceContact touch,
      double limit) {
    return boundary(cellC, d, through, around, touch, limit) * (beyondC(around, touch) - cellC);
  }

  private double faceC(
      double cellC, double d, boolean through, Surroundings around, @Nullable FaceContact touch) {
    double inside = d / (2 * conductivity(cellC, through));
    if (touch != null) {
      double h = touch.conductanceWM2K();
      return (cellC + h * inside * touch.celsius()) / (1 + h * inside);
    }
    return faceC(cellC, inside, around);
  }

  /** Two rounds are enough: the face is within a few degrees of the cell behind it. */
  private static double faceC(double cellC, double inside, Surroundings around) {
    double face = cellC;
    for (int round = 0; round < 2; round++) {
      double h = around.coefficient(face);
      face = (cellC + h * inside * around.celsius()) / (1 + h * inside);
    }
    return face;
  }

  /** Mass of steel, kg. */
  public double kg() {
    return material.densityKgM3() * dx * dy * dz * heat.length * grid.parts();
  }
}

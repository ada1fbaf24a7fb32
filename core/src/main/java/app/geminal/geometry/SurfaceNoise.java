package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Layers pushed up and down by uneven forging: most at the faces, not at all in the middle, top and
 * underside each its own way. A layer at z is taken from z − amplitude·(weight·noise); the noise is
 * within ±1 and smooth, and amplitude is under half the height, so layers never cross. Where the
 * face would be hollow it shows the outermost layer, as an unground face does.
 *
 * <p>The noise is random heights on two square grids, one fine and turned against the coarse one,
 * joined by a curve with a steady second derivative. Steel flows more along a bar than across it,
 * which this does not know.
 */
public record SurfaceNoise(double amplitudeMm, double scaleMm, int seed, Size bar)
    implements BarChange {
  /** A hump and its hollow take two or three places of the grid. */
  private static final double GRID = 0.5;

  private static final double FINE = 0.43;
  private static final double FINE_SHARE = 0.3;
  private static final double COS = Math.cos(0.6);
  private static final double SIN = Math.sin(0.6);

  @Override
  public Bars of(Bars bars) {
    return bars;
  }

  @Override
  public List<InverseMap> back() {
    return List.of(p -> p.z = Math.clamp(p.z - push(p.x, p.y, p.z), 0, bar.height()));
  }

  private double push(double x, double y, double z) {
    double up = 2 * z / bar.height() - 1;
    return amplitudeMm * Math.abs(up) * noise(x, y, up > 0 ? seed : ~seed);
  }

  @Override
  public boolean forward(Point p) {
    // What was pushed out of the bar is not there; what shows there instead comes from the face.
    OptionalDouble z = Roots.rising(at -> at - push(p.x, p.y, at) - p.z, 0, bar.height());
    p.z = z.orElse(p.z);
    return z.isPresent();
  }

  @Override
  public Destination forward(Box box) {
    LineSpan up = new LineSpan(box.z().from() - amplitudeMm, box.z().to() + amplitudeMm);
    return Destination.here(new Box(box.bar(), box.x(), box.y(), up).in(bar));
  }

  @Override
  public VolumeRange localVolume() {
    return new VolumeRange(0.85, 1.15);
  }

  @Override
  public boolean keepsLayersFlat() {
    return false;
  }

  private double noise(double x, double y, int surface) {
    double grid = scaleMm * GRID;
    double fine = grid * FINE;
    return (1 - FINE_SHARE) * heights(x / grid, y / grid, surface)
        + FINE_SHARE
            * heights((x * COS - y * SIN) / fine, (x * SIN + y * COS) / fine, surface + 77);
  }

  private static double heights(double x, double y, int surface) {
    double left = Math.floor(x);
    double low = Math.floor(y);
    int i = (int) left;
    int j = (int) low;
    double across = eased(x - left);
    double near = mix(height(i, j, surface), height(i + 1, j, surface), across);
    double far = mix(height(i, j + 1, surface), height(i + 1, j + 1, surface), across);
    return mix(near, far, eased(y - low));
  }

  private static double eased(double t) {
    return t * t * t * (t * (t * 6 - 15) + 10);
  }

  private static double mix(double a, double b, double t) {
    return a + (b - a) * t;
  }

  /** Scrambles three whole numbers into a height from −1 to 1. */
  private static double height(int i, int j, int surface) {
    int h = i * 0x9E3779B1 ^ j * 0x85EBCA77 ^ surface * 0xC2B2AE3D;
    h = (h ^ h >>> 15) * 0x2C1B3C6D;
    h = (h ^ h >>> 12) * 0x297A2D39;
    return (h ^ h >>> 15) * 0x1p-31;
  }
}

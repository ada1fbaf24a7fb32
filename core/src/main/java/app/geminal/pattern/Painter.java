package app.geminal.pattern;

import app.geminal.geometry.Point;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Paints what one sees of a field, true to area: a pixel is the mean of the light of all that is in
 * it, so that layers finer than a pixel become the right grey.
 *
 * <p>The corners of all pixels are followed back to their layers. Where the four corners of a pixel
 * came the same way and the height in the layers changes evenly between them, the mean over the
 * pixel is taken exactly ({@link Blend}). Everywhere else (at the edge of a piece, a seam, a fold
 * of the map) sixteen points in it are followed, one in each cell of a four by four grid.
 *
 * <p>Strips are painted in parallel on the common pool. A picture that is no longer wanted stops
 * within a strip.
 */
public final class Painter {
  private static final int STRIP = 16;

  /** Points of a pixel that is not even: four by four. */
  private static final int SAMPLES = 16;

  /** A quarter of a pixel's own change off the plane is seen nowhere; more is looked into. */
  private static final double EVEN = 0.25;

  /** Below this, mm, a difference in height is rounding. */
  private static final double DUST_MM = 1e-9;

  private final SectionView sight;
  private final Pane pane;
  private final Tones tones;
  private final boolean relief;
  private final ConcurrentHashMap<FlatLayers, Blend> blends = new ConcurrentHashMap<>();
  private final float[] light;
  private final byte[] filled;

  private Painter(SectionView sight, Pane pane, Tones tones, boolean relief) {
    this.sight = sight;
    this.pane = pane;
    this.tones = tones;
    this.relief = relief;
    int pixels = pane.widthPx() * pane.heightPx();
    this.light = new float[pixels * tones.channels()];
    this.filled = new byte[pixels];
  }

  /**
   * Paints.
   *
   * @param relief shaded as after a deep etch: what etches bright is proud of what etches dark, lit
   *     from the upper left
   * @param unwanted asked again and again; once it says so the picture is left
   * @return empty when it was left
   */
  public static Optional<Picture> paint(
      SectionView sight, Pane pane, Tones tones, boolean relief, BooleanSupplier unwanted) {
    return new Painter(sight, pane, tones, relief).painted(unwanted);
  }

  /** Paints to the end. */
  public static Picture paint(SectionView sight, Pane pane, Tones tones) {
    return paint(sight, pane, tones, false, () -> false).orElseThrow();
  }

  /** What share of each pixel one steel fills, row by row from the top. */
  static float[] shares(SectionView sight, Pane pane, String steel) {
    Painter painter = new Painter(sight, pane, Tones.only(steel), false);
    painter.sampled(() -> false);
    for (int i = 0; i < painter.light.length; i++) {
      painter.light[i] *= (float) painter.filled[i] / SAMPLES;
    }
    return painter.light;
  }

  private Optional<Picture> painted(BooleanSupplier unwanted) {
    if (!sampled(unwanted)) {
      return Optional.empty();
    }
    int[] argb = new int[filled.length];
    IntStream.range(0, pane.heightPx()).parallel().forEach(row -> colour(row, argb));
    return Optional.of(new Picture(pane.widthPx(), pane.heightPx(), argb));
  }

  /** Finds the light of every pixel; false when it was left. */
  private boolean sampled(BooleanSupplier unwanted) {
    int strips = (pane.heightPx() + STRIP - 1) / STRIP;
    return IntStream.range(0, strips)
        .parallel()
        .allMatch(i -> {
          if (unwanted.getAsBoolean()) {
            return false;
          }
          new Strip(i * STRIP, Math.min(pane.heightPx(), (i + 1) * STRIP)).paint();
          return true;
        });
  }

  private void colour(int row, int[] argb) {
    double[] mixed = new double[tones.channels()];
    for (int column = 0; column < pane.widthPx(); column++) {
      int at = row * pane.widthPx() + column;
      if (filled[at] > 0) {
        for (int c = 0; c < mixed.length; c++) {
          mixed[c] = light[at * mixed.length + c];
        }
        int alpha = 255 * filled[at] / SAMPLES;
        int colour = tones.colour(mixed, relief ? slope(column, row) : 0);
        argb[at] = (alpha << 24) | (colour & 0xFFFFFF);
      }
    }
  }

  /** How far a place is turned to the light, which comes from the upper left. */
  private double slope(int column, int row) {
    double here = height(column, row);
    return Math.clamp(
        (2 * here - height(column - 1, row) - height(column, row - 1)) * 0.35
            - (2 * here - height(column + 1, row) - height(column, row + 1)) * 0.35,
        -0.3,
        0.3);
  }

  private double height(int column, int row) {
    int x = Math.clamp(column, 0, pane.widthPx() - 1);
    int y = Math.clamp(row, 0, pane.heightPx() - 1);
    return light[(y * pane.widthPx() + x) * tones.channels()];
  }

  private Blend blend(FlatLayers layers) {
    return blends.computeIfAbsent(layers, l -> new Blend(l, tones));
  }

  /** Corners of pixels along one line, each followed to where it came from. */
  private static final class Corners {
    final double[] height;
    final int[] way;
    final FlatLayers[] layers;

    Corners(int n) {
      height = new double[n];
      way = new int[n];
      layers = new FlatLayers[n];
    }
  }

  /** Some rows, painted by one thread. */
  private final class Strip {
    private final int firstRow;
    private final int endRow;
    private final Point point = new Point();
    private final double[] mixed = new double[tones.channels()];
    private final double[] one = new double[tones.channels()];
    private FlatLayers known = FlatLayers.NOTHING;
    private Blend blend = blend(known);

    Strip(int firstRow, int endRow) {
      this.firstRow = firstRow;
      this.endRow = endRow;
    }

    void paint() {
      Corners above = new Corners(pane.widthPx() + 1);
      Corners below = new Corners(pane.widthPx() + 1);
      follow(firstRow, above);
      for (int row = firstRow; row < endRow; row++) {
        follow(row + 1, below);
        paint(row, above, below);
        Corners done = above;
        above = below;
        below = done;
      }
    }

    private void follow(int line, Corners corners) {
      double up = pane.atRow(line);
      for (int i = 0; i < corners.height.length; i++) {
        corners.layers[i] = sight.look(pane.atColumn(i), up, point);
        corners.way[i] = point.way;
        corners.height[i] = point.z;
      }
    }

    private void paint(int row, Corners above, Corners below) {
      for (int i = 0; i < pane.widthPx(); i++) {
        FlatLayers layers = above.layers[i];
        int way = above.way[i];
        boolean whole =
            layers != FlatLayers.NOTHING
                && layers == above.layers[i + 1]
                && layers == below.layers[i]
                && layers == below.layers[i + 1]
                && way == above.way[i + 1]
                && way == below.way[i]
                && way == below.way[i + 1];
        int at = row * pane.widthPx() + i;
        boolean painted =
            whole
                && even(
                    layers,
                    above.height[i],
                    above.height[i + 1],
                    below.height[i],
                    below.height[i + 1]);
        filled[at] = (byte) (painted ? SAMPLES : sampled(i, row));
        for (int c = 0; c < mixed.length && filled[at] > 0; c++) {
          light[at * mixed.length + c] = (float) mixed[c];
        }
      }
    }

    /** The mean between four corners; false where it does not change evenly between them. */
    private boolean even(FlatLayers layers, double a, double b, double c, double d) {
      double across = Math.abs(b - a + d - c) / 2;
      double along = Math.abs(c - a + d - b) / 2;
      use(layers);
      if (Math.abs(a - b - c + d) > EVEN * (across + along) + DUST_MM) {
        int layer = layers.at(a);
        if (layer != layers.at(b) || layer != layers.at(c) || layer != layers.at(d)) {
          return false;
        }
      }
      blend.mean((a + b + c + d) / 4, across, along, mixed);
      return true;
    }

    private void use(FlatLayers layers) {
      if (layers != known) {
        known = layers;
        blend = blend(layers);
      }
    }

    /** Whether a pixel is wholly outside the view. */
    private boolean isAdjacent(int column, int row) {
      return pane.atColumn(column + 1) <= 0
          || pane.atColumn(column) >= sight.widthMm()
          || pane.atRow(row) <= 0
          || pane.atRow(row + 1) >= sight.heightMm();
    }

    /** Sixteen points; answers how many of them are steel. */
    private int sampled(int column, int row) {
      if (isAdjacent(column, row)) {
        return 0;
      }
      int hits = 0;
      Arrays.fill(mixed, 0);
      int random = (column * 0x9E3779B1 ^ row * 0x85EBCA77) | 1;
      for (int cell = 0; cell < SAMPLES; cell++) {
        // A shift within each cell, another for every pixel: no row of points is along a layer.
        random = random * 0x2C1B3C6D + 0x297A2D39;
        double right = ((cell & 3) + (random >>> 8 & 0xFFF) / 4096.0) / 4;
        double down = ((cell >> 2) + (random >>> 20) / 4096.0) / 4;
        FlatLayers layers =
            sight.look(pane.atColumn(column + right), pane.atRow(row + down), point);
        if (layers != FlatLayers.NOTHING) {
          hits++;
          use(layers);
          blend.point(point.z, one);
          for (int c = 0; c < mixed.length; c++) {
            mixed[c] += one[c];
          }
        }
      }
      for (int c = 0; c < mixed.length && hits > 0; c++) {
        mixed[c] /= hits;
      }
      return hits;
    }
  }
}

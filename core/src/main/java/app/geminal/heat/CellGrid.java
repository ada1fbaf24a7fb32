package app.geminal.heat;

/**
 * How a bar is cut into cells: over half its length, half its width, and its height or half of it.
 * Cells are numbered with the height running fastest, then the width; the middle of the bar comes
 * first, the lower face before the upper.
 *
 * @param nx cells over half the length
 * @param ny cells over half the width
 * @param nz cells over the height, or half of it where it is mirrored
 * @param heightMirrored whether nothing ever says top from bottom
 */
record CellGrid(int nx, int ny, int nz, boolean heightMirrored) {
  private static final double HALF_CELL = 0.5;

  int count() {
    return nx * ny * nz;
  }

  int longestLine() {
    return Math.max(nx, Math.max(ny, nz));
  }

  /** So many times what is calculated makes the whole bar. */
  int parts() {
    return heightMirrored ? 8 : 4;
  }

  /** The number of a cell. */
  int cell(int x, int y, int z) {
    return (x * ny + y) * nz + z;
  }

  /** A figure that every cell has, at a place between their middles. */
  double interpolated(double[] figures, double along, double across, double up) {
    double x = Math.clamp(along * nx - HALF_CELL, 0, nx - 1);
    double y = Math.clamp(across * ny - HALF_CELL, 0, ny - 1);
    double high = heightMirrored ? Math.abs(2 * up - 1) : up;
    double z = Math.clamp(high * nz - HALF_CELL, 0, nz - 1);
    int x0 = (int) Math.min(x, Math.max(0, nx - 2));
    int y0 = (int) Math.min(y, Math.max(0, ny - 2));
    int z0 = (int) Math.min(z, Math.max(0, nz - 2));
    double inner = plane(figures, x0, y0, z0, y - y0, z - z0);
    return x == x0
        ? inner
        : inner + (x - x0) * (plane(figures, x0 + 1, y0, z0, y - y0, z - z0) - inner);
  }

  private double plane(double[] figures, int x, int y, int z, double partY, double partZ) {
    double inner = column(figures, cell(x, y, z), partZ);
    return partY == 0 ? inner : inner + partY * (column(figures, cell(x, y + 1, z), partZ) - inner);
  }

  private static double column(double[] figures, int at, double part) {
    return part == 0 ? figures[at] : figures[at] + part * (figures[at + 1] - figures[at]);
  }

  /** Puts figures of the cells where those cells are once it is turned over. */
  void turnOver(double[] figures) {
    for (int low = 0, high = nz - 1; low < high && !heightMirrored; low++, high--) {
      for (int cell = low; cell < figures.length; cell += nz) {
        swap(figures, cell, cell + high - low);
      }
    }
  }

  private static void swap(double[] of, int a, int b) {
    double kept = of[a];
    of[a] = of[b];
    of[b] = kept;
  }
}

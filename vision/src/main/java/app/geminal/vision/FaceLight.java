package app.geminal.vision;

import java.util.List;
import java.util.stream.IntStream;

/** A rectangle of steel as a photograph shows it, seen straight on. */
final class FaceLight {
  /** Of more pixels to a cell the photograph is first made smaller. */
  private static final double MOST_PX = 3;

  private FaceLight() {}

  /**
   * How bright each of its cells is, 0 to 255, row by row from the top.
   *
   * @param corners px: upper left, upper right, lower right, lower left of the rectangle
   */
  static float[] of(Photograph photograph, List<Spot> corners, int columns, int rows) {
    Photograph seen = photograph;
    double scale = 1;
    double px = corners.get(0).to(corners.get(1)) / columns;
    while (px * scale > MOST_PX) {
      seen = seen.halved();
      scale /= 2;
    }
    Photograph on = seen;
    double by = scale;
    Plane plane = Plane.of(Lens.of(photograph, 0), rectangle(columns, rows), corners);
    float[] light = new float[columns * rows];
    IntStream.range(0, rows)
        .parallel()
        .forEach(row -> {
          for (int column = 0; column < columns; column++) {
            double sum = 0;
            for (int k = 0; k < 4; k++) {
              double right = column + ((k & 1) == 0 ? 0.25 : 0.75);
              Spot at = plane.onPicture(right, row + (k < 2 ? 0.25 : 0.75));
              sum += on.toneAt(at.x() * by, at.y() * by);
            }
            light[row * columns + column] = (float) (sum / 4);
          }
        });
    return light;
  }

  private static List<Spot> rectangle(double wide, double high) {
    return List.of(new Spot(0, 0), new Spot(wide, 0), new Spot(wide, high), new Spot(0, high));
  }
}

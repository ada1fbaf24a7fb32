package app.geminal.geometry;

import app.geminal.bar.Size;

/** Stretched and shifted along each of the three directions: v → v·by + plus. */
public record LinearStretch(
    double byX, double plusX, double byY, double plusY, double byZ, double plusZ)
    implements InverseMap {

  static LinearStretch shift(double x, double y, double z) {
    return new LinearStretch(1, x, 1, y, 1, z);
  }

  static LinearStretch scale(double x, double y, double z) {
    return new LinearStretch(x, 0, y, 0, z, 0);
  }

  /** Takes a point of a bar to where it was when the bar had another size. */
  public static LinearStretch between(Size size, Size source) {
    return scale(
        source.length() / size.length(),
        source.width() / size.width(),
        source.height() / size.height());
  }

  /** This first, then another, as one. */
  public LinearStretch then(LinearStretch next) {
    return new LinearStretch(
        byX * next.byX,
        plusX * next.byX + next.plusX,
        byY * next.byY,
        plusY * next.byY + next.plusY,
        byZ * next.byZ,
        plusZ * next.byZ + next.plusZ);
  }

  public boolean isNothing() {
    return equals(shift(0, 0, 0));
  }

  @Override
  public void back(Point p) {
    p.x = p.x * byX + plusX;
    p.y = p.y * byY + plusY;
    p.z = p.z * byZ + plusZ;
  }
}

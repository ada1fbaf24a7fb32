package app.geminal.pattern;

import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.operation.Blade;
import java.util.Optional;

/**
 * A ground blade: x from the end of the tang to the point, y from the edge to the spine, z from the
 * middle plane. The outline is drawn with parabolas; it is a likeness and no pattern to cut by.
 */
record BladeShape(Blade blade) {
  /** No blade at all. */
  static final BladeShape NONE =
      new BladeShape(new Blade(Blade.Profile.SPEAR, 1, 1, 1, 0, 1, 0, 0));

  /** Where the outline begins to fall, as a part of the bladed length before the point. */
  private static final double SHEEPSFOOT_FALL = 0.28;

  private static final double DROP_FALL = 0.5;
  private static final double DROP_RISE = 0.32;
  private static final double SPEAR_FALL = 0.45;

  static BladeShape of(Blade blade) {
    return new BladeShape(blade);
  }

  /** The blade the bars of a stage are, if they are one. */
  static Optional<BladeShape> at(Run run, int stage) {
    return run.stages().subList(0, stage + 1).stream()
        .filter(s -> !s.isOff())
        .flatMap(s -> s.step().map(Step::operation).stream())
        .filter(Blade.class::isInstance)
        .map(o -> of((Blade) o))
        .findFirst();
  }

  boolean has(double x, double y, double z) {
    return isWithin(x, y) && Math.abs(z) <= halfMm(x, y);
  }

  /** Whether a point of the side view is within the outline. */
  boolean isWithin(double x, double y) {
    if (x < 0 || x > blade.lengthMm()) {
      return false;
    }
    double width = blade.widthMm();
    if (x < blade.tangMm()) {
      return y >= width / 4 && y <= width * 3 / 4;
    }
    return y >= edgeMm(x) && y <= spineMm(x);
  }

  /** Height of the edge over the lowest point of the blade, mm. */
  double edgeMm(double x) {
    double before = beforePoint(x);
    return switch (blade.profile()) {
      case SHEEPSFOOT -> 0;
      case DROP -> blade.widthMm() * 0.55 * bend(before, DROP_RISE);
      case SPEAR -> blade.widthMm() * 0.5 * bend(before, SPEAR_FALL);
    };
  }

  /** Height of the spine, mm. */
  double spineMm(double x) {
    double before = beforePoint(x);
    double fallen =
        switch (blade.profile()) {
          case SHEEPSFOOT -> bend(before, SHEEPSFOOT_FALL);
          case DROP -> 0.45 * bend(before, DROP_FALL);
          case SPEAR -> 0.5 * bend(before, SPEAR_FALL);
        };
    return blade.widthMm() * (1 - fallen);
  }

  /** Half the thickness there, mm: bevels, edge and taper. */
  double halfMm(double x, double y) {
    double bladed = blade.lengthMm() - blade.tangMm();
    double along = Math.clamp((x - blade.tangMm()) / bladed, 0, 1);
    double spine = blade.spineMm() / 2 * (1 - blade.taper() * along);
    double edge = Math.min(spine, blade.edgeMm() / 2);
    if (x < blade.tangMm()) {
      return spine;
    }
    double up = Math.clamp((y - edgeMm(x)) / blade.bevelMm(), 0, 1);
    return edge + (spine - edge) * up;
  }

  /** From 1 at the shoulder down to 0 at the point. */
  private double beforePoint(double x) {
    return Math.clamp((blade.lengthMm() - x) / (blade.lengthMm() - blade.tangMm()), 0, 1);
  }

  /** 0 until the last {@code part} of the blade, then along a parabola to 1 at the point. */
  private static double bend(double before, double part) {
    double into = Math.max(0, 1 - before / part);
    return into * into;
  }
}

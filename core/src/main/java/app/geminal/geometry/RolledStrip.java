package app.geminal.geometry;

import static app.geminal.geometry.Spiral.TURN;

import app.geminal.bar.Size;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A strip rolled up, its underside outside, perhaps round a core. Points come on the unit disc.
 *
 * <p>Its shape on the end of the bar is the {@link Spiral} that the layers are counted on. Length
 * along the strip is the area swept over its thickness, so each piece of the strip keeps its area.
 * Through a wrap, local area is off as its radius is off the middle of the wrap: by half the
 * thickness over the radius, which is much only in the innermost turn.
 *
 * @param strip size of the strip
 * @param spiral its shape on the end of the roll
 * @param core steel of what it is rolled round, null for nothing
 * @param isSquare whether the roll is forged square
 * @param after size of the roll
 */
public record RolledStrip(
    Size strip, Spiral spiral, @Nullable String core, boolean isSquare, Size after)
    implements Gathering {
  private static final int STRIP = 0;
  private static final int CORE = 1;

  @Override
  public List<Source> sources() {
    return core == null
        ? List.of(new Source.OwnBars())
        : List.of(new Source.OwnBars(), new Source.Sheet(core));
  }

  @Override
  public List<InverseMap> back() {
    LinearStretch unit = SquareDiscMap.unit(after);
    return isSquare ? List.of(unit, SquareDiscMap::round) : List.of(unit);
  }

  @Override
  public int backInto(Point p) {
    double r = Math.sqrt(p.y * p.y + p.z * p.z) * spiral.radiusMm();
    if (r < spiral.coreRadiusMm()) {
      p.through(-1);
      return CORE;
    }
    double around = Math.atan2(p.z, p.y);
    if (around < 0) {
      around += TURN;
    }
    double out = (r - spiral.coreRadiusMm()) / spiral.thicknessMm();
    double wraps = Math.max(0, Math.ceil(out - around / TURN));
    double angle = around + TURN * wraps;
    double inner = spiral.insideMm(angle);
    double outer = spiral.outsideMm(angle);
    double through = outer > inner ? Math.clamp((r - inner) / (outer - inner), 0, 1) : 0;
    p.through((int) wraps);
    p.y = p.x;
    p.x = spiral.sweptMm2(angle) / spiral.thicknessMm();
    p.z = (1 - through) * spiral.thicknessMm();
    return STRIP;
  }

  @Override
  public boolean forward(int source, Point p) {
    if (source == CORE) {
      return true;
    }
    double area = p.x * spiral.thicknessMm();
    OptionalDouble angle =
        Roots.rising(a -> spiral.sweptMm2(a) - area, 0, spiral.lastTurn() + TURN);
    if (angle.isEmpty()) {
      return false;
    }
    double inner = spiral.insideMm(angle.getAsDouble());
    double outer = spiral.outsideMm(angle.getAsDouble());
    double through = 1 - p.z / spiral.thicknessMm();
    double r = (inner + through * (outer - inner)) / spiral.radiusMm();
    p.x = p.y;
    p.y = r * Math.cos(angle.getAsDouble());
    p.z = r * Math.sin(angle.getAsDouble());
    if (isSquare) {
      SquareDiscMap.square(p);
    }
    SquareDiscMap.full(after).back(p);
    return true;
  }

  /** Across the strip is along the roll; it may be anywhere round it. */
  @Override
  public Stream<Box> forward(int source, Box box) {
    if (source == CORE) {
      return Stream.empty();
    }
    Box along = new Box(box.bar(), box.y(), box.y(), box.z());
    return along.anywhereAcross(after.length(), after).stream();
  }

  @Override
  public boolean keepsLayersFlat() {
    return false;
  }
}

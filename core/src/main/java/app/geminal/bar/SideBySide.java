package app.geminal.bar;

import app.geminal.layers.LayerSequence;
import java.util.List;
import java.util.function.UnaryOperator;

/** Bars side by side, left to right, all of one height. */
public final class SideBySide extends Section {
  private final List<Section> members;
  private final double upLineMm;
  private final double acrossLineMm;
  private final LayerSequence up;
  private final LayerSequence across;

  SideBySide(List<Section> members) {
    super(
        members.stream().mapToDouble(Section::widthMm).sum(),
        members.getFirst().heightMm(),
        sum(members));
    this.members = List.copyOf(members);
    this.upLineMm = BarRow.bestLine(members, Section::widthMm, Section::upLineMm, Section::up);
    this.acrossLineMm = BarRow.bestLineThrough(members, Section::acrossLineMm, this::acrossAt);
    this.up = upAt(upLineMm);
    this.across = acrossAt(acrossLineMm);
  }

  /** What is side by side. */
  public List<Section> members() {
    return members;
  }

  @Override
  public LayerSequence up() {
    return up;
  }

  @Override
  public LayerSequence across() {
    return across;
  }

  @Override
  public double upLineMm() {
    return upLineMm;
  }

  @Override
  public double acrossLineMm() {
    return acrossLineMm;
  }

  @Override
  public LayerSequence upAt(double yMm) {
    return BarRow.at(members, Section::widthMm, yMm, Section::upAt);
  }

  @Override
  public LayerSequence acrossAt(double zMm) {
    return LayerSequence.join(members.stream().map(s -> s.acrossAt(zMm)).toList());
  }

  private SideBySide each(UnaryOperator<Section> change) {
    return new SideBySide(members.stream().map(change).toList());
  }

  @Override
  public Section resized(double newWidthMm, double newHeightMm) {
    double factor = newWidthMm / widthMm();
    return each(s -> s.resized(s.widthMm() * factor, newHeightMm));
  }

  @Override
  public Section without(Side side, double mm) {
    if (mm <= 0) {
      return this;
    }
    return switch (side) {
      case BOTTOM, TOP -> each(s -> s.without(side, mm));
      case LEFT ->
          beside(BarRow.shortened(members.reversed(), Section::widthMm, side, mm).reversed());
      case RIGHT -> beside(BarRow.shortened(members, Section::widthMm, side, mm));
    };
  }

  @Override
  public Section mirroredUp() {
    return each(Section::mirroredUp);
  }

  @Override
  public Section mirroredAcross() {
    return new SideBySide(members.reversed().stream().map(Section::mirroredAcross).toList());
  }

  @Override
  public Section quarterTurned() {
    return stacked(members.stream().map(Section::quarterTurned).toList());
  }
}

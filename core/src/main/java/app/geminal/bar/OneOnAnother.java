package app.geminal.bar;

import app.geminal.layers.LayerSequence;
import java.util.List;
import java.util.function.UnaryOperator;

/** Bars on each other, the first at the bottom, all of one width. */
public final class OneOnAnother extends Section {
  private final List<Section> members;
  private final double upLineMm;
  private final double acrossLineMm;
  private final LayerSequence up;
  private final LayerSequence across;

  OneOnAnother(List<Section> members) {
    super(
        members.getFirst().widthMm(),
        members.stream().mapToDouble(Section::heightMm).sum(),
        sum(members));
    this.members = List.copyOf(members);
    this.acrossLineMm =
        BarRow.bestLine(members, Section::heightMm, Section::acrossLineMm, Section::across);
    this.upLineMm = BarRow.bestLineThrough(members, Section::upLineMm, this::upAt);
    this.up = upAt(upLineMm);
    this.across = acrossAt(acrossLineMm);
  }

  /** What is on each other. */
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
    return LayerSequence.join(members.stream().map(s -> s.upAt(yMm)).toList());
  }

  @Override
  public LayerSequence acrossAt(double zMm) {
    return BarRow.at(members, Section::heightMm, zMm, Section::acrossAt);
  }

  private OneOnAnother each(UnaryOperator<Section> change) {
    return new OneOnAnother(members.stream().map(change).toList());
  }

  @Override
  public Section resized(double newWidthMm, double newHeightMm) {
    double factor = newHeightMm / heightMm();
    return each(s -> s.resized(newWidthMm, s.heightMm() * factor));
  }

  @Override
  public Section without(Side side, double mm) {
    if (mm <= 0) {
      return this;
    }
    return switch (side) {
      case LEFT, RIGHT -> each(s -> s.without(side, mm));
      case BOTTOM ->
          stacked(BarRow.shortened(members.reversed(), Section::heightMm, side, mm).reversed());
      case TOP -> stacked(BarRow.shortened(members, Section::heightMm, side, mm));
    };
  }

  @Override
  public Section mirroredUp() {
    return new OneOnAnother(members.reversed().stream().map(Section::mirroredUp).toList());
  }

  @Override
  public Section mirroredAcross() {
    return each(Section::mirroredAcross);
  }

  @Override
  public Section quarterTurned() {
    return beside(members.reversed().stream().map(Section::quarterTurned).toList());
  }
}

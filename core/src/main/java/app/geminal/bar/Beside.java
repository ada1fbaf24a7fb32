package app.geminal.bar;

import app.geminal.layers.LayerSequence;
import java.util.List;
import java.util.function.UnaryOperator;

/** Bars side by side, left to right, all of one height. */
public final class Beside extends Section {
  private final List<Section> members;
  private final LayerSequence up;
  private final LayerSequence across;

  Beside(List<Section> members) {
    super(
        members.stream().mapToDouble(Section::widthMm).sum(),
        members.getFirst().heightMm(),
        sum(members));
    this.members = List.copyOf(members);
    this.across = LayerSequence.join(members.stream().map(Section::across).toList());
    this.up = InARow.middle(this.members, Section::widthMm).up();
  }

  /** What stands side by side. */
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

  private Beside each(UnaryOperator<Section> change) {
    return new Beside(members.stream().map(change).toList());
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
          beside(InARow.shortened(members.reversed(), Section::widthMm, side, mm).reversed());
      case RIGHT -> beside(InARow.shortened(members, Section::widthMm, side, mm));
    };
  }

  @Override
  public Section mirroredUp() {
    return each(Section::mirroredUp);
  }

  @Override
  public Section mirroredAcross() {
    return new Beside(members.reversed().stream().map(Section::mirroredAcross).toList());
  }

  @Override
  public Section quarterTurned() {
    return upon(members.stream().map(Section::quarterTurned).toList());
  }
}

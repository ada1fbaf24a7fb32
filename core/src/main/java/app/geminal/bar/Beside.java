package app.geminal.bar;

import app.geminal.layers.LayerSequence;
import java.util.ArrayList;
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
    this.up = middle().up();
  }

  private Section middle() {
    double rest = widthMm() / 2;
    for (Section member : members) {
      rest -= member.widthMm();
      if (rest <= 0) {
        return member;
      }
    }
    return members.getLast();
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
      case LEFT -> beside(shortened(members.reversed(), side, mm).reversed());
      case RIGHT -> beside(shortened(members, side, mm));
    };
  }

  /** Whole members go first, from the end of the list. */
  private static List<Section> shortened(List<Section> from, Side side, double mm) {
    List<Section> left = new ArrayList<>(from);
    double rest = mm;
    while (left.size() > 1 && rest >= left.getLast().widthMm() - DUST_MM) {
      rest -= left.removeLast().widthMm();
    }
    left.add(left.removeLast().without(side, rest));
    return left;
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

package app.geminal.bar;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** What sections beside and upon each other have in common. Package use only. */
final class InARow {
  private InARow() {}

  /** The one a line through the middle of the row meets. */
  static Section middle(List<Section> members, ToDoubleFunction<Section> size) {
    double rest = members.stream().mapToDouble(size).sum() / 2;
    for (Section member : members) {
      rest -= size.applyAsDouble(member);
      if (rest <= 0) {
        return member;
      }
    }
    return members.getLast();
  }

  /** Less {@code mm} from the end of the row, which faces that side; whole members go first. */
  static List<Section> shortened(
      List<Section> members, ToDoubleFunction<Section> size, Side side, double mm) {
    List<Section> left = new ArrayList<>(members);
    double rest = mm;
    while (left.size() > 1 && rest >= size.applyAsDouble(left.getLast()) - Section.DUST_MM) {
      rest -= size.applyAsDouble(left.removeLast());
    }
    left.add(left.removeLast().without(side, rest));
    return left;
  }
}

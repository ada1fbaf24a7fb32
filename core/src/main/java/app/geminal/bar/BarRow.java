package app.geminal.bar;

import app.geminal.layers.LayerSequence;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/** What sections beside and on each other have in common. Package use only. */
final class BarRow {
  private BarRow() {}

  /** The layers on a line along the member that is at a place of the row, mm from its beginning. */
  static LayerSequence at(
      List<Section> members,
      ToDoubleFunction<Section> size,
      double placeMm,
      BiFunction<Section, Double, LayerSequence> along) {
    double rest = placeMm;
    for (Section member : members.subList(0, members.size() - 1)) {
      if (rest <= size.applyAsDouble(member)) {
        return along.apply(member, rest);
      }
      rest -= size.applyAsDouble(member);
    }
    return along.apply(members.getLast(), rest);
  }

  /**
   * Where a line along one of the members crosses the most layers; nearest the middle of the row
   * where several do, the first of two equally near.
   *
   * @param size of a member in the direction of the row, mm
   * @param line where a member's own line is, from its near end, mm
   * @param along the layers on it
   * @return from the beginning of the row, mm
   */
  static double bestLine(
      List<Section> members,
      ToDoubleFunction<Section> size,
      ToDoubleFunction<Section> line,
      Function<Section, LayerSequence> along) {
    double middle = members.stream().mapToDouble(size).sum() / 2;
    double begin = 0;
    Best best = new Best(middle);
    for (Section member : members) {
      best.offer(begin + line.applyAsDouble(member), along.apply(member).visibleCount());
      begin += size.applyAsDouble(member);
    }
    return best.at;
  }

  /**
   * Where a line straight through all members crosses the most layers, of those that are best for
   * one of them; nearest the first member's middle where several do.
   *
   * @param line where a member's own line is, mm
   * @param through all layers on a line
   */
  static double bestLineThrough(
      List<Section> members,
      ToDoubleFunction<Section> line,
      DoubleFunction<LayerSequence> through) {
    double[] places = members.stream().mapToDouble(line).distinct().toArray();
    if (places.length == 1) {
      return places[0];
    }
    Best best = new Best(places[0]);
    for (double place : places) {
      best.offer(place, through.apply(place).visibleCount());
    }
    return best.at;
  }

  private static final class Best {
    private final double middle;
    private double at;
    private long most;

    Best(double middle) {
      this.middle = middle;
    }

    void offer(double place, long count) {
      // A hair nearer is as near: halves of one bar are found by different sums.
      boolean nearer = Math.abs(place - middle) < Math.abs(at - middle) - Section.DUST_MM;
      if (count > most || (count == most && nearer)) {
        at = place;
        most = count;
      }
    }
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

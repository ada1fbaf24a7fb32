package app.geminal.vision;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * Finds pieces of steel on a plane: what differs from the ground, is no card, and fills a
 * rectangle.
 */
final class PieceFinder {
  /**
   * A place differs that is so many spreads from the ground: with little a faint piece is whole,
   * with much a bright one is without the glare beside it.
   */
  private static final double[] DIFFERS = {2.5, 4, 6.5, 10, 16};

  private static final double CARD_MARGIN_MM = 2.5;

  /** Specks are smoothed away, and gaps closed, up to so many cells. */
  private static final int SMOOTH_CELLS = 2;

  private static final double SMALLEST_SIDE_MM = 5;
  private static final double SMALLEST_MM2 = 60;

  /** Of a rectangle around a piece so much is the piece. */
  private static final double FILLED = 0.72;

  private static final int MOST_PIECES = 12;

  private final PlaneMap map;
  private final int columns;
  private final boolean[] piece;

  private PieceFinder(PlaneMap map, Optional<GaugeCard> card, double[] off, double least) {
    this.map = map;
    columns = map.columns();
    boolean[] differs = new boolean[off.length];
    for (int i = 0; i < off.length; i++) {
      differs[i] = off[i] > least && !isCard(map.middle(i), card);
    }
    piece = grown(shrunk(shrunk(grown(differs))));
  }

  private static boolean isCard(Spot at, Optional<GaugeCard> card) {
    return card.isPresent()
        && at.x() > -CARD_MARGIN_MM
        && at.y() > -CARD_MARGIN_MM
        && at.x() < card.get().widthMm() + CARD_MARGIN_MM
        && at.y() < card.get().heightMm() + CARD_MARGIN_MM;
  }

  /**
   * A piece before its edges are followed.
   *
   * @param around the rectangle around it
   * @param tone usual brightness of it
   * @param warmth usual warmth of its colour
   */
  record Rough(Rectangle around, double tone, double warmth) {}

  /** What may be pieces; one may be there more than once. */
  static List<Rough> in(PlaneMap map, Optional<GaugeCard> card) {
    double[] off = map.fromGround();
    return Arrays.stream(DIFFERS)
        .mapToObj(least -> new PieceFinder(map, card, off, least).found())
        .flatMap(List::stream)
        .toList();
  }

  private List<Rough> found() {
    List<Rough> all = new ArrayList<>();
    boolean[] seen = new boolean[piece.length];
    for (int i = 0; i < piece.length; i++) {
      if (piece[i] && !seen[i]) {
        int[] cells = together(i, seen);
        double area = cells.length * map.cellMm() * map.cellMm();
        if (area < SMALLEST_MM2 || isAtRim(cells)) {
          continue;
        }
        Rectangle around =
            Rectangle.filledBy(IntStream.of(cells).mapToObj(map::middle).toList(), map.cellMm());
        if (around.shortMm() >= SMALLEST_SIDE_MM && area > FILLED * around.area()) {
          all.add(
              new Rough(
                  around,
                  IntStream.of(cells).mapToDouble(map::tone).average().orElse(0),
                  IntStream.of(cells).mapToDouble(map::warmth).average().orElse(0)));
        }
      }
    }
    return all.stream()
        .sorted(Comparator.comparingDouble((Rough r) -> r.around().area()).reversed())
        .limit(MOST_PIECES)
        .toList();
  }

  /** Whether it reaches beyond the picture, so that its end is not seen. */
  private boolean isAtRim(int[] cells) {
    long atRim =
        IntStream.of(cells)
            .filter(i ->
                i % columns == 0
                    || i % columns == columns - 1
                    || i < columns
                    || i >= piece.length - columns
                    || !map.isShown(i - 1)
                    || !map.isShown(i + 1)
                    || !map.isShown(i - columns)
                    || !map.isShown(i + columns))
            .count();
    return atRim > 3;
  }

  private int[] together(int first, boolean[] seen) {
    List<Integer> cells = new ArrayList<>();
    Deque<Integer> open = new ArrayDeque<>(List.of(first));
    seen[first] = true;
    while (!open.isEmpty()) {
      int i = open.remove();
      cells.add(i);
      for (int j : new int[] {i - 1, i + 1, i - columns, i + columns}) {
        boolean isBeside =
            j >= 0
                && j < piece.length
                && (j / columns == i / columns || Math.abs(j - i) == columns);
        if (isBeside && piece[j] && !seen[j]) {
          seen[j] = true;
          open.add(j);
        }
      }
    }
    return cells.stream().mapToInt(Integer::intValue).toArray();
  }

  private boolean[] grown(boolean[] of) {
    return spread(of, true);
  }

  private boolean[] shrunk(boolean[] of) {
    return spread(of, false);
  }

  /**
   * Each cell takes the value where any in reach has it; first along the rows, then the columns.
   */
  private boolean[] spread(boolean[] of, boolean value) {
    boolean[] along = spread(of, value, i -> i % columns, columns, 1);
    return spread(along, value, i -> i / columns, of.length / columns, columns);
  }

  /**
   * One way.
   *
   * @param place of a cell in its row or column
   * @param places in each of them
   * @param apart from one to the next
   */
  private static boolean[] spread(
      boolean[] of, boolean value, IntUnaryOperator place, int places, int apart) {
    boolean[] spread = new boolean[of.length];
    for (int i = 0; i < of.length; i++) {
      int here = place.applyAsInt(i);
      int first = Math.max(0, here - SMOOTH_CELLS);
      int last = Math.min(places - 1, here + SMOOTH_CELLS);
      boolean any = false;
      for (int there = first; there <= last && !any; there++) {
        any = of[i + (there - here) * apart] == value;
      }
      spread[i] = any ? value : of[i];
    }
    return spread;
  }
}

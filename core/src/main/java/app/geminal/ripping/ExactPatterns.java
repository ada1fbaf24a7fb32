package app.geminal.ripping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * For every number of pieces of each kind the smallest boxes that they can be ripped from, built up
 * from smaller ones: every pattern of cuts from edge to edge is two such patterns beside each
 * other. Exact; only for few pieces, since it grows with every combination of their numbers.
 */
final class ExactPatterns {
  /** Combinations looked at; a second of them. */
  private static final long MOST_WORK = 15_000_000;

  private static final long MOST_COUNTS = 40_000;

  private final int[] step;
  private final List<List<Pattern>> boxes;

  /** So many pieces of each, by the number of the combination. */
  private final List<List<Integer>> digits;

  private ExactPatterns(int[] step, List<List<Pattern>> boxes) {
    this.step = step;
    this.boxes = boxes;
    this.digits = IntStream.range(0, boxes.size()).mapToObj(this::counted).toList();
  }

  /**
   * Works them out.
   *
   * @param singles patterns of each piece alone, both ways where it may be turned
   * @param most of each that can be wanted
   * @param widest no box is wider
   * @param longest no box is longer
   * @return empty where it would take too long
   */
  static Optional<ExactPatterns> of(
      List<List<Pattern>> singles, int[] most, long widest, long longest) {
    int[] step = new int[most.length];
    long counts = 1;
    for (int i = 0; i < most.length; i++) {
      step[i] = (int) counts;
      counts *= most[i] + 1L;
      if (counts > MOST_COUNTS) {
        return Optional.empty();
      }
    }
    List<List<Pattern>> boxes = new ArrayList<>();
    for (int c = 0; c < counts; c++) {
      boxes.add(new ArrayList<>());
    }
    ExactPatterns made = new ExactPatterns(step, boxes);
    for (int i = 0; i < most.length; i++) {
      if (most[i] > 0) {
        for (Pattern single : singles.get(i)) {
          made.add(step[i], single, widest, longest);
        }
      }
    }
    long work = 0;
    for (int whole = 1; whole < counts; whole++) {
      work += made.combine(whole, widest, longest);
      if (work > MOST_WORK) {
        return Optional.empty();
      }
    }
    return Optional.of(made);
  }

  /** All ways to divide a number of pieces in two. */
  private long combine(int whole, long widest, long longest) {
    int[] of = digits(whole).stream().mapToInt(n -> n).toArray();
    int[] part = new int[of.length];
    long work = 0;
    while (next(part, of)) {
      int first = index(part);
      int second = whole - first;
      if (first > second) {
        break;
      }
      for (Pattern a : boxes.get(first)) {
        for (Pattern b : boxes.get(second)) {
          work++;
          if (a.width() + b.width() <= widest) {
            add(whole, Pattern.across(a, b), widest, longest);
          }
          if (a.length() + b.length() <= longest) {
            add(whole, Pattern.along(a, b), widest, longest);
          }
        }
      }
      work++;
    }
    return work;
  }

  /** Keeps a box unless another is no larger either way. */
  private void add(int counts, Pattern box, long widest, long longest) {
    if (box.width() > widest || box.length() > longest) {
      return;
    }
    List<Pattern> known = boxes.get(counts);
    for (Pattern k : known) {
      if (k.width() <= box.width() && k.length() <= box.length()) {
        return;
      }
    }
    known.removeIf(k -> k.width() >= box.width() && k.length() >= box.length());
    known.add(box);
  }

  /** Counts up to the next part of a whole; false after the last. */
  private static boolean next(int[] part, int[] of) {
    for (int i = 0; i < part.length; i++) {
      if (part[i] < of[i]) {
        part[i]++;
        return true;
      }
      part[i] = 0;
    }
    return false;
  }

  private List<Integer> counted(int counts) {
    Integer[] of = new Integer[step.length];
    int left = counts;
    for (int i = of.length - 1; i >= 0; i--) {
      of[i] = left / step[i];
      left %= step[i];
    }
    return List.of(of);
  }

  /** So many pieces of each, by the number of their combination. */
  List<Integer> digits(int counts) {
    return digits.get(counts);
  }

  private int index(int[] of) {
    int index = 0;
    for (int i = 0; i < of.length; i++) {
      index += of[i] * step[i];
    }
    return index;
  }

  /** How many combinations there are. */
  int size() {
    return boxes.size();
  }

  /** The smallest boxes of a combination. */
  List<Pattern> boxes(int counts) {
    return boxes.get(counts);
  }
}

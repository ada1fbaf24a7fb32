package app.geminal.ripping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;
import org.ojalgo.optimisation.integer.IntegerStrategy;

/**
 * A zone filled with rows of pieces side by side, or with columns of pieces one after the other,
 * whichever takes more; which rows, by an integer program.
 *
 * @param pattern empty where nothing fits
 * @param counts pieces of each kind in it
 */
record Rows(Optional<Pattern> pattern, List<Integer> counts) {
  private static final int MOST_ROWS = 3000;

  /** Steps and not seconds, so that every machine comes to the same. */
  private static final int MOST_STEPS = 5000;

  private static final long FUSE_MS = 60_000;

  /** The better of both ways. */
  static Rows best(
      List<List<Pattern>> singles, List<WantedPiece> wanted, int[] left, Zone zone, long kerf) {
    Rows rows = new Filler(singles, wanted, left, zone, kerf, true).filled();
    Rows columns = new Filler(singles, wanted, left, zone, kerf, false).filled();
    return rows.areaMm2(wanted) >= columns.areaMm2(wanted) ? rows : columns;
  }

  private double areaMm2(List<WantedPiece> wanted) {
    double sum = 0;
    for (int i = 0; i < counts.size(); i++) {
      sum += counts.get(i) * wanted.get(i).areaMm2();
    }
    return sum;
  }

  private static final class Filler {
    private final List<List<Pattern>> singles;
    private final List<WantedPiece> wanted;
    private final int[] left;
    private final boolean isAcross;

    /** Room along a row, and for all rows. */
    private final long room;

    private final long deep;
    private final List<Row> rows = new ArrayList<>();

    /** Pieces of one row, and how deep it is. */
    private record Row(List<Pattern> pieces, long deep) {}

    Filler(
        List<List<Pattern>> singles,
        List<WantedPiece> wanted,
        int[] left,
        Zone zone,
        long kerf,
        boolean isAcross) {
      this.singles = singles;
      this.wanted = wanted;
      this.left = left.clone();
      this.isAcross = isAcross;
      this.room = (isAcross ? zone.width() : zone.length()) + kerf;
      this.deep = (isAcross ? zone.length() : zone.width()) + kerf;
    }

    private long along(Pattern p) {
      return isAcross ? p.width() : p.length();
    }

    private long deep(Pattern p) {
      return isAcross ? p.length() : p.width();
    }

    Rows filled() {
      List<Pattern> all =
          singles.stream()
              .flatMap(List::stream)
              .filter(p -> left[p.piece()] > 0 && along(p) <= room && deep(p) <= deep)
              .sorted(Comparator.comparingLong(this::deep).reversed())
              .toList();
      all.stream()
          .mapToLong(this::deep)
          .distinct()
          .forEach(d -> fill(all.stream().filter(p -> deep(p) <= d).toList(), d));
      return rows.isEmpty()
          ? new Rows(Optional.empty(), Collections.nCopies(left.length, 0))
          : chosen();
    }

    /** Every way to fill a row of a depth that leaves no room for one more piece. */
    private void fill(List<Pattern> may, long depth) {
      fill(may, 0, room, depth, new ArrayList<>(), left.clone());
    }

    private void fill(
        List<Pattern> may, int next, long free, long depth, List<Pattern> in, int[] there) {
      if (rows.size() >= MOST_ROWS) {
        return;
      }
      if (next == may.size()) {
        if (!in.isEmpty() && in.stream().anyMatch(p -> deep(p) == depth)) {
          rows.add(new Row(List.copyOf(in), depth));
        }
        return;
      }
      Pattern p = may.get(next);
      int fits = (int) Math.min(there[p.piece()], free / along(p));
      boolean isLast = next == may.size() - 1;
      for (int n = fits; n >= (isLast ? fits : 0); n--) {
        for (int i = 0; i < n; i++) {
          in.add(p);
        }
        there[p.piece()] -= n;
        fill(may, next + 1, free - n * along(p), depth, in, there);
        there[p.piece()] += n;
        for (int i = 0; i < n; i++) {
          in.removeLast();
        }
      }
    }

    private Rows chosen() {
      ExpressionsBasedModel model = new ExpressionsBasedModel();
      model.options.iterations_abort = MOST_STEPS;
      model.options.time_abort = FUSE_MS;
      model.options.integer(IntegerStrategy.DEFAULT.withParallelism(() -> 1));
      List<Variable> times = new ArrayList<>();
      Expression all = model.newExpression("room").upper(deep);
      for (Row row : rows) {
        Variable each =
            model.newVariable("row " + times.size()).integer().lower(0).upper(deep / row.deep());
        times.add(each);
        all.set(each, row.deep());
      }
      for (int i = 0; i < left.length; i++) {
        Variable cut =
            model
                .newVariable("pieces " + i)
                .lower(0)
                .upper(left[i])
                .weight(wanted.get(i).areaMm2());
        Expression enough = model.newExpression("from rows " + i).lower(0);
        enough.set(cut, -1);
        for (int r = 0; r < rows.size(); r++) {
          int piece = i;
          enough.set(
              times.get(r), rows.get(r).pieces().stream().filter(p -> p.piece() == piece).count());
        }
      }
      model.maximise();
      return laid(times);
    }

    private Rows laid(List<Variable> times) {
      int[] counts = new int[left.length];
      Optional<Pattern> whole = Optional.empty();
      for (int r = 0; r < rows.size(); r++) {
        long n = Math.round(times.get(r).getValue().doubleValue());
        for (long i = 0; i < n; i++) {
          Optional<Pattern> row = Optional.empty();
          for (Pattern p : rows.get(r).pieces()) {
            if (counts[p.piece()] < left[p.piece()]) {
              counts[p.piece()]++;
              row = Optional.of(row.map(before -> beside(before, p)).orElse(p));
            }
          }
          if (row.isPresent()) {
            Pattern next = row.get();
            whole = Optional.of(whole.map(before -> after(before, next)).orElse(next));
          }
        }
      }
      return new Rows(whole, Arrays.stream(counts).boxed().toList());
    }

    private Pattern beside(Pattern first, Pattern second) {
      return isAcross ? Pattern.across(first, second) : Pattern.along(first, second);
    }

    private Pattern after(Pattern first, Pattern second) {
      return isAcross ? Pattern.along(first, second) : Pattern.across(first, second);
    }
  }
}

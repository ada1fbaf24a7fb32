package app.geminal.ripping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A zone filled with rows of pieces side by side, or with columns of pieces one after the other,
 * whichever takes more. Row follows row; of the ways so far those that wasted least are continued.
 *
 * @param pattern empty where nothing fits
 * @param counts pieces of each kind in it
 */
record Rows(Optional<Pattern> pattern, List<Integer> counts) {
  /** Ways that are continued after each row. */
  private static final int KEPT = 60;

  /** Fillings of a row of one depth that are looked at, and those of them that are tried. */
  private static final int MOST_FILLINGS = 400;

  private static final int TRIED = 5;

  /** The better of both ways. */
  static Rows best(
      List<List<Pattern>> singles, List<WantedPiece> wanted, int[] left, Zone zone, long kerf) {
    Rows rows = new Filler(singles, wanted, zone, kerf, true).filled(left);
    Rows columns = new Filler(singles, wanted, zone, kerf, false).filled(left);
    return WantedPiece.areaMm2(wanted, rows.counts())
            >= WantedPiece.areaMm2(wanted, columns.counts())
        ? rows
        : columns;
  }

  /** Pieces of one row, how deep it is, and what they are worth. */
  private record Row(List<Pattern> pieces, long deep, double areaMm2) {}

  /** Some rows, what is left of the pieces and of the depth, and the area so far. */
  private record Way(List<Row> rows, List<Integer> left, long free, double areaMm2) {}

  private static final class Filler {
    private final List<WantedPiece> wanted;
    private final List<Pattern> pieces;
    private final boolean isAcross;

    /** Room along a row, and for all rows. */
    private final long room;

    private final long deep;

    Filler(
        List<List<Pattern>> singles,
        List<WantedPiece> wanted,
        Zone zone,
        long kerf,
        boolean isAcross) {
      this.wanted = wanted;
      this.isAcross = isAcross;
      this.room = (isAcross ? zone.width() : zone.length()) + kerf;
      this.deep = (isAcross ? zone.length() : zone.width()) + kerf;
      this.pieces =
          singles.stream()
              .flatMap(List::stream)
              .filter(p -> along(p) <= room && deep(p) <= deep)
              .sorted(Comparator.comparingLong(this::deep).reversed())
              .toList();
    }

    private long along(Pattern p) {
      return isAcross ? p.width() : p.length();
    }

    private long deep(Pattern p) {
      return isAcross ? p.length() : p.width();
    }

    Rows filled(int[] most) {
      List<Way> open = List.of(new Way(List.of(), Arrays.stream(most).boxed().toList(), deep, 0));
      Way best = open.getFirst();
      while (!open.isEmpty()) {
        List<Way> longer = open.stream().flatMap(way -> longer(way).stream()).toList();
        for (Way way : longer) {
          best = way.areaMm2() > best.areaMm2() ? way : best;
        }
        open = leastWasted(longer);
      }
      return laid(best, most);
    }

    private List<Way> leastWasted(List<Way> ways) {
      Set<List<Object>> seen = new HashSet<>();
      return ways.stream()
          .sorted(Comparator.comparingDouble(this::wasted))
          .filter(way -> seen.add(List.of(way.left(), way.free())))
          .limit(KEPT)
          .toList();
    }

    private double wasted(Way way) {
      double used = (deep - way.free()) * (double) room / (Zone.PER_MM * Zone.PER_MM);
      return used - way.areaMm2();
    }

    /** One row more, of each depth that a piece has. */
    private List<Way> longer(Way way) {
      List<Way> longer = new ArrayList<>();
      List<Pattern> may =
          pieces.stream()
              .filter(p -> way.left().get(p.piece()) > 0 && deep(p) <= way.free())
              .toList();
      may.stream()
          .mapToLong(this::deep)
          .distinct()
          .forEach(depth -> {
            List<Row> rows = new ArrayList<>();
            int[] left = way.left().stream().mapToInt(n -> n).toArray();
            List<Pattern> fit = may.stream().filter(p -> deep(p) <= depth).toList();
            fill(fit, 0, room, depth, new ArrayList<>(), left, rows);
            rows.stream()
                .sorted(Comparator.comparingDouble(Row::areaMm2).reversed())
                .limit(TRIED)
                .forEach(row -> longer.add(with(way, row)));
          });
      return longer;
    }

    private static Way with(Way way, Row row) {
      List<Row> rows = new ArrayList<>(way.rows());
      rows.add(row);
      List<Integer> left = new ArrayList<>(way.left());
      row.pieces().forEach(p -> left.set(p.piece(), left.get(p.piece()) - 1));
      return new Way(
          rows, List.copyOf(left), way.free() - row.deep(), way.areaMm2() + row.areaMm2());
    }

    /** Every way to fill a row of a depth that leaves no room for one more piece. */
    private void fill(
        List<Pattern> may,
        int next,
        long free,
        long depth,
        List<Pattern> in,
        int[] left,
        List<Row> rows) {
      if (rows.size() >= MOST_FILLINGS) {
        return;
      }
      if (next == may.size()) {
        if (in.stream().anyMatch(p -> deep(p) == depth)) {
          double area = in.stream().mapToDouble(p -> wanted.get(p.piece()).areaMm2()).sum();
          rows.add(new Row(List.copyOf(in), depth, area));
        }
        return;
      }
      Pattern p = may.get(next);
      int fits = (int) Math.min(left[p.piece()], free / along(p));
      boolean isLast = next == may.size() - 1;
      for (int n = fits; n >= (isLast ? fits : 0); n--) {
        in.addAll(Collections.nCopies(n, p));
        left[p.piece()] -= n;
        fill(may, next + 1, free - n * along(p), depth, in, left, rows);
        left[p.piece()] += n;
        in.subList(in.size() - n, in.size()).clear();
      }
    }

    private Rows laid(Way way, int[] most) {
      List<Integer> counts = new ArrayList<>();
      for (int i = 0; i < most.length; i++) {
        counts.add(most[i] - way.left().get(i));
      }
      return new Rows(
          way.rows().stream()
              .map(row -> row.pieces().stream().reduce(this::beside).orElseThrow())
              .reduce(this::after),
          counts);
    }

    private Pattern beside(Pattern first, Pattern second) {
      return isAcross ? Pattern.across(first, second) : Pattern.along(first, second);
    }

    private Pattern after(Pattern first, Pattern second) {
      return isAcross ? Pattern.along(first, second) : Pattern.across(first, second);
    }
  }
}

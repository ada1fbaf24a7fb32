package app.geminal.ripping;

import app.geminal.validation.Require;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;

/**
 * A plate ripped into as much as possible of what is wanted, by area; of ways that are alike in
 * that, the one that leaves the largest rectangle whole.
 *
 * <p>Every cut passes from edge to edge of what it divides and takes its kerf. With few pieces all
 * such ways are looked at; with more, rows and columns of pieces. Around holes cuts are tried where
 * pieces end; nothing is proven there.
 *
 * @param cut pieces in the order they come off
 * @param missing what the plate has no room for
 * @param cuts of the saw, in order
 * @param remainders rectangles that are left whole and can be used
 * @param usedShare part of what can be used of the plate that is in the pieces
 * @param boundShare no way can use more than that
 * @param isProven whether no way uses more than this one
 */
public record Ripping(
    List<CutPiece> cut,
    List<WantedPiece> missing,
    List<SawCut> cuts,
    List<Remainder> remainders,
    double usedShare,
    double boundShare,
    boolean isProven) {
  private static final double ROUNDING = 1e-9;

  /** Copies the lists. */
  public Ripping {
    cut = List.copyOf(cut);
    missing = List.copyOf(missing);
    cuts = List.copyOf(cuts);
    remainders = List.copyOf(remainders);
  }

  /**
   * A piece that is cut.
   *
   * @param wanted which of the wanted pieces
   * @param xMm where it begins across the width of the plate
   * @param yMm where it begins along its length
   * @param widthMm across the width of the plate
   * @param lengthMm along its length
   * @param isTurned whether it is across the grain
   */
  public record CutPiece(
      int wanted, double xMm, double yMm, double widthMm, double lengthMm, boolean isTurned) {}

  /**
   * A cut of the saw.
   *
   * @param isAlong whether it runs along the length of the plate
   * @param atMm where its kerf begins: across the width for one along the length, else along the
   *     length
   * @param fromMm where it begins
   * @param toMm where it ends
   */
  public record SawCut(boolean isAlong, double atMm, double fromMm, double toMm) {}

  /**
   * What is left whole.
   *
   * @param xMm where it begins across the width of the plate
   * @param yMm where it begins along its length
   */
  public record Remainder(double xMm, double yMm, double widthMm, double lengthMm) {}

  /**
   * Works it out.
   *
   * @param wanted at most 12 kinds of pieces
   * @param kerfMm what a cut takes, 0 to 20
   * @param mayTurn whether pieces may lie across the grain
   */
  public static Ripping of(Plate plate, List<WantedPiece> wanted, double kerfMm, boolean mayTurn) {
    Require.list("wanted", wanted, 1, 12);
    Require.lengthUpTo("kerfMm", kerfMm, 20);
    return new Search(plate, wanted, Zone.units(kerfMm), mayTurn).best();
  }

  /** Zones with a pattern each, or none. */
  private record Filled(List<Zone> zones, List<Optional<Pattern>> patterns, List<Integer> counts) {
    double remainderMm2(long kerf) {
      return IntStream.range(0, zones.size())
          .mapToDouble(i ->
              patterns
                  .get(i)
                  .map(p -> CutOrder.remainderMm2(p, zones.get(i), kerf))
                  .orElse(zones.get(i).width() * zones.get(i).length() / Zone.PER_MM / Zone.PER_MM))
          .max()
          .orElse(0);
    }
  }

  private static final class Search {
    /** More combinations of pieces are not tried in several zones. */
    private static final int MOST_SHARED = 400;

    private static final int MOST_SUMS = 2000;

    /** Rows take longer, so fewer ways around holes are filled with them. */
    private static final int MOST_IN_ROWS = 8;

    private final Plate plate;
    private final List<WantedPiece> wanted;
    private final long kerf;
    private final List<List<Pattern>> singles = new ArrayList<>();
    private final int[] most;
    private final Map<Zone, List<Optional<Pattern>>> boxes = new HashMap<>();
    private boolean isExact = true;

    Search(Plate plate, List<WantedPiece> wanted, long kerf, boolean mayTurn) {
      this.plate = plate;
      this.wanted = wanted;
      this.kerf = kerf;
      this.most = new int[wanted.size()];
      double roomMm2 = plate.usableMm2() * Zone.PER_MM * Zone.PER_MM;
      for (int i = 0; i < most.length; i++) {
        long width = Zone.units(wanted.get(i).widthMm()) + kerf;
        long length = Zone.units(wanted.get(i).lengthMm()) + kerf;
        List<Pattern> ways = new ArrayList<>();
        ways.add(Pattern.of(i, width, length));
        if (mayTurn && width != length) {
          ways.add(Pattern.of(i, length, width));
        }
        singles.add(ways);
        double each = (double) (width - kerf) * (length - kerf);
        most[i] = (int) Math.min(wanted.get(i).count(), Math.floor(roomMm2 / each));
      }
    }

    Ripping best() {
      Zone whole = Zone.within(plate);
      Zone.Ends ends = new Zone.Ends(sums(Pattern::width, whole), sums(Pattern::length, whole));
      List<List<Zone>> ways = Zone.of(plate, kerf, ends);
      Optional<ExactPatterns> exact =
          ExactPatterns.of(singles, most, whole.width() + kerf, whole.length() + kerf);
      isExact = exact.isPresent() && plate.holes().isEmpty();
      Filled best =
          (exact.isPresent() ? ways : spread(ways))
              .stream()
                  .map(zones -> exact.map(e -> filled(e, zones)).orElseGet(() -> inRows(zones)))
                  .max(byWorth())
                  .orElseThrow();
      return ripped(best);
    }

    /** Some of many ways, from first to last. */
    private static List<List<Zone>> spread(List<List<Zone>> ways) {
      int every = Math.ceilDiv(ways.size(), MOST_IN_ROWS);
      return IntStream.range(0, ways.size())
          .filter(i -> i % every == 0)
          .mapToObj(ways::get)
          .toList();
    }

    /** Every size that pieces side by side can have together, each with its kerf. */
    private List<Long> sums(ToLongFunction<Pattern> size, Zone whole) {
      long most = Math.max(whole.width(), whole.length());
      TreeSet<Long> sums = new TreeSet<>(List.of(0L));
      for (List<Pattern> ways : singles) {
        int count = most(ways.getFirst());
        for (int n = 0; n < count && sums.size() < MOST_SUMS; n++) {
          for (long sum : List.copyOf(sums)) {
            ways.stream()
                .mapToLong(way -> sum + size.applyAsLong(way))
                .filter(longer -> longer <= most)
                .forEach(sums::add);
          }
        }
      }
      return List.copyOf(sums);
    }

    private int most(Pattern piece) {
      return most[piece.piece()];
    }

    /** The best that several zones take together. */
    private Filled filled(ExactPatterns exact, List<Zone> zones) {
      List<Filled> far = List.of(nothing());
      for (Zone zone : largestFirst(zones)) {
        far = further(exact, far, zone, zones.size() == 1 || exact.size() > MOST_SHARED);
      }
      return far.stream().max(byWorth()).orElseThrow();
    }

    private Filled nothing() {
      return new Filled(List.of(), List.of(), Collections.nCopies(most.length, 0));
    }

    private static List<Zone> largestFirst(List<Zone> zones) {
      return zones.stream()
          .sorted(Comparator.comparingLong((Zone z) -> -z.width() * z.length()))
          .toList();
    }

    private Comparator<Filled> byWorth() {
      return Comparator.comparingDouble((Filled f) -> WantedPiece.areaMm2(wanted, f.counts()))
          .thenComparingDouble(f -> f.remainderMm2(kerf));
    }

    /** Each filling with each that the next zone takes; of those with the same pieces the best. */
    private List<Filled> further(
        ExactPatterns exact, List<Filled> far, Zone zone, boolean onlyBest) {
      List<Optional<Pattern>> there = boxes.computeIfAbsent(zone, z -> boxes(exact, z));
      Map<List<Integer>, Filled> byCounts = new HashMap<>();
      for (Filled before : far) {
        double most = -1;
        for (int c = 0; c < exact.size(); c++) {
          List<Integer> counts = exact.digits(c);
          boolean fits = c == 0 || there.get(c).isPresent();
          if (!fits || !isWithin(before, counts)) {
            continue;
          }
          double area = WantedPiece.areaMm2(wanted, counts);
          if (onlyBest && area < most) {
            continue;
          }
          most = Math.max(most, area);
          Filled now = with(before, zone, there.get(c), counts);
          byCounts.merge(now.counts(), now, (a, b) -> byWorth().compare(a, b) < 0 ? b : a);
        }
      }
      return onlyBest
          ? List.of(byCounts.values().stream().max(byWorth()).orElseThrow())
          : List.copyOf(byCounts.values());
    }

    private boolean isWithin(Filled before, List<Integer> counts) {
      for (int i = 0; i < most.length; i++) {
        if (counts.get(i) + before.counts().get(i) > most[i]) {
          return false;
        }
      }
      return true;
    }

    /** For each combination, of the boxes that a zone takes the one that leaves most. */
    private List<Optional<Pattern>> boxes(ExactPatterns exact, Zone zone) {
      return IntStream.range(0, exact.size())
          .mapToObj(c ->
              exact.boxes(c).stream()
                  .filter(p -> p.fits(zone, kerf))
                  .max(Comparator.comparingDouble(p -> CutOrder.remainderMm2(p, zone, kerf))))
          .toList();
    }

    private static Filled with(
        Filled before, Zone zone, Optional<Pattern> pattern, List<Integer> counts) {
      List<Zone> zones = new ArrayList<>(before.zones());
      zones.add(zone);
      List<Optional<Pattern>> patterns = new ArrayList<>(before.patterns());
      patterns.add(pattern);
      List<Integer> both =
          IntStream.range(0, counts.size())
              .mapToObj(i -> before.counts().get(i) + counts.get(i))
              .toList();
      return new Filled(zones, patterns, both);
    }

    private Filled inRows(List<Zone> zones) {
      Filled far = nothing();
      for (Zone zone : largestFirst(zones)) {
        int[] left = new int[most.length];
        for (int i = 0; i < left.length; i++) {
          left[i] = most[i] - far.counts().get(i);
        }
        Rows rows = Rows.best(singles, wanted, left, zone, kerf);
        far = with(far, zone, rows.pattern(), rows.counts());
      }
      return far;
    }

    private Ripping ripped(Filled best) {
      CutOrder order = new CutOrder(wanted, kerf);
      for (int i = 0; i < best.zones().size(); i++) {
        Zone zone = best.zones().get(i);
        best.patterns().get(i).ifPresentOrElse(p -> order.cut(p, zone), () -> order.leave(zone));
      }
      List<WantedPiece> missing = new ArrayList<>();
      for (int i = 0; i < wanted.size(); i++) {
        WantedPiece piece = wanted.get(i);
        int lacks = piece.count() - best.counts().get(i);
        if (lacks > 0) {
          missing.add(new WantedPiece(lacks, piece.widthMm(), piece.lengthMm()));
        }
      }
      double used = WantedPiece.areaMm2(wanted, best.counts()) / plate.usableMm2();
      double bound = Math.max(used, boundMm2() / plate.usableMm2());
      return new Ripping(
          order.pieces(),
          missing,
          order.cuts(),
          order.remainders(),
          used,
          bound,
          isExact || used >= bound - ROUNDING);
    }

    /** By area alone, each piece with its kerf, a part of a piece allowed at the end. */
    private double boundMm2() {
      double width = plate.widthMm() - plate.worn().left() - plate.worn().right();
      double length = plate.lengthMm() - plate.worn().near() - plate.worn().far();
      double kerfMm = kerf / Zone.PER_MM;
      double room = (width + kerfMm) * (length + kerfMm);
      List<WantedPiece> densest =
          wanted.stream()
              .sorted(
                  Comparator.comparingDouble((WantedPiece p) -> -p.areaMm2() / withKerf(p, kerfMm)))
              .toList();
      double sum = 0;
      for (WantedPiece piece : densest) {
        double each = withKerf(piece, kerfMm);
        double fits = Math.min(piece.count(), room / each);
        sum += fits * piece.areaMm2();
        room -= fits * each;
      }
      return sum;
    }

    private static double withKerf(WantedPiece piece, double kerfMm) {
      return (piece.widthMm() + kerfMm) * (piece.lengthMm() + kerfMm);
    }
  }
}

package app.geminal.ripping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class RippingTest {
  private static final int PLATES = Integer.getInteger("geminal.plates", 40);

  private static Ripping rip(Plate plate, double kerfMm, WantedPiece... wanted) {
    return Ripping.of(plate, List.of(wanted), kerfMm, false);
  }

  /**
   * By hand: 205 mm of a saw blade for strips of 45 and 32 mm. Of four wide and one narrow one, 4 ×
   * 45 + 32 is too much already; 3 × 45 + 2 × 32 = 199 mm and four kerfs.
   */
  @Test
  void stripsOfASawBladeAtThreeKerfs() {
    WantedPiece wide = new WantedPiece(4, 45, 600);
    WantedPiece narrow = new WantedPiece(3, 32, 600);
    // 199 + 4 × 1.1 = 203.4 fits, and leaves 1.6 less a kerf.
    Ripping thin = rip(Plate.of(205, 600), 1.1, wide, narrow);
    assertThat(thin.cut()).hasSize(5);
    assertThat(thin.usedShare()).isCloseTo(199 / 205.0, within(1e-9));
    // 199 + 4 × 1.5 = 205 fits to the hundredth.
    assertThat(rip(Plate.of(205, 600), 1.5, wide, narrow).usedShare())
        .isCloseTo(199 / 205.0, within(1e-9));
    // 199 + 4 × 3 = 211 does not: 45 + 45 + 45 + 45 + 3 × 3 = 189 is 180 mm, 2 × 45 + 3 × 32 = 186
    // and four kerfs are 198.
    Ripping broad = rip(Plate.of(205, 600), 3, wide, narrow);
    assertThat(broad.usedShare()).isCloseTo(186 / 205.0, within(1e-9));
    assertThat(broad.missing()).containsExactly(new WantedPiece(2, 45, 600));
    assertThat(thin.isProven() && broad.isProven()).isTrue();
  }

  @Test
  void everyCutPassesFromEdgeToEdgeAndPiecesDoNotOverlap() {
    for (int seed = 0; seed < PLATES; seed++) {
      Random random = new Random(seed);
      Plate plate = plate(random, seed % 3 == 0);
      List<WantedPiece> wanted = wanted(random, 2 + random.nextInt(3), 6);
      double kerf = List.of(1.1, 1.6, 3.0).get(seed % 3);
      Ripping ripped = Ripping.of(plate, wanted, kerf, seed % 2 == 0);
      assertThat(broken(ripped, plate, wanted, kerf)).as("plate %s", seed).isEmpty();
      assertThat(ripped.usedShare()).isLessThanOrEqualTo(ripped.boundShare() + 1e-9);
    }
  }

  /** Against a search of its own that divides from above, on plates with few pieces. */
  @Test
  void fewPiecesAreRippedAsWellAsPossible() {
    int proven = 0;
    for (int seed = 0; seed < PLATES; seed++) {
      Random random = new Random(1000 + seed);
      Plate plate = Plate.of(60 + random.nextInt(100), 80 + random.nextInt(120));
      List<WantedPiece> wanted = wanted(random, 2, 3);
      boolean mayTurn = seed % 2 == 0;
      Ripping ripped = Ripping.of(plate, wanted, 2, mayTurn);
      double best =
          new FromAbove(wanted, mayTurn)
              .best(
                  (long) plate.widthMm() + 2,
                  (long) plate.lengthMm() + 2,
                  wanted.stream().map(WantedPiece::count).toList());
      assertThat(ripped.usedShare() * plate.usableMm2())
          .as("plate %s", seed)
          .isCloseTo(best, within(1e-6));
      proven += ripped.isProven() ? 1 : 0;
    }
    assertThat(proven).isEqualTo(PLATES);
  }

  @Test
  void manyPiecesAreRippedInRows() {
    Ripping many =
        rip(
            Plate.of(400, 1200),
            1.6,
            new WantedPiece(60, 31, 105),
            new WantedPiece(60, 27, 88),
            new WantedPiece(40, 43, 131),
            new WantedPiece(40, 22, 64));
    assertThat(many.usedShare()).isGreaterThan(0.9);
    assertThat(many.boundShare() - many.usedShare()).isLessThan(0.08);
    assertThat(
            broken(
                many,
                Plate.of(400, 1200),
                List.of(
                    new WantedPiece(60, 31, 105),
                    new WantedPiece(60, 27, 88),
                    new WantedPiece(40, 43, 131),
                    new WantedPiece(40, 22, 64)),
                1.6))
        .isEmpty();
  }

  @Test
  void whatIsWornAndHolesAreLeftOff() {
    Plate blade =
        new Plate(200, 600, new Plate.Worn(12, 5, 0, 0), List.of(new Plate.Hole(100, 300, 30)));
    WantedPiece piece = new WantedPiece(30, 40, 150);
    Ripping ripped = rip(blade, 1.6, piece);
    assertThat(broken(ripped, blade, List.of(piece), 1.6)).isEmpty();
    // Strips of three beside the hole, and two that are cut in two by it: 3 + 2 + 2 + 3.
    assertThat(ripped.cut()).hasSize(10);
    assertThat(ripped.cut())
        .allMatch(p -> p.xMm() >= 12 && p.xMm() + p.widthMm() <= 195)
        .allMatch(p ->
            p.xMm() + p.widthMm() <= 85
                || p.xMm() >= 115
                || p.yMm() + p.lengthMm() <= 285
                || p.yMm() >= 315);
  }

  @Test
  void whatIsLeftIsOneLargePieceAndNotTwoSmallOnes() {
    Ripping ripped = rip(Plate.of(200, 600), 2, new WantedPiece(2, 50, 200));
    assertThat(ripped.missing()).isEmpty();
    double largest =
        ripped.remainders().stream().mapToDouble(r -> r.widthMm() * r.lengthMm()).max().orElse(0);
    // Both beside each other leave 200 × 398; one after the other 148 × 600.
    assertThat(largest).isCloseTo(148 * 600, within(1e-6));
  }

  @Test
  void piecesLieAcrossTheGrainOnlyWhereTheyMay() {
    Plate plate = Plate.of(160, 50);
    assertThat(rip(plate, 1, new WantedPiece(1, 45, 150)).cut()).isEmpty();
    Ripping turned = Ripping.of(plate, List.of(new WantedPiece(1, 45, 150)), 1, true);
    assertThat(turned.cut()).singleElement().matches(Ripping.CutPiece::isTurned);
  }

  @Test
  void plateOfWhichNothingIsLeftIsRefused() {
    assertThatThrownBy(() -> new Plate(20, 100, new Plate.Worn(10, 10, 0, 0), List.of()))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("Nothing of the plate");
    assertThatThrownBy(
            () -> new Plate(20, 100, Plate.Worn.NONE, List.of(new Plate.Hole(30, 50, 5))))
        .isInstanceOf(InvalidValue.class);
  }

  private static Plate plate(Random random, boolean hasHole) {
    double width = 100 + random.nextInt(200);
    double length = 200 + random.nextInt(500);
    return new Plate(
        width,
        length,
        new Plate.Worn(random.nextInt(15), random.nextInt(5), 0, random.nextInt(20)),
        hasHole
            ? List.of(new Plate.Hole(width / 3, length / 2, 10 + random.nextInt(30)))
            : List.of());
  }

  private static List<WantedPiece> wanted(Random random, int kinds, int most) {
    List<WantedPiece> wanted = new ArrayList<>();
    for (int i = 0; i < kinds; i++) {
      wanted.add(
          new WantedPiece(
              1 + random.nextInt(most), 18 + random.nextInt(40), 30 + random.nextInt(110)));
    }
    return wanted;
  }

  /** What is wrong with it; made by replaying the cuts on the plate. */
  private static List<String> broken(
      Ripping ripped, Plate plate, List<WantedPiece> wanted, double kerfMm) {
    List<String> broken = new ArrayList<>();
    List<Ripping.CutPiece> cut = ripped.cut();
    for (int i = 0; i < cut.size(); i++) {
      Ripping.CutPiece a = cut.get(i);
      WantedPiece of = wanted.get(a.wanted());
      double w = a.isTurned() ? of.lengthMm() : of.widthMm();
      double l = a.isTurned() ? of.widthMm() : of.lengthMm();
      if (Math.abs(a.widthMm() - w) > 1e-9 || Math.abs(a.lengthMm() - l) > 1e-9) {
        broken.add("size of " + a);
      }
      if (a.xMm() < plate.worn().left() - 1e-9
          || a.yMm() < plate.worn().near() - 1e-9
          || a.xMm() + a.widthMm() > plate.widthMm() - plate.worn().right() + 1e-9
          || a.yMm() + a.lengthMm() > plate.lengthMm() - plate.worn().far() + 1e-9) {
        broken.add("beyond the edge " + a);
      }
      for (int j = 0; j < i; j++) {
        Ripping.CutPiece b = cut.get(j);
        boolean apart =
            a.xMm() + a.widthMm() + kerfMm <= b.xMm() + 1e-9
                || b.xMm() + b.widthMm() + kerfMm <= a.xMm() + 1e-9
                || a.yMm() + a.lengthMm() + kerfMm <= b.yMm() + 1e-9
                || b.yMm() + b.lengthMm() + kerfMm <= a.yMm() + 1e-9;
        if (!apart) {
          broken.add(a + " in " + b);
        }
      }
      for (Ripping.SawCut saw : ripped.cuts()) {
        double from = saw.isAlong() ? a.xMm() : a.yMm();
        double to = from + (saw.isAlong() ? a.widthMm() : a.lengthMm());
        double begin = saw.isAlong() ? a.yMm() : a.xMm();
        double end = begin + (saw.isAlong() ? a.lengthMm() : a.widthMm());
        if (saw.atMm() + kerfMm > from + 1e-9
            && saw.atMm() < to - 1e-9
            && saw.fromMm() < end - 1e-9
            && saw.toMm() > begin + 1e-9) {
          broken.add(saw + " through " + a);
        }
      }
      for (Plate.Hole hole : plate.holes()) {
        double half = hole.acrossMm() / 2;
        if (a.xMm() < hole.xMm() + half - 1e-9
            && a.xMm() + a.widthMm() > hole.xMm() - half + 1e-9
            && a.yMm() < hole.yMm() + half - 1e-9
            && a.yMm() + a.lengthMm() > hole.yMm() - half + 1e-9) {
          broken.add("a hole in " + a);
        }
      }
    }
    for (int k = 0; k < wanted.size(); k++) {
      int kind = k;
      long there = cut.stream().filter(p -> p.wanted() == kind).count();
      WantedPiece of = wanted.get(k);
      int missing =
          ripped.missing().stream()
              .filter(m -> m.widthMm() == of.widthMm() && m.lengthMm() == of.lengthMm())
              .mapToInt(WantedPiece::count)
              .sum();
      if (there > of.count() || (there + missing != of.count() && distinct(wanted))) {
        broken.add("count of " + of);
      }
    }
    return broken;
  }

  private static boolean distinct(List<WantedPiece> wanted) {
    return wanted.stream().map(w -> w.widthMm() + "x" + w.lengthMm()).distinct().count()
        == wanted.size();
  }

  /** The most area of pieces in a box: left whole for one piece, or cut in two anywhere. */
  private static final class FromAbove {
    private final List<WantedPiece> wanted;
    private final boolean mayTurn;
    private final Map<List<Object>, Double> known = new HashMap<>();

    FromAbove(List<WantedPiece> wanted, boolean mayTurn) {
      this.wanted = wanted;
      this.mayTurn = mayTurn;
    }

    double best(long width, long length, List<Integer> counts) {
      List<Object> key = List.of(width, length, counts);
      Double there = known.get(key);
      if (there != null) {
        return there;
      }
      double best = 0;
      TreeSet<Long> sizes = new TreeSet<>();
      for (int i = 0; i < counts.size(); i++) {
        if (counts.get(i) > 0) {
          long w = (long) wanted.get(i).widthMm() + 2;
          long l = (long) wanted.get(i).lengthMm() + 2;
          boolean fits = (w <= width && l <= length) || (mayTurn && l <= width && w <= length);
          best = Math.max(best, fits ? wanted.get(i).areaMm2() : 0);
          sizes.add(w);
          if (mayTurn) {
            sizes.add(l);
          }
          sizes.add(l);
        }
      }
      for (long at : sums(sizes, Math.max(width, length))) {
        for (List<Integer> part : parts(counts)) {
          List<Integer> rest = new ArrayList<>();
          for (int i = 0; i < counts.size(); i++) {
            rest.add(counts.get(i) - part.get(i));
          }
          if (at < width) {
            best = Math.max(best, best(at, length, part) + best(width - at, length, rest));
          }
          if (at < length) {
            best = Math.max(best, best(width, at, part) + best(width, length - at, rest));
          }
        }
      }
      known.put(key, best);
      return best;
    }

    private static TreeSet<Long> sums(TreeSet<Long> sizes, long most) {
      TreeSet<Long> sums = new TreeSet<>(List.of(0L));
      for (int times = 0; times < 3; times++) {
        for (long sum : List.copyOf(sums)) {
          for (long size : sizes) {
            if (sum + size < most) {
              sums.add(sum + size);
            }
          }
        }
      }
      sums.remove(0L);
      return sums;
    }

    private static List<List<Integer>> parts(List<Integer> counts) {
      List<List<Integer>> parts = new ArrayList<>(List.of(List.of()));
      for (int count : counts) {
        List<List<Integer>> more = new ArrayList<>();
        for (List<Integer> part : parts) {
          for (int n = 0; n <= count; n++) {
            List<Integer> longer = new ArrayList<>(part);
            longer.add(n);
            more.add(longer);
          }
        }
        parts = more;
      }
      return parts.stream()
          .filter(p -> p.stream().anyMatch(n -> n > 0) && !p.equals(counts))
          .toList();
    }
  }
}

package app.geminal.stock;

import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.ojalgo.optimisation.integer.IntegerStrategy;

/**
 * Which pieces come from which bars on the shelf, kerf included.
 *
 * <p>For every steel and thickness an integer program over all ways to fill a bar (cutting stock),
 * solved by ojAlgo's branch and bound: as many pieces as the shelf gives, then from the cheapest
 * bars, or where nothing has a price from the least length of bars. A bar does for a piece when its
 * steel is the same, its thickness within {@value #SAME_THICKNESS_MM} mm and it is at least as
 * wide; two narrow pieces are not cut side by side. Proven best unless {@link #isProven} says
 * otherwise: past {@value #MOST_WAYS} ways to fill a bar only those with the longest pieces first
 * are weighed, and after {@value #MOST_STEPS} steps the best so far is taken.
 *
 * @param bars the bars to cut into, in the order of the needs
 * @param missing pieces no bar is left for
 * @param isProven whether nothing cheaper exists
 */
public record CutList(List<CutBar> bars, List<Need> missing, boolean isProven) {
  private static final double SAME_THICKNESS_MM = 0.05;
  private static final double DUST_MM = 1e-6;
  private static final int MOST_WAYS = 4000;

  /** Steps and not seconds, so that every machine comes to the same list. */
  private static final int MOST_STEPS = 20_000;

  /** Only a fuse: no list that was ever asked for takes a tenth of it. */
  private static final long FUSE_MS = 60_000;

  /** Copies the lists. */
  public CutList {
    bars = List.copyOf(bars);
    missing = List.copyOf(missing);
  }

  /**
   * Bars on offer.
   *
   * @param id whatever names them to the caller
   */
  public record Offer(long id, StockBar bar) {}

  /**
   * One bar cut up.
   *
   * @param offer the id of the bars it is one of
   * @param bar what it is
   * @param piecesMm lengths cut from it, longest first
   * @param offcutMm what is left, kerfs taken off
   * @param massKg of the pieces
   * @param price of the whole bar, preparation included, where known
   */
  public record CutBar(
      long offer,
      StockBar bar,
      List<Double> piecesMm,
      double offcutMm,
      double massKg,
      OptionalDouble price) {}

  /** Works out the list. */
  public static CutList of(
      List<Need> needs, List<Offer> offers, double kerfMm, Steels steels, double hourPrice) {
    Map<Long, Integer> left = new LinkedHashMap<>();
    offers.forEach(o -> left.put(o.id(), o.bar().pieces()));
    List<CutBar> bars = new ArrayList<>();
    List<Need> missing = new ArrayList<>();
    boolean proven = true;
    for (List<Need> group : Need.bySection(needs)) {
      Group solved = new Group(group, offers, left, kerfMm, steels, hourPrice);
      proven &= solved.solve();
      bars.addAll(solved.cut);
      missing.addAll(solved.missing);
      solved.cut.forEach(b -> left.merge(b.offer(), -1, Integer::sum));
    }
    return new CutList(bars, missing, proven);
  }

  /** Mass of all pieces, kg. */
  public double massKg() {
    return bars.stream().mapToDouble(CutBar::massKg).sum();
  }

  /** What the bars cost together, as far as that is known. */
  public double price() {
    return bars.stream().mapToDouble(b -> b.price().orElse(0)).sum();
  }

  /** Needs of one steel, thickness and width. */
  private static final class Group {
    private final List<Need> needs;
    private final List<Offer> offers;
    private final Map<Long, Integer> left;
    private final double kerfMm;
    private final Steels steels;
    private final double hourPrice;
    private final List<CutBar> cut = new ArrayList<>();
    private final List<Need> missing = new ArrayList<>();
    private boolean allWays = true;

    Group(
        List<Need> needs,
        List<Offer> offers,
        Map<Long, Integer> left,
        double kerfMm,
        Steels steels,
        double hourPrice) {
      this.needs =
          needs.stream().sorted(Comparator.comparingDouble(Need::lengthMm).reversed()).toList();
      this.offers = offers.stream().filter(o -> doesFor(o.bar(), needs.getFirst())).toList();
      this.left = left;
      this.kerfMm = kerfMm;
      this.steels = steels;
      this.hourPrice = hourPrice;
    }

    private static boolean doesFor(StockBar bar, Need need) {
      return bar.steel().equals(need.steel())
          && Math.abs(bar.thicknessMm() - need.thicknessMm()) <= SAME_THICKNESS_MM
          && bar.widthMm() >= need.widthMm() - SAME_THICKNESS_MM;
    }

    /** One way to fill one bar: how many of each need. */
    private record Layout(Offer offer, List<Integer> counts, Variable times) {}

    boolean solve() {
      ExpressionsBasedModel model = new ExpressionsBasedModel();
      model.options.iterations_abort = MOST_STEPS;
      model.options.time_abort = FUSE_MS;
      model.options.integer(IntegerStrategy.DEFAULT.withParallelism(() -> 1));
      List<Layout> ways = new ArrayList<>();
      boolean priced =
          !offers.isEmpty() && offers.stream().allMatch(o -> price(o.bar()).isPresent());
      for (Offer offer : offers) {
        int there = left.getOrDefault(offer.id(), 0);
        if (there == 0) {
          continue;
        }
        double cost =
            priced ? price(offer.bar()).getAsDouble() + 1e-4 : offer.bar().lengthMm() / 1000;
        Expression most = model.newExpression("bars " + offer.id()).upper(there);
        for (List<Integer> counts : fillings(offer.bar().lengthMm())) {
          Variable times =
              model.newVariable("way " + ways.size()).integer().lower(0).upper(there).weight(cost);
          most.set(times, 1);
          ways.add(new Layout(offer, counts, times));
        }
      }
      double dear = 1000 * Math.max(1, dearest(priced));
      List<Variable> lacking = new ArrayList<>();
      for (int i = 0; i < needs.size(); i++) {
        Variable lacks =
            model
                .newVariable("missing " + i)
                .integer()
                .lower(0)
                .upper(needs.get(i).count())
                .weight(dear);
        lacking.add(lacks);
        Expression enough = model.newExpression("need " + i).lower(needs.get(i).count());
        enough.set(lacks, 1);
        for (Layout way : ways) {
          enough.set(way.times(), way.counts().get(i));
        }
      }
      Optimisation.Result result = model.minimise();
      read(ways, lacking);
      return allWays && result.getState().isOptimal();
    }

    private double dearest(boolean priced) {
      return offers.stream()
          .mapToDouble(o -> priced ? price(o.bar()).getAsDouble() : o.bar().lengthMm() / 1000)
          .max()
          .orElse(1);
    }

    private OptionalDouble price(StockBar bar) {
      return bar.barPrice(steels.get(bar.steel()).densityKgM3(), hourPrice);
    }

    private void read(List<Layout> ways, List<Variable> lacking) {
      int[] rest = needs.stream().mapToInt(Need::count).toArray();
      for (int i = 0; i < rest.length; i++) {
        int lacks = (int) Math.round(lacking.get(i).getValue().doubleValue());
        rest[i] -= lacks;
        if (lacks > 0) {
          Need need = needs.get(i);
          missing.add(
              new Need(need.steel(), need.thicknessMm(), need.widthMm(), need.lengthMm(), lacks));
        }
      }
      for (Layout way : ways) {
        long times = Math.round(way.times().getValue().doubleValue());
        for (long n = 0; n < times; n++) {
          cutUp(way, rest);
        }
      }
    }

    /** A way may hold more than is still wanted; then less is cut from that bar. */
    private void cutUp(Layout way, int[] rest) {
      StockBar bar = way.offer().bar();
      List<Double> pieces = new ArrayList<>();
      for (int i = 0; i < rest.length; i++) {
        int take = Math.min(rest[i], way.counts().get(i));
        rest[i] -= take;
        for (int n = 0; n < take; n++) {
          pieces.add(needs.get(i).lengthMm());
        }
      }
      if (pieces.isEmpty()) {
        return;
      }
      double length = pieces.stream().mapToDouble(Double::doubleValue).sum();
      double offcut = Math.max(0, bar.lengthMm() - length - pieces.size() * kerfMm);
      double density = steels.get(bar.steel()).densityKgM3();
      double mass =
          needs.getFirst().widthMm() * needs.getFirst().thicknessMm() * length / 1e9 * density;
      cut.add(new CutBar(way.offer().id(), bar, List.copyOf(pieces), offcut, mass, price(bar)));
    }

    /** Every way to fill a bar that leaves no room for one more piece that is wanted. */
    private List<List<Integer>> fillings(double lengthMm) {
      List<List<Integer>> found = new ArrayList<>();
      fill(lengthMm + kerfMm, 0, new int[needs.size()], found);
      return found;
    }

    private void fill(double room, int next, int[] counts, List<List<Integer>> found) {
      if (found.size() >= MOST_WAYS) {
        allWays = false;
        return;
      }
      if (next == needs.size()) {
        if (java.util.Arrays.stream(counts).anyMatch(n -> n > 0)) {
          found.add(java.util.Arrays.stream(counts).boxed().toList());
        }
        return;
      }
      double each = needs.get(next).lengthMm() + kerfMm;
      int most = Math.min(needs.get(next).count(), (int) ((room + DUST_MM) / each));
      boolean last = next == needs.size() - 1;
      for (int n = most; n >= (last ? most : 0); n--) {
        counts[next] = n;
        fill(room - n * each, next + 1, counts, found);
      }
      counts[next] = 0;
    }
  }
}

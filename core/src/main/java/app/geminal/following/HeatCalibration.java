package app.geminal.following;

import app.geminal.shop.FacePrep;
import app.geminal.validation.Require;
import app.geminal.weldmap.Range;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import java.util.List;
import java.util.stream.IntStream;
import org.ojalgo.matrix.decomposition.Cholesky;
import org.ojalgo.matrix.decomposition.Eigenvalue;
import org.ojalgo.matrix.store.MatrixStore;
import org.ojalgo.matrix.store.R064Store;

/**
 * What a shop has learned of its forge, its gauge, its dies and the gaps its stacks have. One
 * normal spread over all of them together, because what is seen of a heat is mostly about several
 * at once: hotter steel is a hotter chamber or blacker scale. In standard deviations of {@link
 * Unknown#range}. Immutable.
 *
 * <p>Forge, gauge and dies are the same in the next heat. The gaps of a stack are new, spread about
 * what is usual in the shop where faces are prepared as these were.
 */
public final class HeatCalibration {
  private static final List<ShopUnknown> OF = List.of(ShopUnknown.values());

  /**
   * How far the gaps of one stack are from what is usual in its shop, in standard deviations over
   * all shops. A guess: one stack in three is off by half as much again, or more.
   */
  private static final double STACK = 0.5;

  /**
   * What is forgotten from one heat to the next, because linings wear and gauges drift. A guess:
   * half in ninety heats.
   */
  private static final double FORGOTTEN = 0.008;

  private static final int MOST_HEATS = 1_000_000;

  /** More than this is not believed of any figure, standard deviations. */
  private static final double FURTHEST = 10;

  /** Figures whose spread is less in some direction cannot have come from heats. */
  private static final double NARROWEST = 1e-9;

  private final int heats;
  private final MatrixStore<Double> middle;
  private final MatrixStore<Double> spread;

  private HeatCalibration(int heats, MatrixStore<Double> middle, MatrixStore<Double> spread) {
    this.heats = heats;
    this.middle = middle;
    this.spread = spread;
  }

  /** Of a shop of which nothing is known. */
  public static HeatCalibration nothing() {
    return new HeatCalibration(0, R064Store.FACTORY.make(OF.size(), 1), beforeAnything());
  }

  /**
   * As it was kept. What is not among the figures is as before anything was learned.
   *
   * @param heats from how many, 0 and more
   * @param of what was kept
   * @param middle of each of them, as {@link #middle} gives it
   * @param spread of each with each, as {@link #spread} gives it
   */
  public static HeatCalibration kept(
      int heats, List<ShopUnknown> of, List<Double> middle, List<List<Double>> spread) {
    Require.number("heats", heats, 0, MOST_HEATS);
    R064Store middles = R064Store.FACTORY.make(OF.size(), 1);
    R064Store spreads = R064Store.FACTORY.copy(beforeAnything());
    Require.list("middle", middle, of.size(), of.size());
    Require.list("spread", spread, of.size(), of.size());
    for (int i = 0; i < of.size(); i++) {
      middles.set(
          OF.indexOf(of.get(i)), 0, Require.number("middle", middle.get(i), -FURTHEST, FURTHEST));
      List<Double> row = Require.list("spread", spread.get(i), of.size(), of.size());
      for (int j = 0; j < row.size(); j++) {
        double each = Require.number("spread", row.get(j), -FURTHEST, FURTHEST);
        spreads.set(OF.indexOf(of.get(i)), OF.indexOf(of.get(j)), each);
      }
    }
    Require.number("spread", narrowest(spreads), NARROWEST, FURTHEST);
    return new HeatCalibration(heats, middles, spreads);
  }

  /** The smallest of the spreads along directions that do not spread together. */
  private static double narrowest(R064Store spread) {
    Eigenvalue<Double> along = Eigenvalue.R064.make(OF.size(), true);
    along.decompose(spread);
    return IntStream.range(0, OF.size())
        .mapToDouble(i -> along.getD().doubleValue(i, i))
        .min()
        .orElseThrow();
  }

  private static R064Store beforeAnything() {
    R064Store spread = R064Store.FACTORY.makeEye(OF.size(), OF.size());
    for (int i = 0; i < OF.size(); i++) {
      if (OF.get(i).isOfTheStack()) {
        spread.set(i, i, 1 - STACK * STACK);
      }
    }
    return spread;
  }

  /** From how many heats. */
  public int heats() {
    return heats;
  }

  /** The middle of one figure, standard deviations from the middle of its range. */
  public double middle(ShopUnknown of) {
    return middle.doubleValue(OF.indexOf(of), 0);
  }

  /** How two figures spread together, in squares of standard deviations. */
  public double spread(ShopUnknown one, ShopUnknown other) {
    return spread.doubleValue(OF.indexOf(one), OF.indexOf(other));
  }

  /** Where 90 in 100 of what a figure may be are; of gaps as they usually are in the shop. */
  public Interval of(ShopUnknown what) {
    double off = Range.AT_95 * Math.sqrt(spread(what, what));
    Range range = what.unknown().range();
    return new Interval(
        range.atScore(middle(what) - off),
        range.atScore(middle(what)),
        range.atScore(middle(what) + off));
  }

  /**
   * The gauge of the forge is corrected by so many degrees more than until now. Before anything was
   * learned that changes nothing: it is as uncertain as any.
   */
  public HeatCalibration corrected(double byK) {
    if (heats == 0) {
      return this;
    }
    ShopUnknown offset = ShopUnknown.CHAMBER_OFFSET;
    Range range = offset.unknown().range();
    R064Store moved = R064Store.FACTORY.copy(middle);
    double left = range.median() - byK;
    moved.add(OF.indexOf(offset), 0, range.score(left));
    return new HeatCalibration(heats, moved, spread);
  }

  /** How the next stack in this forge may be; what is never learned is as always. */
  public List<Sample> ensemble(FacePrep faces) {
    return ensemble(faces, Sample.ensemble());
  }

  /** The same made of other usual samples, of as many as these are. */
  public List<Sample> ensemble(FacePrep faces, List<Sample> usual) {
    if (heats == 0) {
      return usual;
    }
    List<ShopUnknown> shown = shownBy(faces);
    MatrixStore<Double> picked = picked(shown);
    return Scores.of(usual, unknowns(shown))
        .inPairs()
        .matched(picked.multiply(middle), nextStack(picked, shown))
        .in(usual);
  }

  private static List<Unknown> unknowns(List<ShopUnknown> of) {
    return of.stream().map(ShopUnknown::unknown).toList();
  }

  private static List<ShopUnknown> shownBy(FacePrep faces) {
    return OF.stream().filter(each -> each.isOf(faces)).toList();
  }

  /** Picks what a stack shows from all that is learned: a row of zeros and a one for each. */
  private static R064Store picked(List<ShopUnknown> shown) {
    R064Store picked = R064Store.FACTORY.make(shown.size(), OF.size());
    for (int i = 0; i < shown.size(); i++) {
      picked.set(i, OF.indexOf(shown.get(i)), 1);
    }
    return picked;
  }

  private static MatrixStore<Double> inverse(MatrixStore<Double> spread) {
    Cholesky<Double> factored = Cholesky.R064.make();
    factored.decompose(spread);
    return factored.getInverse();
  }

  /** The spread of the next stack: its own gaps are about what is usual. */
  private R064Store nextStack(MatrixStore<Double> picked, List<ShopUnknown> shown) {
    R064Store all = R064Store.FACTORY.copy(picked.multiply(spread).multiply(picked.transpose()));
    for (int i = 0; i < shown.size(); i++) {
      if (shown.get(i).isOfTheStack()) {
        all.add(i, i, STACK * STACK);
      }
    }
    return all;
  }

  /**
   * With what was seen of one more bar.
   *
   * @param bar followed with {@link #ensemble} of this from the beginning
   * @param faces how those of its joints were prepared
   */
  public HeatCalibration after(FollowedBar bar, FacePrep faces) {
    List<ShopUnknown> shown =
        shownBy(faces).stream().filter(each -> bar.shows(each.unknown())).toList();
    MatrixStore<Double> picked = picked(shown);
    MatrixStore<Double> before = nextStack(picked, shown);
    // All that is learned, given one stack: a regression on what that shows (the smoothing step of
    // Rauch, Tung and Striebel 1965, with what the members have come to in place of the later one).
    MatrixStore<Double> gain = spread.multiply(picked.transpose()).multiply(inverse(before));
    Scores scores = bar.scores(unknowns(shown));
    MatrixStore<Double> moved = scores.middle(bar.weights()).subtract(picked.multiply(middle));
    MatrixStore<Double> narrowed = scores.spread(bar.weights()).subtract(before);
    MatrixStore<Double> now = gain.multiply(moved).add(middle);
    MatrixStore<Double> spreadNow = gain.multiply(narrowed).multiply(gain.transpose()).add(spread);
    return new HeatCalibration(
        heats + 1,
        now.multiply(1 - FORGOTTEN),
        spreadNow.multiply(1 - FORGOTTEN).add(beforeAnything().multiply(FORGOTTEN)));
  }
}
